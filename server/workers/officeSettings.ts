// What the office suite may not do while it sets a stranger's document as pages: run what is in it, fetch what it links
// to, or reach anything through the network.

const item = (path: string, name: string, value: string) =>
  `<item oor:path="/org.openoffice.${path}">` +
  `<prop oor:name="${name}" oor:op="fuse"><value>${value}</value></prop></item>`

/** A file of its settings (registrymodifications.xcu). */
export const SETTINGS = `<?xml version="1.0" encoding="UTF-8"?>
<oor:items xmlns:oor="http://openoffice.org/2001/registry" xmlns:xs="http://www.w3.org/2001/XMLSchema"
  xmlns:xsi="http://www.w3.org/2001/XMLSchema-instance">
${[
  item('Office.Common/Security/Scripting', 'MacroSecurityLevel', '3'),
  item('Office.Common/Security/Scripting', 'DisableMacrosExecution', 'true'),
  item('Office.Common/Security/Scripting', 'BlockUntrustedRefererLinks', 'true'),
  item('Office.Common/Security/Scripting', 'DisableActiveContent', 'true'),
  item('Office.Writer/Content/Update', 'Link', '0'),
  item('Office.Calc/Content/Update', 'Link', '2'),
  // A proxy that answers nothing: port 9 of this machine.
  item('Inet/Settings', 'ooInetProxyType', '1'),
  ...['HTTP', 'HTTPS'].flatMap(scheme => [
    item('Inet/Settings', `ooInet${scheme}ProxyName`, '127.0.0.1'),
    item('Inet/Settings', `ooInet${scheme}ProxyPort`, '9'),
  ]),
].join('\n')}
</oor:items>
`
