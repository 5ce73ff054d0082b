/** Kinds of thing to make with, by the category they belong to. See {@link readKinds} for how they are written. */
export const MAKING_KINDS = `
# Coloured pencils
coloured pencil, colored pencil, colouring pencil, pencil crayon, colour pencil, pastel pencil | pack=12
watercolour pencil, graphite pencil set, sketching pencil, drawing pencil | pack=12
# Felt-tip pens
felt tip, felt pen, felt tip pen, marker, marker pen, highlighter, permanent marker, fibre tip, whiteboard marker, dry wipe pen, fineliner, brush pen, glitter pen, gel pen, paint pen, paint marker, dry erase marker, alcohol marker, board marker, whiteboard pen | pack=10
# Wax crayons
crayon, wax crayon, chunky crayon, beeswax crayon | pack=12
# Chalks and pastels
chalk, oil pastel, soft pastel, pastel, stick of chalk, board chalk, charcoal, charcoal stick, chalk pastel | pack=12
# Drawing paper
drawing paper, sketch paper, cartridge paper, watercolour paper, white paper, plain paper, printer offcuts, lining paper sheet, painting paper, greaseproof paper, graph paper, squared paper
tracing paper, tracing paper pad, tracing pad | 297x210x8 neat
sketch pad, pad of paper, paper pad, sketchbook, drawing pad, watercolour pad, art pad, sketch book, scrapbook, scrap book, doodle pad | 297x210x12 neat
drawing block, painting block | 420x297x15 neat
# Colouring pages
colouring sheet, colouring page, activity sheet, dot to dot sheet, mandala sheet, worksheet, printable | 297x210x0.1 flat
colouring book, activity book, sticker book, puzzle book, dot to dot book, coloring book | 280x210x6 neat
# Stencils and rulers
ruler, stencil, set square, template, drawing template, protractor
ruler, 30 cm ruler, metre ruler, protractor, set square | 310x40x3
t square, metre stick, yardstick, metre rule | 1000x40x6 long
compass, pair of compasses, drawing compass, geometry set, maths set | 180x80x20
# Rubbers and sharpeners
rubber, eraser, pencil sharpener, sharpener, pencil grip
desk sharpener, electric sharpener | 130x110x80 rigid
# Stamps and ink pads
stamp, rubber stamp, ink pad, stamp set, stamper, foam stamp, inkpad, wooden stamp
# Stickers
sticker sheet, sticker, gold star, reward sticker, foam sticker, star sticker, sheet of stickers, glitter sticker, date sticker, reward chart sticker
roll of stickers, sticker roll, date stickers roll | 60x60x40 rigid
# Poster paint
poster paint, ready mixed paint, tempera, paint, bottle of paint, powder paint, tempera paint, childrens paint, washable paint, paint bottle, gouache bottle | 190x65x65
big bottle of paint, litre of paint | 270x95x95
wall paint, emulsion, paint tin, tin of paint, gloss paint, chalk paint | 200x170x170 H5
# Watercolours
watercolour, watercolour set, paint box, paintbox, watercolour box, gouache, paint palette set, paint block, paint tablets, watercolor | set
# Acrylic paint
acrylic paint, acrylic, paint tube, tube of paint, oil paint, gouache tube, fabric paint, glass paint, acrylic tube, acrylic paint tube | 120x30x25
acrylic paint bottle, bottle of acrylic, craft paint | 120x45x45
# Finger paint
finger paint, body paint, face paint, face paints
# Paint brushes
paint brush, paintbrush, brush, artist brush, bristle brush, flat brush, glue brush, watercolour brush, thick brush, stencil brush | pack=10
glue spreader, palette knife, paste spreader | 150x30x3
decorating brush, wall paint brush, wide brush | 220x70x20
# Rollers and sponges
sponge, paint roller, roller, dabber, brayer, sponge brush, foam brush, lino roller
# Paint pots and palettes
palette, water pot, paint pot, paint tray, mixing tray, mixing palette, non spill pot, paint palette
# Aprons
apron, smock, painting shirt, art shirt, painting overall, craft apron, overall, tabard
# Table covers
oilcloth, table cloth, tablecloth, wipe clean cloth, plastic sheet, newspaper, splash mat, dust sheet, oil cloth, plastic tablecloth
# Canvases
canvas, canvas board, stretched canvas, canvas panel
picture frame, photo frame, frame, clip frame | 320x240x25
# Coloured paper
coloured paper, construction paper, sugar paper, origami paper, colored paper, patterned paper, scrapbook paper, scrapbooking paper, paper sheet, craft paper, coloured sheet
origami paper, origami square | 150x150x0.1 flat
# Card
card, cardstock, coloured card, sheet of card, corrugated card, mount board, thin card, foam board, cardboard sheet, white card
foam board, foamboard, mount board, display board, cardboard, grey board | 600x420x5 flat
cardboard box, box, carton, storage box, moving box | 400x300x250 rigid
# Tissue and crepe paper
tissue paper, crepe paper, cellophane, tissue sheet, crepe roll, tissue paper sheet | 250x180x1
cellophane, clear film roll, foil roll | 450x50x50 long
# Large paper
a3 paper, a2 paper, large sheet, big paper, a3 sheet, a2 sheet, flipchart paper, easel pad
flipchart pad, flip chart pad, easel paper pad | 980x650x8 neat
paper roll, roll of paper, roll of brown paper, brown paper, kraft paper, easel roll, easel paper roll, frieze roll, lining paper, drawing roll, banner roll, display paper, wallpaper, backing paper roll, border roll | 600x90x90 long
# Glue sticks
glue stick, paste stick, glue stic
glue gun stick, hot glue stick, hot melt stick, glue gun refill | 200x11x11 pack=20
# Liquid glue
liquid glue, pva, pva glue, school glue, craft glue, wood glue, white glue, glue bottle, bottle of glue, tacky glue, glue, fabric glue, varnish glue, wallpaper paste, clear glue
glitter glue, glue pen | 120x25x25 pack=6
# Strong adhesives
superglue, super glue, contact adhesive, epoxy, spray glue, spray mount, solvent glue, instant glue, contact glue, epoxy resin, resin, two part glue
super glue, superglue, instant glue, gel superglue | 110x30x20
spray glue, spray mount, spray adhesive, fixative | 200x65x65
# Glue guns
glue gun, hot glue gun, cordless glue gun
# Sticky tape
sticky tape, masking tape, washi tape, parcel tape, double sided tape, duct tape, tape, roll of tape, packing tape, adhesive tape, clear tape, electrical tape, gaffer tape, correction tape, book tape, painters tape
parcel tape, packing tape, gaffer tape, duct tape | 100x100x50
washi tape, correction tape, electrical tape, washi | 45x45x15
tape dispenser, tape gun | 180x90x80
hook tape, hook and loop tape, hook and loop dots, sticky dots, sticky pads, sticky putty, glue dots, poster putty | 120x90x15
# Child scissors
child scissors, childrens scissors, kids scissors, safety scissors, blunt scissors, scissors, school scissors, craft scissors for kids, left handed scissors, zigzag scissors, wavy scissors, fancy edge scissors
# Sharp scissors
fabric scissors, dressmaking scissors, sharp scissors, good scissors, best scissors, sewing scissors, shears, pinking shears, adult scissors, embroidery scissors, kitchen scissors, tailor scissors, paper scissors, office scissors, thread snips, dressmaking shears, big scissors, nail scissors, snips, wallpaper scissors, long scissors
# Craft knives
craft knife, scalpel, box cutter, utility knife, cutter, blade, rotary cutter, spare blade, penknife, pocket knife, lino cutter, rotary blade, circle cutter, craft blade, razor blade, whittling knife, carving knife, knife, hobby knife | 150x30x15 H4
blade refill, spare blade, razor blade, rotary cutter blade | 60x45x8 H4
letter opener, paper knife | 220x30x12 H4
# Paper cutters
paper cutters | stands=single
guillotine, paper cutter, paper trimmer, trimmer, rotary trimmer, card cutter
# Hole punches
hole punch, shape punch, craft punch, motif punch, paper punch, punch, eyelet punch
# Cutting mats
cutting mat, self healing mat, cutting board
# Greeting card blanks
card blank, blank card, greeting card, birthday card, thank you card, postcard, christmas card, notecard, gift card, invitation | 150x105x0.8 flat
# Beads
bead, wooden bead, threading bead, pony bead, pearl, letter bead, glass bead, seed bead, jewellery bead, alphabet bead
large wooden bead, lacing bead, big bead, chunky bead | 30x30x30
jewellery finding, ear wire, jewellery clasp, jump ring, jewellery part | 40x30x8 H2
seed bead, tiny bead | 3x3x3
bracelet kit, jewellery kit, jewellery set, loom band, rubber band loom, bead kit, bead set, craft kit, sewing kit for kids, friendship bracelet kit, candle making kit, soap making kit, painting kit | 250x200x60 neat set H2
# Iron-on beads
iron on bead, fuse bead, melting bead, ironing bead
bead pegboard, iron on bead board, fuse bead board, pegboard for beads, peg board for iron on beads | 150x150x8 neat
# Buttons
button, shirt button, coat button, wooden button
# Sequins and glitter
glitter, sequin, confetti, tube of glitter, glitter shaker, glitter tube, table confetti, glitter pot
loose sequin, sequins loose | 8x8x1
gem sticker, rhinestone, stick on gem, diamante, self adhesive gem | 120x80x3 neat
# Wiggly eyes
wiggly eye, googly eye, doll eye, safety eye, goggly eye, wobbly eye
# Pompoms
pompom, pom pom, fluff ball, mini pompom, mini pom pom
large pompom, big pompom | 60x60x60
pompom maker | 120x100x30
# Pipe cleaners
pipe cleaner, chenille stem, fuzzy wire, chenille
# Feathers
feather, craft feather, goose feather, peacock feather
# Lolly sticks
lolly stick, popsicle stick, craft stick, ice lolly stick, wooden stick, tongue depressor, paper straw, straw, skewer, cocktail stick, drinking straw
cocktail stick, toothpick, matchstick without head, craft matchstick | 65x2x2
wooden skewer, dowel, wooden dowel, bamboo cane, garden cane | 300x6x6
clothes peg, clothespin, wooden peg, mini peg, laundry peg | 72x12x10
paper plate for crafts, wooden spoon, spoon doll | 300x60x20
# Glass nuggets
glass nugget, glass pebble, glass stone, mosaic stone, glass gem, decorative stone
# Mosaic tiles
mosaic tile, mosaic piece, tessera
# Magnets for crafts
craft magnet, strong magnet, neodymium magnet, button magnet, rare earth magnet, super magnet, bar magnet strong, disc magnet
fridge magnet, magnet, whiteboard magnet, magnetic strip, board magnet, magnetic tape | 40x30x5 H2
# Water beads
water bead, gel bead, hydro bead, water pearl, water gel ball
# Stones and shells
stone, shell, pebble, rock, sea shell, seashell, sea glass, beach find, crystal, gemstone, painted stone, polished stone
# Cones and sticks
pine cone, pinecone, cone, twig, acorn, conker, chestnut, wood slice, log slice, driftwood, dried leaf, pressed flower, seed pod, bark, natural stick, nature material
branch, long stick, willow stick, willow | 800x15x15 long
wood slice, log slice, tree slice | 80x80x10
# Corks
cork, bottle cork, wine cork
cork sheet, cork tile, cork board tile | 300x300x5 flat
# Cardboard tubes
cardboard tube, toilet roll tube, kitchen roll tube, paper tube, poster tube, postal tube, cardboard roll, loo roll tube, empty roll
toilet roll tube, loo roll, toilet roll inner, loo roll tube | 100x45x45
poster tube, postal tube, mailing tube | 640x70x70
# Clean packaging
egg box, yoghurt pot, yogurt pot, egg carton, clean packaging, milk carton, junk modelling, recycled packaging, jam jar empty, plastic bottle, empty box, tin can, empty jar, jam jar, glass jar, cereal box, tub lid, margarine tub, takeaway tub, junk model material, takeaway box
plastic bottle, empty bottle | 300x80x80 rigid
glass jar, jam jar, empty jar, jar, storage jar, mason jar | 130x80x80 rigid
tin can, food tin, biscuit tin | 120x80x80 rigid
bubble wrap, foam packaging, packing foam, packing peanut | 500x300x300 soft H6
# Bottle tops
bottle top, milk bottle top, bottle cap, jar lid, screw top, bottle lid
# Scrap wood
wood offcut, offcut of wood, offcut of pine, pine offcut, scrap wood, timber offcut, wood scrap, balsa wood, plywood offcut, wood piece, piece of wood, wooden offcut, balsa
plywood sheet, plywood, wooden board, mdf sheet | 600x400x6 flat
# Modelling clay
clay, air dry clay, modelling clay, play dough, playdough, plasticine, dough, salt dough, polymer clay, modelling wax, pottery clay, modelling dough
polymer clay, modelling wax | 60x55x15
play dough tub, tub of play dough, pot of play dough, playdough pot, playdough tub | 85x75x75
pottery clay, bag of clay, terracotta clay | 250x150x130
# Clay tools
clay tool, dough cutter, rolling pin, modelling tool, cookie cutter, dough tool, playdough tool, biscuit cutter, dough stamp
rolling pin | 250x45x45
cookie cutter, biscuit cutter, dough cutter | 75x70x25
# Plaster and casting
plaster, plaster powder, bag of plaster, plaster of paris, casting powder, mould, plaster bandage, silicone mould, casting mould
# Wool
wool, yarn, ball of wool, knitting wool, skein, ball of yarn, sock yarn, cotton yarn, crochet cotton, skein of yarn, acrylic yarn, knitting yarn, crochet yarn, wool ball, embroidery wool, merino wool, roving, felting wool | metre=0.004
felting wool, wool roving, wool tops | 150x100x60
# Felt sheets
felt sheet, felt square, felt, craft felt, sheet of felt, eva foam sheet, foam sheet, felt piece, fun foam | metre=1.3
# Fabric
fabric, cloth, material, cotton fabric, fleece, velvet, linen, jersey, denim, satin, silk fabric, lining, calico, fur fabric, tulle, muslin fabric, canvas fabric, curtain fabric, upholstery fabric, corduroy, flannel, fleece fabric, cotton, netting, hessian, organza, viscose, voile, towelling, polyester fabric, oilcloth fabric, curtain material, dress fabric | metre=0.9
fleece, velvet, fur fabric, upholstery fabric, curtain fabric, fake fur, fleece fabric, towelling, quilted fabric, felt by the metre, felt fabric, boiled wool, wadding by the metre | 350x250x60 metre=1.8
fat quarter, quilting square, quilting fabric piece | 280x230x3
old curtain, curtain | 450x350x80
old bed sheet, old sheet for fabric | 350x250x50
duck canvas, canvas fabric, canvas cloth, cotton duck, denim, linen, calico, muslin cloth, velvet, corduroy, lace fabric, tulle, organza, jersey fabric, fleece fabric, bolt of fabric, upholstery fabric
# Fabric scraps
fabric scrap, fabric offcut, scrap of fabric, remnant, cloth offcut, fabric remnant, material scrap, felt scrap, felt offcut, cotton scrap, leather scrap, leather offcut, leather, scrap of cloth, offcut of fabric, offcut, patchwork square, fabric square
# Sewing thread
thread, sewing thread, cotton reel, reel of thread, spool of thread, embroidery thread, bobbin, embroidery floss, sewing cotton, reel, skein of embroidery thread, overlocker thread, machine thread
bobbin | 21x21x12
embroidery thread, embroidery floss, stranded cotton, embroidery skein | 80x25x12
overlocker thread, thread cone, cone of thread | 120x90x90
# Needles and pins
needle, sewing needle, pin, safety pin, dressmaking pin, hand sewing needle, machine needle, packet of needles, darning needle, embroidery needle, sewing pin, pincushion, quilting pin, felting needle, upholstery needle, hat pin, tapestry needle
pin cushion, pincushion | 80x80x60
# Ribbon
ribbon, reel of ribbon, lace, trimming, braid, bias binding, ribbon reel, satin ribbon, lace trim, bow ribbon, rickrack, ric rac, piping, fringe, bias tape, gift ribbon, webbing, ribbon roll, trim | metre=0.03
ribbon offcut, ribbon scrap | 200x20x2
# String and cord
fishing line, nylon thread, beading thread, invisible thread, fishing wire | 60x60x30
string, twine, cord, rope, kite string, elastic, jute, raffia, shoe lace, shoelace, ball of string, elastic cord, garden twine, parcel string, blind cord, macrame cord, jute twine, thick rope, paracord, elastic band by the metre, leather cord, waxed cord, nylon cord, washing line, clothes line, piping cord | metre=0.03
rope, thick rope, climbing rope, washing line | 250x200x120 metre=0.12
shoelace, shoe lace, bootlace | 120x50x10
elastic, elastic cord, knicker elastic, sewing elastic | 90x60x25 metre=0.02
blind cord, roller blind chain | 100x60x30
# Zips and fastenings
zip, zipper, press stud, hook and eye, snap fastener, fastening, popper, buckle, toggle, eyelet, d ring, clasp
zip, zipper, continuous zip | 250x30x4
press stud, popper, snap fastener, hook and eye, eyelet, poppers | 80x60x10 H2
# Knitting needles
knitting needle, crochet hook, circular needle, double pointed needle, needles for knitting, knitting pin, knitting needle pair
crochet hook, double pointed needle, rug hook | 150x8x8
circular needle, circular knitting needle | 200x150x8
# Knitting and sewing helpers
stitch marker, row counter, thimble, tape measure for sewing, seam ripper, tailors chalk, needle threader, sewing gauge, tailor chalk, unpicker
embroidery hoop, hoop for embroidery, embroidery frame, embroidery ring | 200x200x12 nesting
cross stitch kit, embroidery kit, knitting kit, sewing kit, punch needle kit, crochet kit | 250x180x50 neat set H4
sewing box, sewing basket | 320x220x180 rigid H4
dress form, dressmakers dummy, mannequin, tailors dummy | 1400x400x300 stands=single
french knitting doll, knitting dolly, knitting loom | 120x60x60
# Sewing machines
sewing machines | stands=single
sewing machine, overlocker, embroidery machine, serger, knitting machine, toy sewing machine
presser foot, sewing machine foot, sewing machine bobbin case | 50x40x20 stands=no
# Sewing patterns
sewing pattern, pattern, dress pattern, paper pattern, knitting pattern, quilt pattern
knitting pattern, crochet pattern | 297x210x0.5 flat
pattern book, knitting book, quilting book, sewing book, craft book, craft magazine | 280x215x12
# Weaving frames
weaving loom, loom, weaving frame, weaving card, peg loom, weaving board
# Stuffing
stuffing, toy stuffing, wadding, filling, polyester filling, cushion filling, toy filling, cotton wool, fibre fill, batting
cotton wool, cotton wool balls, cotton pads | 250x150x120
cushion pad, cushion inner | 450x450x120
fiberfill, fibrefill, polyfill, toy stuffing fibre, quilt batting, foam rubber, foam sheet, kapok | soft
# Hand tools
hammer, screwdriver, pliers, spanner, saw, hand drill, tool, wrench, hand tool, hand saw, file tool, chisel, clamp, allen key, junior hacksaw, hacksaw, mallet, tweezers, wire cutter, side cutter, tin snips, tool set, awl, bradawl, staple gun, leather punch, spirit level
sack truck, hand truck, sack barrow, trolley for boxes | 1100x500x300 stands=single
saw, hacksaw, hand saw, coping saw | 450x130x25 H4
drill, cordless drill, power drill, electric screwdriver, jig saw tool, multi tool, sander, heat gun, soldering iron, wood burner, pyrography pen, electric drill | 260x220x80 rigid H4
drill bit, screwdriver bit | 120x10x10 H4
tool box, toolbox, tool kit, toolkit, tool case | 450x230x220 rigid H4 stands=single
workbench, vice, bench vice | 300x200x180 rigid
ladder, step ladder, stepladder | 1500x450x120 stands=single
castor, caster wheel, furniture wheel, hinge, bracket, door handle, drawer knob, padlock, pulley, vice, crowbar, jack, spirit level, paint scraper, filling knife, trowel for plaster | 150x80x50
# Nails and screws
nail, screw, hook, wall plug, bolt, nut, washer, fixing, picture hook, cup hook, hinge, bracket, wood screw, tack, panel pin, upholstery tack, nuts and bolts
hinge, bracket, shelf bracket | 150x100x25 rigid
# Sandpaper
sandpaper, sanding sheet, sheet of sandpaper, sanding block, emery paper, glass paper
# Varnish and solvents
varnish, white spirit, spray paint, paint thinner, turpentine, lacquer, wood stain, thinner, can of spray paint, brush cleaner, acetone, methylated spirits, nail varnish remover, wood oil, linseed oil, glaze, nail varnish, nail polish, spray varnish, wood varnish, fabric spray, hairspray
nail varnish, nail polish | 80x35x35
# Iron and press
iron, steam iron, heat press, travel iron, mini iron, clothes iron, hair straightener, craft iron
ironing board, sleeve board | 1350x380x60 long stands=single
# Wire
wire, craft wire, florist wire, reel of wire, jewellery wire, chicken wire, coil of wire, copper wire
# Candles and wax
wax, candle wax, beeswax sheet, wick, soap base
# Craft machines
craft machines | stands=single
die cutting machine, cutting plotter, plotter, die cutter, embossing machine, badge maker, button badge machine, spiral binder, binding machine, laminator
cutting die, embossing folder, cutting plotter mat | 200x150x5 neat stands=no
adhesive vinyl, vinyl roll, iron on vinyl, transfer film, sticky back plastic, book covering film, contact film, sticky backed plastic | 350x60x60 long H6 stands=no
light box, light pad, light table, tracing light | 450x350x20 neat
art portfolio, portfolio, art folder, a2 folder | 640x450x20 neat
`;
