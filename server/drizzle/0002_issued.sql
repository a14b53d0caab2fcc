ALTER TABLE "defects" ADD CONSTRAINT "defects_firm_id" UNIQUE("firm_id","id");--> statement-breakpoint
CREATE TABLE "issued_plans" (
	"firm_id" uuid NOT NULL,
	"id" uuid PRIMARY KEY NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"deleted_at" timestamp with time zone,
	"job_id" uuid NOT NULL,
	"defect_id" uuid NOT NULL,
	"mark" text NOT NULL,
	"system" text NOT NULL,
	"total_min" double precision NOT NULL,
	"start_at" text NOT NULL,
	"core" text NOT NULL,
	"plan" json NOT NULL,
	"state" text DEFAULT 'issued' NOT NULL,
	"issued_by" text NOT NULL,
	"begun_at" timestamp with time zone,
	"begun_by" text
);
--> statement-breakpoint
CREATE TABLE "photos" (
	"firm_id" uuid NOT NULL,
	"id" uuid PRIMARY KEY NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"deleted_at" timestamp with time zone,
	"defect_id" uuid NOT NULL,
	"jpeg" "bytea" NOT NULL,
	"bytes" integer NOT NULL,
	"width_px" integer NOT NULL,
	"height_px" integer NOT NULL,
	"caption" text NOT NULL,
	"taken_at" text,
	"position" jsonb,
	"by" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "issued_plans" ADD CONSTRAINT "issued_plans_firm_id_defect_id_defects_firm_id_id_fk" FOREIGN KEY ("firm_id","defect_id") REFERENCES "public"."defects"("firm_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_firm_id_defect_id_defects_firm_id_id_fk" FOREIGN KEY ("firm_id","defect_id") REFERENCES "public"."defects"("firm_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "issued_of_job" ON "issued_plans" USING btree ("firm_id","job_id");--> statement-breakpoint
CREATE INDEX "photos_of_defect" ON "photos" USING btree ("firm_id","defect_id");--> statement-breakpoint
CREATE FUNCTION "issued_plan_is_kept"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'what an issued plan says is never changed';
END
$$;--> statement-breakpoint
CREATE TRIGGER "issued_plan_is_kept" BEFORE UPDATE ON "issued_plans" FOR EACH ROW
  WHEN (OLD."plan"::text IS DISTINCT FROM NEW."plan"::text OR OLD."core" IS DISTINCT FROM NEW."core" OR OLD."defect_id" IS DISTINCT FROM NEW."defect_id")
  EXECUTE FUNCTION "issued_plan_is_kept"();
