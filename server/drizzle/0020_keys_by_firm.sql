-- The key of each table begins with the firm. What refers to a key is taken off before it changes, and put back.
ALTER TABLE "areas" DROP CONSTRAINT "areas_firm_id_job_id_jobs_firm_id_id_fk";--> statement-breakpoint
ALTER TABLE "defects" DROP CONSTRAINT "defects_firm_id_area_id_areas_firm_id_id_fk";--> statement-breakpoint
ALTER TABLE "issued_plans" DROP CONSTRAINT "issued_plans_firm_id_defect_id_defects_firm_id_id_fk";--> statement-breakpoint
ALTER TABLE "photos" DROP CONSTRAINT "photos_firm_id_defect_id_defects_firm_id_id_fk";--> statement-breakpoint
ALTER TABLE "photos" DROP CONSTRAINT "photos_firm_id_area_id_areas_firm_id_id_fk";--> statement-breakpoint
ALTER TABLE "kept_days" DROP CONSTRAINT "kept_days_firm_id_job_id_jobs_firm_id_id_fk";--> statement-breakpoint
ALTER TABLE "offers" DROP CONSTRAINT "offers_firm_id_job_id_jobs_firm_id_id_fk";--> statement-breakpoint
ALTER TABLE "jobs" DROP CONSTRAINT "jobs_firm_id";--> statement-breakpoint
ALTER TABLE "areas" DROP CONSTRAINT "areas_firm_id";--> statement-breakpoint
ALTER TABLE "defects" DROP CONSTRAINT "defects_firm_id";--> statement-breakpoint
ALTER TABLE "jobs" DROP CONSTRAINT "jobs_pkey", ADD CONSTRAINT "jobs_firm_id_id_pk" PRIMARY KEY("firm_id","id");--> statement-breakpoint
ALTER TABLE "areas" DROP CONSTRAINT "areas_pkey", ADD CONSTRAINT "areas_firm_id_id_pk" PRIMARY KEY("firm_id","id");--> statement-breakpoint
ALTER TABLE "defects" DROP CONSTRAINT "defects_pkey", ADD CONSTRAINT "defects_firm_id_id_pk" PRIMARY KEY("firm_id","id");--> statement-breakpoint
ALTER TABLE "photos" DROP CONSTRAINT "photos_pkey", ADD CONSTRAINT "photos_firm_id_id_pk" PRIMARY KEY("firm_id","id");--> statement-breakpoint
ALTER TABLE "products" DROP CONSTRAINT "products_pkey", ADD CONSTRAINT "products_firm_id_id_pk" PRIMARY KEY("firm_id","id");--> statement-breakpoint
ALTER TABLE "stock" DROP CONSTRAINT "stock_pkey", ADD CONSTRAINT "stock_firm_id_id_pk" PRIMARY KEY("firm_id","id");--> statement-breakpoint
ALTER TABLE "kept_days" DROP CONSTRAINT "kept_days_pkey", ADD CONSTRAINT "kept_days_firm_id_id_pk" PRIMARY KEY("firm_id","id");--> statement-breakpoint
ALTER TABLE "offers" DROP CONSTRAINT "offers_pkey", ADD CONSTRAINT "offers_firm_id_id_pk" PRIMARY KEY("firm_id","id");--> statement-breakpoint
ALTER TABLE "issued_plans" DROP CONSTRAINT "issued_plans_pkey", ADD CONSTRAINT "issued_plans_firm_id_id_pk" PRIMARY KEY("firm_id","id");--> statement-breakpoint
ALTER TABLE "product_versions" DROP CONSTRAINT "product_versions_product_id_version_pk", ADD CONSTRAINT "product_versions_firm_id_product_id_version_pk" PRIMARY KEY("firm_id","product_id","version");--> statement-breakpoint
ALTER TABLE "areas" ADD CONSTRAINT "areas_firm_id_job_id_jobs_firm_id_id_fk" FOREIGN KEY ("firm_id","job_id") REFERENCES "public"."jobs"("firm_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "defects" ADD CONSTRAINT "defects_firm_id_area_id_areas_firm_id_id_fk" FOREIGN KEY ("firm_id","area_id") REFERENCES "public"."areas"("firm_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "issued_plans" ADD CONSTRAINT "issued_plans_firm_id_defect_id_defects_firm_id_id_fk" FOREIGN KEY ("firm_id","defect_id") REFERENCES "public"."defects"("firm_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_firm_id_defect_id_defects_firm_id_id_fk" FOREIGN KEY ("firm_id","defect_id") REFERENCES "public"."defects"("firm_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_firm_id_area_id_areas_firm_id_id_fk" FOREIGN KEY ("firm_id","area_id") REFERENCES "public"."areas"("firm_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "kept_days" ADD CONSTRAINT "kept_days_firm_id_job_id_jobs_firm_id_id_fk" FOREIGN KEY ("firm_id","job_id") REFERENCES "public"."jobs"("firm_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "offers" ADD CONSTRAINT "offers_firm_id_job_id_jobs_firm_id_id_fk" FOREIGN KEY ("firm_id","job_id") REFERENCES "public"."jobs"("firm_id","id") ON DELETE no action ON UPDATE no action;
