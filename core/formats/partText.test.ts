import { describe, expect, it } from 'vitest'
import { messageOf, rowsOfSheet } from './partText'

describe(rowsOfSheet, () => {
  it('gives rows and cells without the name of the sheet', () => {
    expect(rowsOfSheet('Dues\nBerth\tSum\n\t412', 'Dues')).toEqual([
      ['Berth', 'Sum'],
      ['', '412'],
    ])
    expect(rowsOfSheet('Dues\t1', 'Dues')).toEqual([['Dues', '1']])
  })
})

describe(messageOf, () => {
  it('takes subject, headers and text apart', () => {
    expect(
      messageOf('Re: berths\n\nFrom: Ada <a@b.example>\nDate: 2026-03-02\n\nTo: whom it may concern\nyes'),
    ).toEqual({
      subject: 'Re: berths',
      headers: [
        { label: 'From', value: 'Ada <a@b.example>' },
        { label: 'Date', value: '2026-03-02' },
      ],
      text: 'To: whom it may concern\nyes',
    })
  })

  it('takes a message without headers', () => {
    expect(messageOf('\n\n\nonly words')).toEqual({ subject: '', headers: [], text: 'only words' })
    expect(messageOf('Subject alone')).toEqual({ subject: 'Subject alone', headers: [], text: '' })
  })
})
