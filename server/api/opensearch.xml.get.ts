import { getRequestURL, setResponseHeader } from 'h3'
import { serverRoutes } from '../../contract/routes/server'
import { route } from '../routing/route'

/** How the browser's address line searches here (OpenSearch 1.1 description document). */
export default route(serverRoutes.openSearch, ({ event }) => {
  const { origin } = getRequestURL(event)
  setResponseHeader(event, 'content-type', 'application/opensearchdescription+xml; charset=utf-8')
  return `<?xml version="1.0" encoding="UTF-8"?>
<OpenSearchDescription xmlns="http://a9.com/-/spec/opensearch/1.1/">
  <ShortName>Hembix</ShortName>
  <Description>Find documents in Hembix</Description>
  <InputEncoding>UTF-8</InputEncoding>
  <Url type="text/html" method="get" template="${origin}/find?q={searchTerms}"/>
</OpenSearchDescription>
`
})
