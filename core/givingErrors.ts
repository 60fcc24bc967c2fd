// What is refused where something is given, handed over or locked; a part of the catalogue in core/errors.

export const GIVING_ERRORS = {
  'link.over': { status: 422, message: 'Choose a day that is still to come, or none.' },
  'give.owner': {
    status: 422,
    message: 'This is the owner of the plan, who keeps all of it anyway. Choose somebody else.',
  },
  'people.many': {
    status: 429,
    message: 'Too many addresses were tried within an hour. Try again later, or give a link instead.',
  },
  'give.areasOnly': {
    status: 409,
    message:
      'In this plan nothing is given but areas. Put it into an area, or let anything be given on the page of people.',
  },
  'request.many': { status: 429, message: 'Too many things were requested within an hour. Try again later.' },
  'give.nobody': {
    status: 404,
    message: 'Nobody here has this address. Write it as they sign in with it, or give a link instead.',
  },
  'mail.many': { status: 429, message: 'Too many messages were sent within an hour. Try again later, or give a link.' },
  'mail.large': {
    status: 422,
    message: 'Together that is {size}, and a message takes {limit} at most. Choose fewer documents, or give a link.',
  },
  'mail.locked': {
    status: 422,
    message: '“{name}” is locked, and a message would hold it in clear. Take the lock off first, or choose another.',
  },
  'group.twin': { status: 422, message: 'There is a group “{name}” already. Choose another name.' },
  'handOut.nobody': { status: 422, message: 'There is nobody in “{name}” yet. Take people into it first.' },
  'handOut.many': { status: 422, message: 'These are too many copies at once. Hand out fewer documents.' },
  'handOut.open': {
    status: 422,
    message:
      'Others may read what lies there, so each would see what the rest hand in. Choose a folder that is yours alone.',
  },
  'group.full': { status: 422, message: 'A group holds {limit} people at most. Make another one for the rest.' },
  'right.missing': {
    status: 403,
    message: 'This was given to you without the right to do that. Ask whoever keeps it.',
  },
  'right.personal': {
    status: 403,
    message: 'Stars, pins and kept searches of this plan are its owner’s. Make your own in a plan of yours.',
  },
  'plan.other': { status: 409, message: 'This browser works in another plan now. Load the page again.' },
  'right.elsewhere': {
    status: 403,
    message:
      '“{name}” lies in other places of its owner as well, and would be gone from there too. Ask whoever keeps it.',
  },
  'grant.gone': { status: 404, message: 'This is not given to you, or no longer. Ask whoever keeps it.' },
  'link.passphrase': { status: 401, message: 'This link asks for a passphrase. Whoever gave it to you knows it.' },
  'link.wrong': { status: 403, message: 'That is not the passphrase of this link. Look at how it is written.' },
  'link.throttled': { status: 429, message: 'Too many passphrases were tried. Wait an hour, then try again.' },
  'link.gone': {
    status: 404,
    message: 'This link leads nowhere. It was ended, or its time is over: ask whoever gave it to you.',
  },
  'handOver.self': { status: 422, message: 'It is yours already. Choose somebody else to hand it over to.' },
  'handOver.offered': { status: 409, message: 'It is offered to {name} already. Take that back first.' },
  'handOver.locked': {
    status: 409,
    message: 'Something in it is locked. Whoever gives it takes the lock off first, then it can be handed over.',
  },
  'lock.closed': { status: 403, message: 'It is locked. Unlock it with its passphrase to see what is in it.' },
  'lock.wrong': { status: 403, message: 'That is not the passphrase of this lock. Look at how it is written.' },
  'lock.throttled': { status: 429, message: 'Too many passphrases were tried. Wait an hour, then try again.' },
  'lock.nothing': { status: 409, message: 'All of this is locked already.' },
  'lock.large': { status: 422, message: 'At most 2 GB are locked at once. Lock a smaller folder, or fewer documents.' },
} as const
