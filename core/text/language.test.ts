import { describe, expect, it } from 'vitest'
import { languageOf } from './language'
import { languageName, LANGUAGES } from './languages'

describe(languageOf, () => {
  it.each([
    ['The holder pays for the berth in advance and the harbour may move a vessel.', 'en'],
    ['Wir bitten um einen Liegeplatz für die Woche und danken Ihnen mit freundlichen Grüßen von der Mole.', 'de'],
    ['Nous vous prions de réserver une place dans le port pour les deux nuits avec notre bateau.', 'fr'],
    ['Les rogamos que reserven un amarre en el puerto para los días de la regata con nuestro barco.', 'es'],
    ['La riunione del consiglio con la direzione del porto si terrà venerdì prossimo nella sede.', 'it'],
    ['O conselho do porto reúne-se na sexta-feira para decidir sobre os lugares de atracação.', 'pt'],
    ['Het bestuur vergadert op vrijdag over de ligplaatsen in de haven en over de kosten ervan.', 'nl'],
    ['Bestyrelsen holder møde på fredag om pladserne i havnen og om hvad de skal koste næste år.', 'da'],
    ['Styrelsen sammanträder på fredag om platserna i hamnen och vad de ska kosta nästa år.', 'sv'],
    ['Hallitus kokoontuu perjantaina päättämään sataman laituripaikoista ja niiden hinnoista.', 'fi'],
    ['Zarząd zbiera się w piątek, aby zdecydować o miejscach w porcie i o ich cenach.', 'pl'],
    ['A vezetőség pénteken ülésezik a kikötői helyekről és azok áráról.', 'hu'],
    ['Yönetim kurulu cuma günü limandaki yerler ve fiyatları hakkında toplanıyor.', 'tr'],
    ['Ban quản lý họp vào thứ sáu để quyết định về các chỗ đậu trong cảng.', 'vi'],
    ['Το συμβούλιο συνεδριάζει την Παρασκευή για τις θέσεις στο λιμάνι.', 'el'],
    ['Рада збирається у п’ятницю, щоб вирішити питання про місця в порту та їхні ціни.', 'uk'],
    ['הוועד נפגש ביום שישי כדי להחליט על המקומות בנמל.', 'he'],
    ['คณะกรรมการประชุมวันศุกร์เรื่องที่จอดเรือในท่า', 'th'],
    ['今年の港の会議は金曜日に行われます。', 'ja'],
    ['港口管理委员会将于星期五召开会议', 'zh'],
    ['항구 위원회는 금요일에 회의를 엽니다', 'ko'],
    ['B7 2026', null],
    ['Invoice 2026', null],
    ['', null],
  ])('%s is %s', (text, language) => expect(languageOf(text)).toBe(language))

  it('knows each of its languages by a name of its own', () => {
    expect(new Set(LANGUAGES.map(languageName)).size).toBe(LANGUAGES.length)
  })
})
