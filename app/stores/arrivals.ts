import type { Device } from '../../contract/arrivals'
import { takeArrivals } from '../api/arrivals'
import { useActs } from './acts'
import { useNotice } from './notice'
import { useDialogs } from './dialogs'
import { refusalOf } from './remote'

/** Takes in what a simulated device or service has; the bottom line says what came. */
export async function fetchFrom(device: Device): Promise<void> {
  const acts = useActs()
  const notices = useNotice()
  try {
    const how: ColleagueHow | null = device === 'colleague' ? await askColleague() : {}
    if (how === null) return
    const { changes } = await takeArrivals(device, how)
    await acts.refresh()
    if (changes.length === 0) return notices.say('Nothing new has come')
    notices.say(
      device === 'mailbox'
        ? `${changes.length === 1 ? '1 message' : `${changes.length} messages`} came, with what was attached`
        : how.folder
          ? 'The colleague handed a folder over: it stands at the top of the plan'
          : `The colleague handed documents over: ${how.as === 'pointers' ? 'pointers to' : 'copies of'} them ` +
            'wait here',
    )
  } catch (error) {
    notices.refuse(refusalOf(error))
  }
}

interface ColleagueHow {
  readonly as?: 'copies' | 'pointers'
  readonly folder?: boolean
}

async function askColleague(): Promise<ColleagueHow | null> {
  const answers = await useDialogs().ask({
    label: 'From a colleague',
    title: 'The evening school hands papers over',
    leave: 'Take nothing',
    parts: [
      {
        title: 'What',
        choices: [
          { value: 'papers', title: 'two loose papers, into the In-tray' },
          { value: 'folder', title: 'their folder, to the top of the plan' },
        ],
        rows: [{ key: 'what', name: 'Take' }],
      },
      {
        title: 'How',
        note: 'The originals stay theirs. A copy is yours to change; a pointer is a link that leads to the original.',
        choices: [
          { value: 'copies', title: 'as copies' },
          { value: 'pointers', title: 'as pointers' },
        ],
        rows: [{ key: 'as', name: 'Keep them' }],
      },
    ],
  })
  return (
    answers && {
      as: answers.get('as') === 'pointers' ? 'pointers' : 'copies',
      folder: answers.get('what') === 'folder',
    }
  )
}
