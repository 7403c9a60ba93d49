CREATE TABLE "request" (
	"studio_id" uuid NOT NULL,
	"key" uuid NOT NULL,
	"of" text NOT NULL,
	"answer" jsonb,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "request_studio_id_key_pk" PRIMARY KEY("studio_id","key")
);
--> statement-breakpoint
ALTER TABLE "class" ADD COLUMN "calendar" jsonb DEFAULT '{"dates":[],"off":[]}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "class" ADD COLUMN "schedule_revision" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "class" ADD COLUMN "removed_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "erasure" ADD COLUMN "what" text DEFAULT 'whole' NOT NULL;--> statement-breakpoint
ALTER TABLE "own_movement" ADD COLUMN "removed_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "request" ADD CONSTRAINT "request_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE cascade ON UPDATE no action;