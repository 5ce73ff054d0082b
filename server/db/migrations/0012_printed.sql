INSERT INTO "printed_label" ("id", "version", "site_id", "room_id", "role", "bin_id", "says", "old")
SELECT md5("id"), "version", "site_id", "room_id", 'bin', "id",
	jsonb_build_object('code', split_part("printed", ' ', 1), 'word', regexp_replace(substr("printed", strpos("printed", ' ') + 1), ' /[0-9]+$', '')),
	false
FROM "bin" WHERE "printed" IS NOT NULL AND "printed" <> '';--> statement-breakpoint
ALTER TABLE "bin" DROP COLUMN "printed";--> statement-breakpoint
ALTER TABLE "cut_piece" ALTER CONSTRAINT "cut_piece_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "cut_piece" ALTER CONSTRAINT "cut_piece_compartment_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "cut_stock" ALTER CONSTRAINT "cut_stock_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "photo" ALTER CONSTRAINT "photo_container_type_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "move" ALTER CONSTRAINT "move_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "move" ALTER CONSTRAINT "move_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "move" ALTER CONSTRAINT "move_bin_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "move" ALTER CONSTRAINT "move_from_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "bin" ALTER CONSTRAINT "bin_park_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "label_layout" ALTER CONSTRAINT "label_layout_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "printed_label" ALTER CONSTRAINT "printed_label_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "printed_label" ALTER CONSTRAINT "printed_label_room_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "printed_label" ALTER CONSTRAINT "printed_label_bin_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "printed_label" ALTER CONSTRAINT "printed_label_number_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "printed_label" ALTER CONSTRAINT "printed_label_compartment_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "printed_label" ALTER CONSTRAINT "printed_label_layout_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "set_number" ALTER CONSTRAINT "set_number_site_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "set_number" ALTER CONSTRAINT "set_number_line_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "room" ALTER CONSTRAINT "room_label_layout_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "bin" ALTER CONSTRAINT "bin_label_layout_id_fk" DEFERRABLE INITIALLY DEFERRED;--> statement-breakpoint
ALTER TABLE "photo" ALTER CONSTRAINT "photo_category_id_fk" DEFERRABLE INITIALLY DEFERRED;
