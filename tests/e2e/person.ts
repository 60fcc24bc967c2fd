// What a person does at the screen, in a few words.

import type { Locator, Page } from '@playwright/test'
import { expect } from '@playwright/test'

let count = 0

const PASSWORD = 'a long enough password'
const nextEmail = () => `person${Date.now()}-${count++}@test.example`

/** A new account with an empty plan, made at the screen. */
export async function signUp(page: Page): Promise<void> {
  await page.goto('/')
  await page.getByRole('button', { name: 'Make a new account instead' }).click()
  await page.getByLabel('E-mail address').fill(nextEmail())
  await page.getByLabel('Password').fill(PASSWORD)
  await page.getByRole('button', { name: 'Make the account' }).click()
  await expect(page.getByRole('heading', { name: 'The plan is empty' })).toBeVisible()
}

/** The same, without the screen: what is looked at comes after it. */
export async function newPerson(page: Page, address = '', name = ''): Promise<{ email: string }> {
  const email = nextEmail()
  const made = await page.request.post(`${address}/api/accounts`, { data: { email, name, password: PASSWORD } })
  expect(made.ok()).toBe(true)
  await page.goto(`${address}/plan`)
  await expect(page.getByRole('heading', { name: 'The plan is empty' })).toBeVisible()
  return { email }
}

/**
 * Waits until something stands on the page, and nothing of it moves, fades or is still being looked for: for a while,
 * since what begins to fade in begins some frames after it is there.
 */
export async function settled(page: Page): Promise<void> {
  await page.evaluate(async () => {
    const [STILL_FRAMES, STILL_MS, PATIENCE_MS] = [6, 150, 20_000]
    const began = performance.now()
    const isMoving = ({ playState, pending, effect }: Animation) =>
      (playState === 'running' || pending) && effect?.getComputedTiming().endTime !== Infinity
    const isStill = () =>
      document.querySelector('h1, h2, form, [role=grid], [role=dialog]') !== null &&
      document.querySelector('.v-progress-circular, .loading') === null &&
      document.querySelector('[class*="-enter-active"], [class*="-leave-active"]') === null &&
      !document.getAnimations().some(isMoving)
    for (let [frames, since] = [0, performance.now()]; frames < STILL_FRAMES || performance.now() - since < STILL_MS;) {
      await new Promise(resolve => requestAnimationFrame(resolve))
      frames = isStill() ? frames + 1 : 0
      if (frames === 0) since = performance.now()
      if (since - began > PATIENCE_MS) throw new Error('The page did not come to rest.')
    }
  })
}

export async function openDemo(page: Page): Promise<void> {
  expect((await page.request.post('/api/session/demo', { data: {} })).ok()).toBe(true)
  await page.goto('/plan')
  await expect(page.getByRole('treeitem').first()).toBeVisible()
}

/** Makes folders from the keyboard, one after the other, in the open place. */
export async function makeFolders(page: Page, names: readonly string[]): Promise<void> {
  await page.keyboard.press('n')
  for (const [index, name] of names.entries()) {
    // Enter begins the next one, and so does its first letter.
    const isTypedOn = index > 0 && index % 2 === 0
    if (index > 0) await page.keyboard.press(isTypedOn ? name.charAt(0) : 'Enter')
    const field = page.getByRole('textbox', { name: /Name of the new folder/ })
    await expect(field).toBeFocused()
    if (isTypedOn) await expect(field).toHaveValue(name.charAt(0))
    await field.fill(name)
    await page.keyboard.press('Enter')
    await expect(page.getByRole('treeitem', { name: new RegExp(name) })).toBeVisible()
    await expect(page.getByText('begins the next folder')).toBeVisible()
  }
  await page.keyboard.press('Escape')
}

export async function openFolder(page: Page, name: string): Promise<void> {
  await treeRow(page, name).click()
  await expect(page.getByRole('heading', { level: 1, name: new RegExp(name) })).toBeVisible()
}

export async function unfold(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name: `Open ${name}` }).click()
}

export async function bringIn(page: Page, files: readonly { name: string; text: string }[]): Promise<void> {
  await page
    .getByLabel('Files to bring in')
    .setInputFiles(
      files.map(({ name, text }) => ({ name, mimeType: 'application/octet-stream', buffer: Buffer.from(text) })),
    )
}

/** Takes hold of something and holds it over something else, at this share of its height; the drop is the asker's. */
export async function hold(page: Page, what: Locator, over: Locator, share = 0.5): Promise<void> {
  const [from, to] = [await what.boundingBox(), await over.boundingBox()]
  if (!from || !to) throw new Error('There is nothing to drag, or nothing to drop it on.')
  await page.mouse.move(from.x + 120, from.y + 14)
  await page.mouse.down()
  await page.mouse.move(from.x + 124, from.y + 18, { steps: 4 })
  await page.mouse.move(to.x + 120, to.y + to.height * share, { steps: 8 })
}

export const treeRow = (page: Page, name: string) => page.getByRole('treeitem', { name: new RegExp(name) })
export const documentRow = (page: Page, name: string) =>
  page.getByRole('grid', { name: 'Documents' }).getByRole('row', { name: new RegExp(name) })
export const bottomLine = (page: Page) => page.locator('footer [role=status]')

/** Opens a field of choices and takes the one that is called so. */
export async function choose(field: Locator, text: string | RegExp): Promise<void> {
  await field.click()
  await field.page().getByRole('option', { name: text, exact: true }).click()
}
