import { describe, expect, it } from 'vitest'
import { languageOf } from './language'

describe(languageOf, () => {
  it.each([
    ['The holder pays for the berth in advance and the harbour may move a vessel.', 'en'],
    ['Wir bitten um einen Liegeplatz für die Woche und danken Ihnen mit freundlichen Grüßen von der Mole.', 'de'],
    ['Nous vous prions de réserver une place dans le port pour les deux nuits avec notre bateau.', 'fr'],
    ['Les rogamos que reserven un amarre en el puerto para los días de la regata con nuestro barco.', 'es'],
    ['B7 2026', null],
    ['', null],
  ])('%s is %s', (text, language) => expect(languageOf(text)).toBe(language))
})
