CREATE TABLE "erasure" (
	"studio_id" uuid NOT NULL,
	"client_id" uuid NOT NULL,
	"erased_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "erasure_studio_id_client_id_pk" PRIMARY KEY("studio_id","client_id")
);
--> statement-breakpoint
ALTER TABLE "erasure" ADD CONSTRAINT "erasure_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE cascade ON UPDATE no action;