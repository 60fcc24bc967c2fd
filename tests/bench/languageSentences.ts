// Sentences of some languages, for pages that are drawn and recognised.

import { POOLS } from '../../demo/texts'

export const LANGUAGE_SENTENCES = {
  english: Object.values(POOLS)
    .flat()
    .filter(sentence => / the | and /.test(sentence)),
  german: [
    'Der Liegeplatz wird vierteljährlich im Voraus bezahlt, ohne dass eine Rechnung nötig wäre.',
    'Die Größe des Bootes wird am Steg gemessen und in den Vertrag eingetragen.',
    'Übernachtungen von Gästen sind dem Hafenmeister am selben Abend zu melden.',
    'Für Schäden an der Brücke haftet, wer sie verursacht hat, nicht der Verein.',
    'Der Kurs beginnt im Frühjahr, sobald das Wasser wärmer als zwölf Grad ist.',
  ],
  french: [
    'Le loyer de la place est payé au début de chaque trimestre, sans rappel préalable.',
    'L’électricité à quai est mesurée et facturée à son coût réel à la fin du mois.',
    'Les élèves apprennent à nouer une corde et à lire les marées avant de naviguer.',
    'Toute réparation au-dessus de la ligne d’eau doit être annoncée au bureau.',
    'Le résumé de la réunion est envoyé à tous les membres dans les dix jours.',
  ],
  spanish: [
    'El amarre se paga por adelantado cada trimestre, según el tamaño del barco.',
    'La electricidad del muelle se mide y se cobra a su precio a fin de mes.',
    'Los alumnos aprenden a hacer nudos y a leer las mareas antes de salir.',
    'Cualquier daño en el pantalán se comunica a la oficina el mismo día.',
    'El acta de la reunión se envía a todos los socios en diez días.',
  ],
} as const
