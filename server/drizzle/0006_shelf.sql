CREATE TABLE "product_versions" (
	"firm_id" uuid NOT NULL,
	"product_id" uuid NOT NULL,
	"version" integer NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"by" text NOT NULL,
	"product" jsonb NOT NULL,
	CONSTRAINT "product_versions_product_id_version_pk" PRIMARY KEY("product_id","version")
);
--> statement-breakpoint
CREATE TABLE "products" (
	"firm_id" uuid NOT NULL,
	"id" uuid PRIMARY KEY NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"deleted_at" timestamp with time zone,
	"product" jsonb NOT NULL,
	"by" text NOT NULL,
	"changed_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "stock" (
	"firm_id" uuid NOT NULL,
	"id" uuid PRIMARY KEY NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"deleted_at" timestamp with time zone,
	"pack" jsonb NOT NULL
);
--> statement-breakpoint
ALTER TABLE "products" ADD CONSTRAINT "products_firm_id_firms_id_fk" FOREIGN KEY ("firm_id") REFERENCES "public"."firms"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock" ADD CONSTRAINT "stock_firm_id_firms_id_fk" FOREIGN KEY ("firm_id") REFERENCES "public"."firms"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "products_of_firm" ON "products" USING btree ("firm_id");--> statement-breakpoint
CREATE INDEX "stock_of_firm" ON "stock" USING btree ("firm_id");--> statement-breakpoint
CREATE FUNCTION "keep_product_version"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  INSERT INTO "product_versions" ("firm_id", "product_id", "version", "at", "by", "product") VALUES (NEW."firm_id", NEW."id", NEW."version", NEW."changed_at", NEW."by", NEW."product");
  RETURN NULL;
END
$$;--> statement-breakpoint
CREATE TRIGGER "product_made" AFTER INSERT ON "products" FOR EACH ROW EXECUTE FUNCTION "keep_product_version"();--> statement-breakpoint
CREATE TRIGGER "product_changed" AFTER UPDATE ON "products" FOR EACH ROW WHEN (OLD."product" IS DISTINCT FROM NEW."product") EXECUTE FUNCTION "keep_product_version"();
