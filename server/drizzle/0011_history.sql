ALTER TABLE "changes" ADD COLUMN "turn" bigint NOT NULL GENERATED ALWAYS AS IDENTITY (sequence name "changes_turn_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1);--> statement-breakpoint
ALTER TABLE "changes" ADD COLUMN "what" jsonb;--> statement-breakpoint
CREATE INDEX "changes_of" ON "changes" USING btree ("firm_id","entity_id","turn");