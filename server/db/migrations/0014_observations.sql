CREATE TABLE "observation" (
	"id" text PRIMARY KEY NOT NULL,
	"version" bigint NOT NULL,
	"site_id" text NOT NULL,
	"room_id" text NOT NULL,
	"bin_id" text NOT NULL,
	"kind" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "observation_of_site" UNIQUE("site_id","id"),
	CONSTRAINT "observation_kind" CHECK ("observation"."kind" in ('used', 'put back', 'empty', 'over-full', 'not here', 'found'))
);
--> statement-breakpoint
ALTER TABLE "observation" ADD CONSTRAINT "observation_site_fk" FOREIGN KEY ("site_id") REFERENCES "public"."site"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "observation" ADD CONSTRAINT "observation_room_id_fk" FOREIGN KEY ("site_id","room_id") REFERENCES "public"."room"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "observation" ADD CONSTRAINT "observation_bin_id_fk" FOREIGN KEY ("site_id","bin_id") REFERENCES "public"."bin"("site_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "observation_version" ON "observation" USING btree ("site_id","version");--> statement-breakpoint
CREATE INDEX "observation_room_id" ON "observation" USING btree ("room_id");--> statement-breakpoint
CREATE INDEX "observation_bin_id" ON "observation" USING btree ("bin_id");--> statement-breakpoint
ALTER TABLE "observation" ALTER CONSTRAINT "observation_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "observation" ALTER CONSTRAINT "observation_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "observation" ALTER CONSTRAINT "observation_bin_id_fk" DEFERRABLE INITIALLY DEFERRED;
