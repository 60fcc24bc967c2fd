// Folders that are areas, plans in which nothing is given but areas, and documents that are kept first in their folder.

export const name = '000028_areas'

export const sql = `
ALTER TABLE plan ADD COLUMN areas_only boolean NOT NULL DEFAULT false;
ALTER TABLE folder ADD COLUMN area boolean NOT NULL DEFAULT false;
ALTER TABLE placement ADD COLUMN first boolean NOT NULL DEFAULT false;
-- The few of a folder that are kept first are asked for with each of its pages.
CREATE INDEX placement_first ON placement (plan_id, place) WHERE first;
`
