// pdfjs, loaded with the first PDF. Its build for this Node.js brings stand-ins for what engines may lack (core-js) and
// puts them in the place of what this engine has, for all readers of the thread; the slower Array.prototype.push alone
// costs a PDF a quarter of its time. So what was there is put back.

import type * as Pdf from 'pdfjs-dist/legacy/build/pdf.mjs'

type Library = typeof Pdf

let loading: Promise<Library> | null = null

export function pdfLibrary(): Promise<Library> {
  return (loading ??= load())
}

async function load(): Promise<Library> {
  const { push } = Array.prototype
  const { parse, stringify } = JSON
  try {
    const library = await import('pdfjs-dist/legacy/build/pdf.mjs')
    // The part that reads, which would be loaded with the first document and bring its own stand-ins.
    await import('pdfjs-dist/legacy/build/pdf.worker.mjs')
    return library
  } finally {
    Object.assign(Array.prototype, { push })
    Object.assign(JSON, { parse, stringify })
  }
}
