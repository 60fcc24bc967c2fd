/** The client went away in the middle of a body. */
export function isLostConnection(error: unknown): boolean {
  return (
    error instanceof Error &&
    'code' in error &&
    ['ECONNRESET', 'ERR_STREAM_PREMATURE_CLOSE', 'ECONNABORTED', 'ABORT_ERR'].includes(String(error.code))
  )
}
