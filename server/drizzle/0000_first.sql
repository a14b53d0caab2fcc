CREATE TABLE "accounts" (
	"id" uuid PRIMARY KEY NOT NULL,
	"firm_id" uuid NOT NULL,
	"login" text NOT NULL,
	"name" text NOT NULL,
	"role" text NOT NULL,
	"password_hash" text NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	CONSTRAINT "accounts_login" UNIQUE("login")
);
--> statement-breakpoint
CREATE TABLE "areas" (
	"firm_id" uuid NOT NULL,
	"id" uuid PRIMARY KEY NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"deleted_at" timestamp with time zone,
	"job_id" uuid NOT NULL,
	"position" integer DEFAULT 0 NOT NULL,
	"name" text NOT NULL,
	"facts" jsonb NOT NULL,
	CONSTRAINT "areas_firm_id" UNIQUE("firm_id","id")
);
--> statement-breakpoint
CREATE TABLE "changes" (
	"firm_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"account_id" uuid NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"entity" text NOT NULL,
	"entity_id" uuid NOT NULL,
	"action" text NOT NULL,
	CONSTRAINT "changes_firm_id_id_pk" PRIMARY KEY("firm_id","id")
);
--> statement-breakpoint
CREATE TABLE "defects" (
	"firm_id" uuid NOT NULL,
	"id" uuid PRIMARY KEY NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"deleted_at" timestamp with time zone,
	"area_id" uuid NOT NULL,
	"position" integer DEFAULT 0 NOT NULL,
	"kind" text NOT NULL,
	"mark" text NOT NULL,
	"facts" jsonb NOT NULL,
	"confirmed" jsonb NOT NULL,
	"choice" jsonb,
	"chase" text,
	"sand" text,
	"decisions" jsonb NOT NULL,
	"note" text
);
--> statement-breakpoint
CREATE TABLE "firms" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"demo" boolean DEFAULT false NOT NULL,
	"rules" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "jobs" (
	"firm_id" uuid NOT NULL,
	"id" uuid PRIMARY KEY NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"deleted_at" timestamp with time zone,
	"site" text NOT NULL,
	"client" text NOT NULL,
	"time_zone" text NOT NULL,
	"units" text NOT NULL,
	"start_at" text NOT NULL,
	"people" smallint NOT NULL,
	CONSTRAINT "jobs_firm_id" UNIQUE("firm_id","id")
);
--> statement-breakpoint
CREATE TABLE "sessions" (
	"token_hash" text PRIMARY KEY NOT NULL,
	"account_id" uuid NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"expires_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "accounts" ADD CONSTRAINT "accounts_firm_id_firms_id_fk" FOREIGN KEY ("firm_id") REFERENCES "public"."firms"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "areas" ADD CONSTRAINT "areas_firm_id_job_id_jobs_firm_id_id_fk" FOREIGN KEY ("firm_id","job_id") REFERENCES "public"."jobs"("firm_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "changes" ADD CONSTRAINT "changes_firm_id_firms_id_fk" FOREIGN KEY ("firm_id") REFERENCES "public"."firms"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "defects" ADD CONSTRAINT "defects_firm_id_area_id_areas_firm_id_id_fk" FOREIGN KEY ("firm_id","area_id") REFERENCES "public"."areas"("firm_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "jobs" ADD CONSTRAINT "jobs_firm_id_firms_id_fk" FOREIGN KEY ("firm_id") REFERENCES "public"."firms"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sessions" ADD CONSTRAINT "sessions_account_id_accounts_id_fk" FOREIGN KEY ("account_id") REFERENCES "public"."accounts"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "areas_of_job" ON "areas" USING btree ("firm_id","job_id");--> statement-breakpoint
CREATE INDEX "defects_of_area" ON "defects" USING btree ("firm_id","area_id");