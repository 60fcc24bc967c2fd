// A few words and a recording, straight into the In-tray from wherever one is.

import { expect, test } from '@playwright/test'
import { bottomLine, newPerson } from './person'

test('words are typed and sound is recorded straight into the In-tray, and played in the reader', async ({ page }) => {
  await page.context().grantPermissions(['microphone'])
  await newPerson(page)
  await page.keyboard.press('.')
  await page.getByRole('combobox', { name: 'Go to or do' }).pressSequentially('jot')
  await page.keyboard.press('Enter')
  const sheet = page.getByRole('dialog', { name: 'Jot down' })
  await expect(sheet.getByRole('button', { name: /Keep/ })).toBeDisabled()
  await sheet.getByLabel('A few words').fill('Ask Orla about the cleats')
  await sheet.getByRole('button', { name: 'Record' }).click()
  await expect(sheet.getByText(/recording, 0:0[1-9]/)).toBeVisible()
  await sheet.getByRole('button', { name: 'Stop' }).click()
  await expect(sheet.getByText(/recording\.(weba|ogg)/)).toBeVisible()
  await page.keyboard.press('Control+Enter')
  await expect(sheet).toHaveCount(0)
  await expect(bottomLine(page)).toContainText('to the In-tray')
  await page.getByRole('link', { name: /In-tray/ }).click()
  const waiting = page.getByRole('grid', { name: 'Waiting documents' }).getByRole('row')
  await expect(waiting).toHaveCount(2)
  await expect(waiting.filter({ hasText: 'Ask Orla about the cleats' })).toHaveCount(1)
  await waiting
    .filter({ hasText: /recording$/ })
    .or(waiting.filter({ hasText: /recording/ }))
    .first()
    .dblclick()
  const sound = page.locator('audio')
  await expect(sound).toBeVisible()
  await expect.poll(() => sound.evaluate(one => (one as HTMLAudioElement).readyState)).toBeGreaterThan(0)
})
