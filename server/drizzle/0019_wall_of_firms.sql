ALTER TABLE "areas" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "changes" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "defects" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "issued_plans" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "jobs" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "kept_days" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "offer_terms" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "offers" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "photos" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "product_versions" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "products" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "stock" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE POLICY "firm_wall" ON "areas" AS PERMISSIVE FOR ALL TO public USING (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid) WITH CHECK (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid);--> statement-breakpoint
CREATE POLICY "firm_wall" ON "changes" AS PERMISSIVE FOR ALL TO public USING (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid) WITH CHECK (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid);--> statement-breakpoint
CREATE POLICY "firm_wall" ON "defects" AS PERMISSIVE FOR ALL TO public USING (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid) WITH CHECK (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid);--> statement-breakpoint
CREATE POLICY "firm_wall" ON "issued_plans" AS PERMISSIVE FOR ALL TO public USING (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid) WITH CHECK (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid);--> statement-breakpoint
CREATE POLICY "firm_wall" ON "jobs" AS PERMISSIVE FOR ALL TO public USING (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid) WITH CHECK (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid);--> statement-breakpoint
CREATE POLICY "firm_wall" ON "kept_days" AS PERMISSIVE FOR ALL TO public USING (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid) WITH CHECK (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid);--> statement-breakpoint
CREATE POLICY "firm_wall" ON "offer_terms" AS PERMISSIVE FOR ALL TO public USING (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid) WITH CHECK (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid);--> statement-breakpoint
CREATE POLICY "firm_wall" ON "offers" AS PERMISSIVE FOR ALL TO public USING (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid) WITH CHECK (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid);--> statement-breakpoint
CREATE POLICY "firm_wall" ON "photos" AS PERMISSIVE FOR ALL TO public USING (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid) WITH CHECK (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid);--> statement-breakpoint
CREATE POLICY "firm_wall" ON "product_versions" AS PERMISSIVE FOR ALL TO public USING (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid) WITH CHECK (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid);--> statement-breakpoint
CREATE POLICY "firm_wall" ON "products" AS PERMISSIVE FOR ALL TO public USING (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid) WITH CHECK (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid);--> statement-breakpoint
CREATE POLICY "firm_wall" ON "stock" AS PERMISSIVE FOR ALL TO public USING (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid) WITH CHECK (firm_id = nullif(current_setting('oddment.firm', true), '')::uuid);