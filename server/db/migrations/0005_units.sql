ALTER TABLE "site" DROP CONSTRAINT "site_system";--> statement-breakpoint
ALTER TABLE "site" ADD CONSTRAINT "site_system" CHECK ("site"."system" in ('metric', 'millimetre', 'imperial'));