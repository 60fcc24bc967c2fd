import { newId } from '../../../contract/newId'
import { quoted } from '../../../core/change/index'
import type { SearchId, TagId } from '../../../core/ids'
import { useActs } from '../../stores/acts'
import { useDialogs } from '../../stores/dialogs'
import { usePlaceNames } from '../../stores/placeNames'
import type { PlaceAct } from '../act'

/** The folder as a tag, with a kept search for it where the folder stands; asked before whether the folder goes. */
export const makeTag: PlaceAct = {
  id: 'make-tag',
  title: 'Make a tag of it…',
  part: 'shape',
  applies: ({ folder }) => folder !== null,
  run: async ({ folder }) => {
    if (!folder) return
    const { id, name, parentId } = folder
    const acts = useActs()
    const answers = await useDialogs().ask({
      label: 'Make a tag of this folder',
      title: `Make the tag ${quoted(name)} of this folder?`,
      leave: 'Leave it a folder',
      parts: [
        {
          title: 'All documents in it and below get the tag, and a kept search for it stands in its place. The folder',
          choices: [
            { value: 'stay', title: 'stays as it is' },
            { value: 'go', title: 'goes into the Trash; its documents go one level up' },
          ],
          rows: [{ key: 'folder', name: usePlaceNames().placeOf(id)?.text ?? name }],
        },
      ],
    })
    if (!answers) return
    const dissolve = answers.get('folder') === 'go'
    const command = { id, tag: { id: newId<TagId>(), name }, searchId: newId<SearchId>(), dissolve }
    const outcome = await acts.act({ kind: 'folder.tag', ...command })
    if (outcome.ok && dissolve) await navigateTo(parentId === null ? '/plan' : `/plan/${parentId}`)
  },
}
