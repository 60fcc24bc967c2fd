/** Lets the browser download what lies at an address, under the name that the server gives it. */
export function downloadFrom(href: string): void {
  Object.assign(document.createElement('a'), { href, download: '' }).click()
}
