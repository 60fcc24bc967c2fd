// A few sentences and a picture for each thing that has to be understood once. Shown beside the thing by its "?", the
// first time by itself, and all together on the page Help.

import { useStorage } from '@vueuse/core'

/** A line of a picture: as the outline, a register or the hand would show it. */
export interface DrawnLine {
  readonly text: string
  readonly depth?: number
  readonly code?: string
  /** Which of the inks of a new colour key stands at its edge. */
  readonly ink?: 'green' | 'blue' | 'rose'
  /** At its end: a count, a place, an act. */
  readonly end?: string
  /** As the hand is drawn. */
  readonly dark?: boolean
  readonly tags?: readonly string[]
}

export interface HelpTopic {
  readonly title: string
  readonly text: readonly string[]
  readonly picture: readonly DrawnLine[]
}

export const HELP = {
  plan: {
    title: 'Plan and folder',
    text: [
      'The plan is everything you have, in folders. A folder has a name, may have a number and a colour, and ' +
        'says in its purpose what belongs there.',
      'Folders lie in folders, as deep as you like. Three levels are mostly enough; what cuts across them is ' +
        'better a tag.',
    ],
    picture: [
      { code: '1', text: 'Quay office', ink: 'green', end: '136' },
      { code: '1.1', text: 'Berth leases', depth: 1, ink: 'green', end: '38' },
      { code: '1.2', text: 'Dues and invoices', depth: 1, ink: 'green', end: '42' },
      { code: '2', text: 'Ropework class', ink: 'blue', end: '54' },
    ],
  },
  number: {
    title: 'Number and code',
    text: [
      'A number is not part of the name. It is given in order, or held fixed where you want 9 to be the archive ' +
        'for ever; the code 2.3.1 is made of the numbers on the way.',
      'Lay a folder elsewhere, and the codes below it follow. Saved files and ZIPs carry them before the name.',
    ],
    picture: [
      { code: '2', text: 'Ropework class', ink: 'blue' },
      { code: '2.1', text: 'Handouts', depth: 1, ink: 'blue' },
      { code: '2.2', text: 'Attendance', depth: 1, ink: 'blue' },
      { code: '9', text: 'Archive', end: 'held fixed' },
    ],
  },
  colour: {
    title: 'Colour and its meaning',
    text: [
      'A colour stands for something: the office, teaching, what is urgent. The colour key says what. Folders ' +
        'take the colour of their parent until you give them one.',
      'Change the colour in the key, and it changes wherever it is used. Click a meaning at the foot of the page ' +
        'to see where it lies.',
    ],
    picture: [
      { code: '1', text: 'Quay office', ink: 'green', end: 'Office' },
      { code: '1.3', text: 'Safety notices', depth: 1, ink: 'rose', end: 'Urgent' },
      { code: '1.4', text: 'Suppliers', depth: 1, ink: 'green', end: 'as its parent' },
    ],
  },
  'in-tray': {
    title: 'In-tray',
    text: [
      'Here lies what has no place yet, and nothing else. Look at it, name it, choose one of the suggested ' +
        'places with 1, 2 or 3, and press Enter: the next one is there.',
      'Suggestions come from what lies where, and say why. An empty In-tray means that all is filed.',
    ],
    picture: [
      { text: 'invoice_88213.pdf', end: 'came by mail' },
      { text: '2026-11-14 Invoice Harl & Dow', end: '1.2 Dues and invoices', ink: 'green' },
    ],
  },
  places: {
    title: 'Several places',
    text: [
      'A document can be filed in several folders. It is one document: a change is seen in all of them, and ' +
        'taking it out of one leaves the others.',
      'The first place is its home. To delete it everywhere, put it into the Trash.',
    ],
    picture: [
      { text: 'Berth lease, pontoon 3', end: '1.1 Berth leases', ink: 'green' },
      { text: 'the same', depth: 1, end: '5 Regatta 2027', ink: 'rose' },
    ],
  },
  hand: {
    title: 'The hand',
    text: [
      'Pick up documents and folders with X, go anywhere, and pick up more. They stay where they are until you ' +
        'put them down: moved, copied, or filed there as well.',
      'What is in hand stays there when you close the window. Esc or “Let go” changes nothing.',
    ],
    picture: [
      { code: '1.1', text: 'Berth leases', depth: 1, ink: 'green' },
      { text: 'In hand: 3 documents', end: 'Move to 1.1 · Copy · File here as well', dark: true },
    ],
  },
  tag: {
    title: 'Tag, folder or colour?',
    text: [
      'A folder is where a thing lies: one looks for it there. A tag is a word on it, across all folders: ' +
        '“signed”, “needs an answer”. A colour is what a whole branch stands for.',
      'If you would make the same folder in many places, it is a tag. If a tag is on everything in one folder, ' +
        'it is a folder.',
    ],
    picture: [
      { text: 'Berth lease, pontoon 11', tags: ['signed'], end: '1.1', ink: 'green' },
      { text: 'Sail loft quotation', tags: ['needs an answer'], end: '4.2', ink: 'rose' },
    ],
  },
  kept: {
    title: 'Kept search and bundle',
    text: [
      'A kept search finds anew each time: what fits tomorrow is in it tomorrow. It can be shown in a folder.',
      'A bundle is a set that you put together yourself, in your order, with a note: for a meeting, for an ' +
        'application. Its documents stay where they are filed.',
    ],
    picture: [
      { text: 'Signed this year', end: 'kept search, finds 14' },
      { text: 'For Monday’s committee', end: 'bundle, 5 documents' },
    ],
  },
  orders: {
    title: 'Standing order',
    text: [
      'A standing order deals with arrivals by itself: what comes from this sender, of this type, with these ' +
        'words, is named, tagged and filed there.',
      'What it would have done with the last arrivals is shown before it is switched on. Each of its acts stands ' +
        'in History and can be undone.',
    ],
    picture: [
      { text: 'from “Harl & Dow”, PDF', end: 'when' },
      { text: 'name it by date, tag it, file it in 1.2', end: 'then', tags: ['invoice'] },
    ],
  },
  give: {
    title: 'Giving',
    text: [
      'A folder with all below, also what is filed there later, or one document is given to people and groups: ' +
        'to read, to add to, or to change. By a link whoever has its address may read, without an account.',
      'Nothing above or beside it is seen. The card says who may what and why; “Given out” lists everything, and ' +
        'what is ticked there is taken back. Groups are made under “People”.',
      'A copy can be given instead: into the In-tray of people here, or by mail to any address. It is theirs, and ' +
        'History says whom it went to.',
      'What is to be somebody else’s for good is handed over: they take it over with all that belongs to it, and you ' +
        'keep what you agreed on.',
    ],
    picture: [
      { code: '2.2', text: 'Handouts', ink: 'blue', end: 'Evening class may read' },
      { code: '2.2.1', text: 'Knots', depth: 1, ink: 'blue', end: 'by 2.2 Handouts' },
      { code: '2.3', text: 'Attendance', ink: 'blue', end: 'only you' },
    ],
  },
  areas: {
    title: 'Areas',
    text: [
      'An area is a folder in which things are put for others. Who may what there is given once; whoever may add ' +
        'puts something in from anywhere, by choosing the area.',
      'Into an area of one’s own a document is filed as well; into one of another goes a copy. What matters most ' +
        'is kept first, for everyone who sees it.',
    ],
    picture: [
      { code: '2.2', text: 'Handouts', ink: 'blue', end: 'area, Evening class may read' },
      { text: 'Splices', depth: 1, ink: 'blue', end: 'kept first' },
      { text: 'Whippings', depth: 1, ink: 'blue' },
    ],
  },
  lock: {
    title: 'Lock',
    text: [
      'A lock seals what is in documents with a passphrase. Names and places stay visible; contents, words and ' +
        'small pictures do not, for nobody, and the server keeps them sealed as well.',
      'Unlocking opens it for a quarter of an hour, in your browser alone. A folder that is locked seals what ' +
        'comes into it. A forgotten passphrase cannot be mended.',
    ],
    picture: [
      { code: '1.4', text: 'Staff matters', ink: 'green', end: 'locked' },
      { text: 'Pay of the season', depth: 1, ink: 'green', end: 'locked' },
      { text: 'Notice from Sanna', depth: 1, ink: 'green', end: 'locked' },
    ],
  },
} as const satisfies Readonly<Record<string, HelpTopic>>

export type HelpId = keyof typeof HELP

/** What was met already in this browser. */
export const metTopics = () => useStorage<string[]>('hembix.help', [], localStorage, { writeDefaults: false })
