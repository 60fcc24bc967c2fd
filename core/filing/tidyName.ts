const NO_NAMES = ['scan', 'img', 'image', 'dsc', 'pxl', 'document', 'doc', 'new document']
  .concat(['untitled', 'unbenannt', 'sans titre', 'sin título'])
  .join('|')
const SAYS_NOTHING = new RegExp(String.raw`^(?:${NO_NAMES})?[\s\d_.-]*$`, 'iu')

/**
 * "Berth lease" from "Copy of Berth_lease (final) (2)", "" from "scan 0042": what a machine or a hurry left in a name
 * is taken out.
 */
export function tidyName(name: string): string {
  let tidied = name.replace(/_+/g, ' ')
  for (let before = ''; before !== tidied;) {
    before = tidied
    tidied = tidied
      .replace(/^(?:(?:copy of|kopie von|copie de|copia de|fwd?:|re:|aw:)\s*)+/iu, '')
      .replace(/[\s_-]*(?:\(\d+\)|\((?:final|copy|draft|kopie)\)|[-_ ](?:final|copy|kopie)|v\d+ final)$/iu, '')
      .trim()
  }
  return SAYS_NOTHING.test(tidied) ? '' : tidied
}
