ALTER TABLE "bin" ADD COLUMN "x" integer;--> statement-breakpoint
ALTER TABLE "bin" ADD COLUMN "y" integer;--> statement-breakpoint
ALTER TABLE "bin" ADD COLUMN "z" integer;--> statement-breakpoint
ALTER TABLE "bin" ADD COLUMN "turned" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "bin" ADD CONSTRAINT "bin_position" CHECK (("bin"."x" is null) = ("bin"."y" is null) and ("bin"."x" is null) = ("bin"."z" is null));