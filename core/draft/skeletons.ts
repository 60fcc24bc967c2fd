// Skeletons that ship with Hembix, in the notation of drafts.

export interface ShippedSkeleton {
  readonly id: string
  readonly name: string
  readonly about: string
  readonly outline: string
}

export const SKELETONS: readonly ShippedSkeleton[] = [
  {
    id: 'school-term',
    name: 'A school term',
    about: 'Weeks, subjects and what a term needs besides.',
    outline: `Term -- rename it to the term it is for
	Timetable and dates -- the week's plan, holidays, parents' evenings
	Weeks
		Week {01..12}
	{Language, Mathematics, Science, History}
		Lessons
		Worksheets
		Tests -- papers, keys and marks
	Reports -- what is written at the end of the term
	Letters home`,
  },
  {
    id: 'course',
    name: 'A course with units',
    about: 'For teaching it or for taking it.',
    outline: `Course
	#0 About the course -- syllabus, dates, rules
	Unit {1..6}
		Material
		Exercises
		Own notes
	Reading
	Assessment -- tasks, hand-ins, marks
	#- Loose papers -- what has no unit yet`,
  },
  {
    id: 'household',
    name: 'A household',
    about: 'Home, money, health, the law, and the things one owns.',
    outline: `Home -- contract, meters, repairs
	Contract
	Energy and water
	Repairs
Money
	Bank
	Taxes
		{2025..2027}
	Insurance
	Receipts -- only what may be needed again
Health
	Findings
	Invoices
Papers of persons -- passports, certificates, wills
Car and bicycles
Devices -- manuals and guarantees
Holidays`,
  },
  {
    id: 'project-office',
    name: 'A project office',
    about: 'One project from the order to its end.',
    outline: `Project
	#00 Steering -- order, goals, decisions
		Contract
		Minutes
	#10 Planning
		Schedule
		Budget
	#20 Work
		Drafts
		Results
	#30 Partners and suppliers
		Offers
		Invoices
	#40 Reviews -- checks and tests
	#90 Handover -- what is given away at the end`,
  },
  {
    id: 'office-year',
    name: 'A year of office paperwork',
    about: 'Twelve months of post and accounts.',
    outline: `2026
	Accounts
		{2026-01-01..2026-12-31 by month}
			Invoices sent
			Invoices received
			Bank
	Post
		Received
		Sent
	Staff
	Authorities
	Meetings
		{2026-01-01..2026-12-31 by quarter}
	Year end -- statements and returns`,
  },
]
