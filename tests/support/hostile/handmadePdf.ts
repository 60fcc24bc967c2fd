// A PDF written by hand, with its table of objects.

/** One page whose content is given; more objects may be added and named as resources. */
export function handmade(
  content: string,
  {
    resources = '',
    objects = [],
    box = '0 0 595 842',
  }: { resources?: string; objects?: readonly string[]; box?: string } = {},
): Buffer {
  const all = [
    '<< /Type /Catalog /Pages 2 0 R >>',
    '<< /Type /Pages /Kids [3 0 R] /Count 1 >>',
    `<< /Type /Page /Parent 2 0 R /MediaBox [${box}] /Contents 4 0 R /Resources << ${resources} >> >>`,
    `<< /Length ${content.length} >>\nstream\n${content}\nendstream`,
    ...objects,
  ]
  let text = '%PDF-1.4\n'
  const offsets = all.map((object, index) => {
    const at = text.length
    text += `${index + 1} 0 obj\n${object}\nendobj\n`
    return at
  })
  const table = text.length
  return Buffer.from(
    `${text}xref\n0 ${all.length + 1}\n0000000000 65535 f ` +
      `\n${offsets.map(at => `${String(at).padStart(10, '0')} 00000 n \n`).join('')}trailer\n<< /Size ` +
      `${all.length + 1} /Root 1 0 R >>\nstartxref\n${table}\n%%EOF\n`,
    'latin1',
  )
}
