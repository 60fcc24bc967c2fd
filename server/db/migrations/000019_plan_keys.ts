// Whatever a client may name with an id of its own is unique within its plan, not within the database: an id never
// tells that somebody else has it, and what belongs together is held together by the plan as well.

export const name = '000019_plan_keys'

export const sql = `
ALTER TABLE folder DROP CONSTRAINT folder_parent_id_fkey, DROP CONSTRAINT folder_meaning_id_fkey;
ALTER TABLE tag DROP CONSTRAINT tag_meaning_id_fkey;
ALTER TABLE version DROP CONSTRAINT version_document_id_fkey, DROP CONSTRAINT version_document_id_number_key;
ALTER TABLE placement DROP CONSTRAINT placement_document_id_fkey, DROP CONSTRAINT placement_folder_id_fkey,
  DROP CONSTRAINT placement_document_id_place_key;
ALTER TABLE tagging DROP CONSTRAINT tagging_tag_id_fkey, DROP CONSTRAINT tagging_target_id_tag_id_key;
ALTER TABLE kept_search DROP CONSTRAINT kept_search_folder_id_fkey;
ALTER TABLE bundle_item DROP CONSTRAINT bundle_item_bundle_id_fkey, DROP CONSTRAINT bundle_item_document_id_fkey,
  DROP CONSTRAINT bundle_item_bundle_id_document_id_key;
ALTER TABLE change DROP CONSTRAINT change_undoes_fkey, DROP CONSTRAINT change_undone_by_fkey;
ALTER TABLE search_row DROP CONSTRAINT search_row_document_id_fkey;
ALTER TABLE name_token DROP CONSTRAINT name_token_document_id_fkey;
ALTER TABLE order_look DROP CONSTRAINT order_look_document_id_fkey;
ALTER TABLE visit DROP CONSTRAINT visit_document_id_fkey;
ALTER TABLE document DROP CONSTRAINT document_meaning_id_fkey;

ALTER TABLE order_look ADD COLUMN plan_id uuid;
UPDATE order_look l SET plan_id = d.plan_id FROM document d WHERE d.id = l.document_id;

-- The plan first, in place of an index of the plan alone: without statistics, as right after a large import, keys
-- would be
-- checked by going through the whole plan in that index.
ALTER TABLE meaning DROP CONSTRAINT meaning_pkey, ADD PRIMARY KEY (plan_id, id);
ALTER TABLE folder DROP CONSTRAINT folder_pkey, ADD PRIMARY KEY (plan_id, id);
ALTER TABLE document DROP CONSTRAINT document_pkey, ADD PRIMARY KEY (plan_id, id);
ALTER TABLE tag DROP CONSTRAINT tag_pkey, ADD PRIMARY KEY (plan_id, id);
ALTER TABLE kept_search DROP CONSTRAINT kept_search_pkey, ADD PRIMARY KEY (plan_id, id);
ALTER TABLE bundle DROP CONSTRAINT bundle_pkey, ADD PRIMARY KEY (plan_id, id);
ALTER TABLE standing_order DROP CONSTRAINT standing_order_pkey, ADD PRIMARY KEY (plan_id, id);
ALTER TABLE change DROP CONSTRAINT change_pkey, ADD PRIMARY KEY (plan_id, id);
ALTER TABLE draft DROP CONSTRAINT draft_pkey, ADD PRIMARY KEY (plan_id, id);
ALTER TABLE skeleton DROP CONSTRAINT skeleton_pkey, ADD PRIMARY KEY (plan_id, id);
DROP INDEX meaning_plan, folder_plan, document_plan, kept_search_plan, bundle_plan, standing_order_plan;
ALTER TABLE long_act DROP CONSTRAINT long_act_pkey, ADD PRIMARY KEY (change_id, plan_id);
ALTER TABLE search_row DROP CONSTRAINT search_row_pkey, ADD PRIMARY KEY (document_id, plan_id);
ALTER TABLE visit DROP CONSTRAINT visit_pkey, ADD PRIMARY KEY (document_id, plan_id);
ALTER TABLE order_look DROP CONSTRAINT order_look_pkey, ADD PRIMARY KEY (document_id, plan_id);
-- Searches look documents up by their id alone, whatever statistics say of the plan.
CREATE INDEX document_id ON document (id);
DROP INDEX name_token_document;
CREATE INDEX name_token_document ON name_token (document_id, plan_id);

ALTER TABLE folder
  ADD FOREIGN KEY (parent_id, plan_id) REFERENCES folder (id, plan_id) DEFERRABLE INITIALLY DEFERRED,
  ADD FOREIGN KEY (meaning_id, plan_id) REFERENCES meaning (id, plan_id) DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE document ADD FOREIGN KEY (meaning_id, plan_id) REFERENCES meaning (id, plan_id)
  DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE tag ADD FOREIGN KEY (meaning_id, plan_id) REFERENCES meaning (id, plan_id) DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE version
  ADD FOREIGN KEY (document_id, plan_id) REFERENCES document (id, plan_id) DEFERRABLE INITIALLY DEFERRED,
  ADD UNIQUE (document_id, plan_id, number) DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE placement
  ADD FOREIGN KEY (document_id, plan_id) REFERENCES document (id, plan_id) DEFERRABLE INITIALLY DEFERRED,
  ADD FOREIGN KEY (folder_id, plan_id) REFERENCES folder (id, plan_id) DEFERRABLE INITIALLY DEFERRED,
  ADD UNIQUE (document_id, plan_id, place) DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE tagging
  ADD FOREIGN KEY (tag_id, plan_id) REFERENCES tag (id, plan_id) DEFERRABLE INITIALLY DEFERRED,
  ADD UNIQUE (target_id, plan_id, tag_id) DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE kept_search ADD FOREIGN KEY (folder_id, plan_id) REFERENCES folder (id, plan_id)
  DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE bundle_item
  ADD FOREIGN KEY (bundle_id, plan_id) REFERENCES bundle (id, plan_id) DEFERRABLE INITIALLY DEFERRED,
  ADD FOREIGN KEY (document_id, plan_id) REFERENCES document (id, plan_id) DEFERRABLE INITIALLY DEFERRED,
  ADD UNIQUE (bundle_id, plan_id, document_id) DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE change
  ADD FOREIGN KEY (undoes, plan_id) REFERENCES change (id, plan_id),
  ADD FOREIGN KEY (undone_by, plan_id) REFERENCES change (id, plan_id);
ALTER TABLE search_row ADD FOREIGN KEY (document_id, plan_id) REFERENCES document (id, plan_id) ON DELETE CASCADE;
ALTER TABLE name_token ADD FOREIGN KEY (document_id, plan_id) REFERENCES document (id, plan_id) ON DELETE CASCADE;
ALTER TABLE order_look ADD FOREIGN KEY (document_id, plan_id) REFERENCES document (id, plan_id) ON DELETE CASCADE;
ALTER TABLE visit ADD FOREIGN KEY (document_id, plan_id) REFERENCES document (id, plan_id) ON DELETE CASCADE;
`
