ALTER TABLE "compartment" ADD COLUMN "hangs" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "compartment" ADD COLUMN "opening" integer;--> statement-breakpoint
ALTER TABLE "compartment" ADD COLUMN "measured" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "unit" ADD COLUMN "slope" integer;--> statement-breakpoint
ALTER TABLE "unit" ADD COLUMN "layout" jsonb;--> statement-breakpoint
ALTER TABLE "unit" ADD COLUMN "wheels" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "unit" ADD COLUMN "folds" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "unit" ADD COLUMN "step" integer;