import { expect, test } from '@playwright/test'
import { bottomLine, bringIn, documentRow, makeFolders, newPerson, openFolder } from './person'

test('a memo is written, tagged without leaving the text, has versions, and survives a closed window', async ({
  page,
}) => {
  await newPerson(page)
  await makeFolders(page, ['Meetings'])
  await openFolder(page, 'Meetings')
  await page.keyboard.press('w')
  const text = page.getByRole('textbox', { name: 'Memo', exact: true })
  await expect(text).toBeFocused()
  await page.keyboard.type('# Minutes of the committee\n\nThe ladder is to be mended. @@urg')
  await page.getByRole('option', { name: /urg/ }).click()
  await expect(bottomLine(page)).toHaveText('Tagged “Minutes of the committee” with “urg”')
  await page.keyboard.type('And the lamp.')
  await page.reload()
  await expect(page.getByText('And the lamp.')).toBeVisible()
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  await expect(documentRow(page, 'Minutes of the committee')).toContainText('urg')
  // A pause while typing may have made one more.
  await expect(documentRow(page, 'Minutes of the committee')).toContainText(/version [23]/)
  await expect(documentRow(page, 'Minutes of the committee')).not.toContainText('read')
  await page.getByRole('button', { name: /^([23]), the current is \1$/ }).click()
  await page.getByRole('button', { name: 'Compare' }).last().click()
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText('1 line differs')
  await expect(dialog.getByRole('cell', { name: /And the lamp/ })).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Make version 1 current' }).click()
  await expect(bottomLine(page)).toHaveText('Made version 1 of “Minutes of the committee” the current one')
})

test('a memo begins with a pattern, its fields filled in', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Meetings'])
  await openFolder(page, 'Meetings')
  await page.keyboard.press('w')
  await page.getByLabel('Name of the memo').fill('Minutes {date}')
  await page.getByRole('textbox', { name: 'Memo', exact: true }).click()
  await page.keyboard.type('Minutes of {folder} @@pattern')
  await page.getByRole('option', { name: /pattern/ }).click()
  await expect(bottomLine(page)).toContainText('with “pattern”')
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  await expect(documentRow(page, 'Minutes')).toBeVisible()
  await page.getByRole('button', { name: 'Write', exact: true }).click()
  await page.getByText('Memo from “Minutes {date}”').click()
  await expect(page.getByText('Minutes of Meetings')).toBeVisible()
  await expect(page.getByLabel('Name of the memo')).toHaveValue(/Minutes \d{4}-\d\d-\d\d/)
})

test('links are kept, and what is pasted becomes a memo, a link or a picture', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Study'])
  await openFolder(page, 'Study')
  await page.keyboard.press('l')
  await page.getByLabel('Address').fill('javascript:alert(1)')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert')).toContainText('no web address')
  await page.getByLabel('Address').fill('tides.example/2027')
  await page.getByLabel('Title').fill('Tide tables 2027')
  await page.keyboard.press('Enter')
  await expect(documentRow(page, 'Tide tables 2027')).toContainText('uri')
  await documentRow(page, 'Tide tables 2027').click()
  await expect(page.getByRole('link', { name: 'https://tides.example/2027' })).toHaveAttribute(
    'rel',
    'noopener noreferrer',
  )
  const paste = (parts: { text?: string; picture?: boolean }) =>
    page.evaluate(({ text, picture }) => {
      const data = new DataTransfer()
      if (text) data.setData('text/plain', text)
      if (picture) data.items.add(new File([new Uint8Array([137, 80, 78, 71])], 'image.png', { type: 'image/png' }))
      document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))
    }, parts)
  await paste({ text: 'https://weather.example/coast' })
  await expect(documentRow(page, 'weather.example')).toContainText('uri')
  await paste({ text: '## Sea breeze\n\nsets in before noon' })
  await expect(documentRow(page, 'Sea breeze')).toContainText('md')
  await paste({ picture: true })
  await expect(documentRow(page, 'Picture')).toContainText('png')
})

test('several are renamed together, with every name before', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Scans'])
  await openFolder(page, 'Scans')
  await page
    .getByLabel('Files to bring in')
    .setInputFiles(
      ['lease (final)', 'letter (final)'].map(name => ({
        name: `${name}.txt`,
        mimeType: 'text/plain',
        buffer: Buffer.from(name),
      })),
    )
  await expect(documentRow(page, 'letter')).toBeVisible()
  await documentRow(page, 'lease').click()
  await page.keyboard.press('Control+a')
  await page.keyboard.press('F2')
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel(/take out/).check()
  await dialog.getByLabel('By parts').fill('{number} {name}')
  await expect(dialog.getByRole('cell', { name: '01 lease' })).toBeVisible()
  await dialog.getByLabel('Find').fill('(')
  await dialog.getByLabel('regular expression').check()
  await expect(dialog.getByRole('alert')).toContainText('no regular expression')
  await dialog.getByLabel('Find').fill('(a+)+$')
  await expect(dialog.getByRole('alert')).toHaveCount(0)
  await dialog.getByRole('button', { name: /^Rename 2 documents/ }).click()
  await expect(bottomLine(page)).toHaveText('Renamed 2 documents')
  await expect(documentRow(page, '02 letter')).toBeVisible()
})

test('what is deleted for good says what goes, and History is narrowed', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Old', 'New'])
  await openFolder(page, 'Old')
  await page
    .getByLabel('Files to bring in')
    .setInputFiles([{ name: 'paper.txt', mimeType: 'text/plain', buffer: Buffer.from('x') }])
  await expect(documentRow(page, 'paper')).toBeVisible()
  await documentRow(page, 'paper').click()
  await page.keyboard.press('Delete')
  await page.getByRole('link', { name: 'Trash', exact: true }).click()
  await page.getByRole('row', { name: /paper/ }).click()
  await page.keyboard.press('Delete')
  await expect(page.getByRole('dialog')).toContainText('1 document (“paper”) will be gone, with 1 B')
  await page.getByRole('button', { name: 'Delete 1 document for good' }).click()
  await expect(page.getByText('The Trash is empty')).toBeVisible()
  await page.getByRole('link', { name: 'History' }).click()
  await page.getByLabel('Words of what was done').fill('paper')
  await expect(page.locator('.history li')).toHaveCount(3)
  await expect(page.getByRole('button', { name: /Undo: Deleted/ })).toHaveCount(0)
})

test('a bad afternoon is taken back in one go, after looking at what that is', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Leases', 'Dues', 'Notices'])
  await openFolder(page, 'Dues')
  await page.keyboard.press('F2')
  await page.getByLabel('New name of Dues').fill('Rubbish')
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toContainText('to “Rubbish”')
  await page.getByRole('button', { name: 'More acts' }).click()
  await page.getByText('Put into Trash').click()
  await expect(bottomLine(page)).toContainText('into the Trash')
  await page.getByRole('link', { name: 'History' }).click()
  await page
    .getByRole('button', { name: 'Undo everything since: Renamed “Dues” to “Rubbish” in the top of the plan' })
    .click()
  await expect(page.getByRole('dialog').getByRole('listitem')).toHaveCount(2)
  await page.getByRole('button', { name: 'Undo 2 changes' }).click()
  await page.getByRole('link', { name: 'Plan', exact: true }).click()
  await expect(page.getByRole('treeitem', { name: /Dues/ })).toBeVisible()
})

test('a picture is put into a memo by a button, kept beside it, and shown; letters typed at once are not lost', async ({
  page,
}) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await openFolder(page, 'Office')
  await page.keyboard.press('w')
  await page.waitForURL('**/memo/**')
  await page.keyboard.type('The broken cleat\n')
  await expect(page.locator('.cm-content')).toContainText('The broken cleat')
  const png = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  )
  await page
    .getByLabel('Pictures for the memo')
    .setInputFiles({ name: 'cleat.png', mimeType: 'image/png', buffer: png })
  await expect(page.locator('.cm-content')).toContainText('![cleat](/api/documents/')
  await page.getByRole('button', { name: 'Done' }).click()
  await expect(documentRow(page, 'cleat')).toHaveCount(2)
  await documentRow(page, 'broken cleat').click()
  const shown = page.getByLabel('Card').locator('img')
  await expect(shown).toBeVisible()
  expect(await shown.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(1)
})

test('a check list is ticked where the memo is read, with the mouse and with keys', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Meetings'])
  await openFolder(page, 'Meetings')
  await bringIn(page, [{ name: 'To do.md', text: '# To do\n\n- [ ] Order cleats\n- [x] Lift the anchor\n' }])
  await documentRow(page, 'To do').dblclick()
  const ticks = page.locator('.reader').getByRole('checkbox', { name: 'done' })
  await expect(ticks).toHaveCount(2)
  await expect(ticks.nth(0)).not.toBeChecked()
  await ticks.nth(0).click()
  await expect(bottomLine(page)).toContainText('Wrote “To do” in 1 Meetings')
  await expect(ticks.nth(0)).toBeChecked()
  await ticks.nth(1).focus()
  await page.keyboard.press('Space')
  await expect(ticks.nth(1)).not.toBeChecked()
  await page.reload()
  await expect(ticks.nth(0)).toBeChecked()
  await expect(ticks.nth(1)).not.toBeChecked()
})
