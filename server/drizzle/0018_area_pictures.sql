ALTER TABLE "photos" ALTER COLUMN "defect_id" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "defects" ADD COLUMN "spot" jsonb;--> statement-breakpoint
ALTER TABLE "photos" ADD COLUMN "area_id" uuid;--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_firm_id_area_id_areas_firm_id_id_fk" FOREIGN KEY ("firm_id","area_id") REFERENCES "public"."areas"("firm_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "photos_of_area" ON "photos" USING btree ("firm_id","area_id");--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_of_one" CHECK (num_nonnulls("photos"."defect_id", "photos"."area_id") = 1);