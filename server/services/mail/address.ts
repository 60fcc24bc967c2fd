/** Where people open this Hembix: under the first of its names, else on this machine; without a slash at the end. */
export function publicAddress(): string {
  const [name = ''] = (process.env.HEMBIX_NAMES ?? '').split(',').map(one => one.trim())
  return name === '' ? `http://127.0.0.1:${process.env.PORT ?? '3000'}` : `https://${name}`
}
