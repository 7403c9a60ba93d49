CREATE TABLE "lead_view" (
	"id" text NOT NULL,
	"studio_id" uuid NOT NULL,
	"session_id" uuid NOT NULL,
	"document" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "lead_view_session_id_id_pk" PRIMARY KEY("session_id","id")
);
--> statement-breakpoint
CREATE TABLE "log_change" (
	"id" uuid PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"session_id" uuid NOT NULL,
	"client_id" uuid,
	"field" text NOT NULL,
	"was" jsonb,
	"becomes" jsonb,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "attendance" ADD COLUMN "presence" text;--> statement-breakpoint
ALTER TABLE "attendance" ADD COLUMN "marks" jsonb;--> statement-breakpoint
ALTER TABLE "lead_event" ADD COLUMN "said" jsonb;--> statement-breakpoint
ALTER TABLE "log_entry" ADD COLUMN "kg" real;--> statement-breakpoint
ALTER TABLE "log_entry" ADD COLUMN "side" text;--> statement-breakpoint
ALTER TABLE "session" ADD COLUMN "notes" jsonb;--> statement-breakpoint
ALTER TABLE "lead_view" ADD CONSTRAINT "lead_view_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lead_view" ADD CONSTRAINT "lead_view_session_id_session_id_fk" FOREIGN KEY ("session_id") REFERENCES "public"."session"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "log_change" ADD CONSTRAINT "log_change_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "log_change" ADD CONSTRAINT "log_change_session_id_session_id_fk" FOREIGN KEY ("session_id") REFERENCES "public"."session"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "log_change" ADD CONSTRAINT "log_change_client_id_client_id_fk" FOREIGN KEY ("client_id") REFERENCES "public"."client"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "log_change_session" ON "log_change" USING btree ("session_id");--> statement-breakpoint
UPDATE "attendance" SET "presence" = 'present' WHERE "came" = 1;--> statement-breakpoint
UPDATE "attendance" SET "presence" = 'absent' WHERE "came" = 0 AND "check_in" IS NULL;
