// Where single documents are read: of the plan, or elsewhere, as by a link.

const OWN = '/api/documents'
let base = OWN

/** null: of the plan again. */
export function readDocumentsAt(path: string | null): void {
  base = path ?? OWN
}

export const documentPath = (id: string): string => `${base}/${id}`
