// Standing orders for arrivals.

export const name = '000007_orders'

export const sql = `
CREATE TABLE standing_order (
  id uuid PRIMARY KEY,
  plan_id uuid NOT NULL REFERENCES plan ON DELETE CASCADE,
  name text NOT NULL,
  order_key text COLLATE "C" NOT NULL,
  active boolean NOT NULL,
  order_when jsonb NOT NULL,
  order_then jsonb NOT NULL
);
CREATE INDEX standing_order_plan ON standing_order (plan_id);
ALTER TABLE document ADD COLUMN filed_by uuid;
-- Arrivals that standing orders have looked at: each is looked at once, when its words are read.
CREATE TABLE order_look (document_id uuid PRIMARY KEY REFERENCES document ON DELETE CASCADE);
CREATE INDEX change_orders ON change (plan_id, at) WHERE kind = 'order.set';
`
