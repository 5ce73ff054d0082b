/** Kinds of thing of office, house and care, by the category they belong to. See {@link readKinds} for how they are written. */
export const HOUSE_KINDS = `
# Copy paper
copy paper, printer paper, paper, a4 paper, printing paper, letter size paper, sheet of paper, a4 sheet, white a4 paper, office paper, sheet, letter paper, copier paper, recycled paper, a5 paper | 297x210x0.1 flat pack=500
# Envelopes
envelope, window envelope, brown envelope, c5 envelope, airmail envelope, wage envelope
c6 envelope, small envelope | 162x114x0.6 flat pack=25
dl envelope, long envelope | 220x110x0.6 flat pack=25
number 10 envelope, no 10 envelope, envelope no 10, business envelope | 241x105x0.6 flat
c4 envelope, large envelope, a4 envelope | 324x229x0.6 flat
# Sticky notes
sticky note, sticky note pad, memo pad, memo block, page marker, index tab, sticky tab, index flag, note block, note cube, sticky pad
# Pens and pencils
pencil, pen, biro, ballpoint, ballpoint pen, fountain pen, hb pencil, rollerball, mechanical pencil, writing pencil, ball pen, gel ink pen | pack=12
pen refill, pencil lead, ink refill, fountain pen cartridge, pencil leads | 80x30x8
pencil case, pencil tin, pencil pot | 210x80x60 soft
board marker, whiteboard pen, dry erase marker, permanent marker, cd marker, correction pen, correction fluid
# Paper clips and pins
paper clip, paperclip, drawing pin, push pin, bulldog clip, binder clip, thumb tack, rubber band, treasury tag, split pin, paper fastener, elastic band, fold back clip, map pin, rubber bands, brass fastener
bulldog clip, binder clip, fold back clip, foldback clip | 40x32x20
# Staplers and punches
stapler, office punch, two hole punch, long arm stapler, staple remover, stapler gun, four hole punch
box of staples, staple, staples | 60x45x20 neat holds=1000
# Ring binders
ring binders | stands=row
ring binder, lever arch file, binder, folder, lever arch folder, box file, a4 folder, ring folder, arch file, file binder
thin folder, cardboard folder, manila folder, document folder, clip folder, display book, report file, wallet folder, square cut folder, presentation folder | 320x240x6
box file, magazine file, magazine holder | 370x265x75 stands=row
divider, file divider, subject divider, index divider, file dividers | 297x230x0.6 flat stands=no
# Hanging files
hanging file, suspension file, file folder, hanging folder, suspension folder
# Plastic wallets
plastic wallet, sheet protector, plastic sleeve, document sleeve, punched pocket, poly pocket, clear sleeve, zip wallet, document wallet, plastic pocket
plastic folder, card folder, document folder, manila folder, square cut folder, cut flush folder, sheet folder, report cover | 310x230x2 flat
zip pouch, zip wallet, mesh pouch, zipper pouch, mesh bag, game pouch, pouch, document pouch | 350x250x8 soft
card sleeve, disc sleeve, cd sleeve | 130x130x0.4 flat
comb binding spine, binding comb, binding spine, slide binder, binding cover | 297x16x12
# Laminating film
laminating pouch, laminator pouch, laminating sheet, laminating film | 303x216x0.3 flat pack=100 H6
# Labels and label tape
label, address label, sticky label, return address label, label sheet, sheet of labels, name label, tag, gift tag, luggage tag, price label, name tag, file label, return address labels, freezer label, spine label
label tape, label maker tape, tape cassette for label printer, label cartridge, label roll, label tape cassette, roll of labels, label printer tape | 90x60x20 neat
iron on label, name tape, iron on name label, clothes label | 120x80x3
badge, name badge, lanyard, badge holder | 100x70x8 neat
# Ink and toner
ink cartridge, printer ink, printer cartridge
toner, toner cartridge, drum unit | 350x120x100 neat stands=stack
ink cartridge, printer ink, cartridge, ink bottle, ink, printer cartridge | 105x85x35
# Address stamps
date stamp, address stamp, office stamp, self inking stamp, postage stamp set
postage stamp, stamps for letters, book of stamps, stamp book | 90x60x1 flat
# Calendars and planners
calendar, diary, planner, wall planner, desk diary, year planner, advent calendar, weekly planner, family planner, desk calendar, pocket diary
wall planner, year planner, rolled planner | 700x50x50 long
# Postal supplies
padded envelope, mailing bag, parcel bag, parcel box, packing material, postal bag, bubble envelope, mailing box, mailer
parcel, parcel box, packing box, mailing box | 350x250x120 rigid
# Lamps
lamps | stands=single
desk lamp, table lamp, lamp, bedside lamp, reading lamp, floor lamp, night light, standard lamp | 450x180x180
floor lamp, standard lamp | 1500x300x300
# Desk trays and stands
desk organiser, pen pot, desk tray, letter tray, in tray, file tray, pen holder, desk tidy, document tray, paper tray
book end, bookend, book stand, document holder | 180x140x120 rigid
mouse mat, desk mat, desk pad | 230x190x3 flat
waste paper basket, waste basket, paper bin, waste bin, pedal bin, swing bin | 320x280x280 nesting
cash box, money box, key box, petty cash box, lock box, piggy bank | 250x180x90 rigid
foot rest, footrest, monitor stand, laptop stand, monitor riser | 450x300x120 rigid
office chair cushion, seat cushion, lumbar cushion, wrist rest | 400x380x80 soft
# Office machines
office machines | stands=single
printer, laser printer, inkjet printer, scanner, copier, photo printer, all in one printer, fax machine | 450x400x250
label printer, label maker, labelling machine, labelmaker | 210x120x70
shredder, paper shredder | 400x350x250 H4
telephone, desk phone, phone, landline phone, answering machine | 220x180x90
projector, beamer, overhead projector, slide projector | 320x250x110
projector screen, pull down screen | 1900x100x100
coffee machine, hand mixer, mixer, blender, food processor, popcorn maker, microwave, slow cooker | 320x230x300 H4
fan, desk fan, heater, fan heater, air purifier, humidifier, air filter | 350x280x280
vacuum cleaner, hand vacuum, handheld vacuum | 450x300x300 stands=single
typewriter, cash register, binding machine, calculator printer, paper counter, 3d printer | 400x350x250
kettle, toaster, hot plate, waffle iron, sandwich toaster, fan heater, heater, hair dryer, hair straightener, curling iron, oven glove | 320x230x250 H15
# Computers and screens
monitor, computer screen, screen, display screen, computer monitor, flat screen | 560x400x120 stands=single
tv, television, flat screen tv | 1000x600x80 stands=single
laptop, notebook computer, laptop computer | 350x245x22 neat
tablet, tablet computer, e reader, ebook reader | 250x175x10 neat
computer keyboard, pc keyboard, wireless keyboard, usb keyboard | 440x140x30 neat
computer mouse, mouse, wireless mouse, trackpad, usb mouse | 115x65x40
desktop computer, pc, computer, computer tower, server box | 420x400x190 stands=single
router, modem, wifi router, switch box, set top box, network switch, wlan router | 240x170x50
webcam, microphone, usb microphone, ring light, web cam | 120x90x70
hard drive, external hard drive, external drive, power bank, powerbank, ssd, docking station, usb hub, card reader, dock | 130x80x20
radio, clock radio, record player, music system | 300x200x150
loudspeaker, speaker, bluetooth speaker, smart speaker, loud speaker | 200x120x120
smartphone, mobile phone, old phone, old mobile, mobile, old mobile phone, cell phone | 150x75x10 neat
laptop bag, laptop sleeve, laptop case | 400x300x60 soft
# Memory sticks and discs
usb stick, memory stick, memory card, sd card, usb drive, flash drive, thumb drive, pen drive, usb key
video tape, camcorder tape, video cassette, vhs tape | 190x105x25 neat
dvd, blu ray, film on dvd, cd rom | 190x135x14 neat
blank cd, blank dvd, blank disc, dvd blank | 125x125x2 neat
# Cables
cable, usb cable, charger, phone charger, power lead, hdmi cable, printer cable, network cable, charging cable, adapter, plug adapter, lead, power adapter, audio cable, power supply, aux cable, charging lead, laptop charger, ethernet cable, tv cable, guitar lead, speaker cable, jump lead, monitor cable, cable tie, computer cable, lan cable, scart lead, phone cable | 140x110x35 coiled
adapter, plug adapter, charger plug, phone charger, travel adapter, charger, power adapter, usb charger, battery charger, wall charger | 90x60x50
laptop charger, power supply, power brick | 160x100x50 coiled
cable tie, zip tie, cable clip | 200x5x2 long
# Extension leads
extension lead, extension cord, extension cable, power strip, multi plug, cable reel, multi socket, multiway adapter, 4 way extension, plug bar | 350x120x70 coiled
cable reel, cable drum, extension reel | 300x280x200 coiled
fairy lights, string lights, light chain, led strip | 220x150x80 coiled H6
time switch, timer plug, timer switch, smart plug, smoke alarm, smoke detector, doorbell, carbon monoxide alarm, co alarm | 110x90x60
ext lead, extension, 4 way ext lead, gang lead, travel adapter, plug adapter, adaptor plug | 250x80x50 coiled
# Batteries
battery, aa battery, aaa battery, rechargeable battery, 9v battery, d cell, c cell, aa cell, aaa cell, rechargeable aa, aaas, aas, block battery, used battery, old battery, d battery
battery pack large, car battery, camera battery | 90x60x30
power bank, battery charger, charger for batteries, aaa rechargeable | 130x70x25
# Button cells
button cell, coin cell, button battery, watch battery, cr2032, lr44, coin battery, button cell battery, hearing aid battery
# Light bulbs
light bulb, led bulb, bulb, spare bulb, energy saving bulb, halogen bulb, strip light, lightbulb
# Headphones
headphones, earphones, headset, ear defenders, earbuds, ear protectors, pair of headphones, ear muffs
earphones, earbuds, earbud, ear plug | 80x60x30
# Torches
torch, flashlight, head torch, lantern, camping lantern, headlamp
# Camera and lenses
camera, lens, digital camera, camera lens, video camera, instant camera, camcorder, camera bag
tripod, camera stand, selfie stick | 550x120x120 long
# Nappies
nappy, diaper, nappy pants, cloth nappy, swim nappy, pull up, reusable nappy | pack=40
# Wet wipes
wet wipe pack, baby wipe, wipe, pack of wipes, packet of wipes, wet wipe, antibacterial wipe, screen wipe
# Disposable gloves
disposable glove, nitrile glove, latex glove, vinyl glove, rubber glove, box of gloves, examination glove, cleaning glove | holds=100
shoe cover, overshoe, disposable apron, face mask, surgical mask, hair net, hairnet | 250x150x1 flat
# Changing creams
nappy cream, barrier cream, ointment, body lotion, baby oil, baby lotion, baby powder, skin cream, lip balm, moisturiser
baby shampoo, shampoo, bubble bath, shower gel, soap bottle, baby bath | 190x70x50 H5
# Changing mats and potties
changing mat, changing pad | 700x500x60 soft
potty, toilet seat, step stool for toilet, toilet trainer seat, child toilet seat | 300x280x250 nesting
nappy sack, nappy bag | 200x120x30 soft H6
nappy bin, changing bag | 420x300x250
bath seat, baby bath tub, baby bath seat, bath tub | 800x450x250 nesting
# Spare clothes
spare clothes, jumper, t shirt, trousers, sock, spare underwear, pyjamas, vest, leggings, change of clothes, cardigan, tights, sweater, pants, shirt, dress, skirt, jeans, hoodie, baby clothes, babygro, sleepsuit, baby grow, school jumper, shorts, school uniform, pe kit, sweatshirt, polo shirt, romper, underwear, swimsuit, swimming trunks, swimwear, swimming costume, tee shirt, top, lost jumper, clothes, outgrown clothes
jumper, hoodie, cardigan, fleece jacket, sweater, school jumper, sweatshirt, jeans | 300x250x40
sock, sock pair, underpants, baby sock, knickers | 150x90x20
coat, jacket, winter coat, winter jacket, anorak | 450x350x90
bodysuit, baby vest, romper, playsuit, dungarees, blouse, polo shirt, uniform, school uniform, shorts, swimsuit, swimming trunks, bikini, dressing gown, bathrobe, onesie, nightdress, costume for swimming, underwear, thermal | 250x200x20
# Shoes
shoe, trainer, slipper, boot, sandal, indoor shoe, gym shoe, school shoe, football boot, baby shoe, plimsoll, walking boot, ballet shoe, pair of shoes
wellington, wellington boot, wellie, rubber boot, welly, gumboot, snow boot, ski boot | 280x200x110
# Bibs and muslins
bib, muslin, muslin cloth, burp cloth, muslin square, cloth bib
towel, hand towel, bath towel, tea towel, beach towel, hooded towel, flannel cloth, face cloth, swimming towel | 300x250x40
# Sun cream
sun cream, sunscreen, sun lotion, after sun, insect repellent, sun spray, mosquito spray
# First-aid supplies
box of plasters, packet of plasters, plasters, bandage, first aid kit, sterile dressing, cold pack, ice pack, sticking plaster, gauze, sling, wound dressing, eye wash, antiseptic wipe, antiseptic spray, antiseptic cream
thermometer, glass thermometer, thermometer glass, fever thermometer, digital thermometer, ear thermometer | 150x40x30
first aid kit, first aid box, first aid bag, first aid case | 260x180x90
face mask, surgical mask, medical mask | 175x95x3 flat
thermometer, fever thermometer, hot water bottle, ice pack, cold pack, heat pack, eye patch, finger stall, tourniquet, blood pressure monitor, oximeter | 180x80x40
# Medicines
medicine, fever syrup, tablet for pain, painkiller, cough syrup, paracetamol, aspirin, insulin, epipen, epi pen, adrenaline pen, antibiotics, nose spray, eye drops, vitamin, inhaler, medicines, allergy tablets, ibuprofen, antihistamine, throat sweets
calamine, antihistamine, antiseptic cream, indigestion tablet, travel sickness tablet, throat lozenge, cough sweet, sleeping tablet, sleeping pill, tablet bottle, iodine, worming tablet, fever juice | 120x60x50
# Tissues
tissue, box of tissues, tissue box, paper handkerchief, handkerchief, facial tissue | holds=100
# Washing things
toothbrush, toothpaste, comb, hairbrush, hair brush, nail brush, hair tie, hair bobble, hair clip, contact lens solution, contact lens case, soap dish, washcloth, tooth mug
hair tie, hair bobble, hair band, hair clip, hair slide | 60x50x8 small
bar of soap | 90x60x30
hand cream, hand lotion, deodorant, razor, shaver, shaving foam, flannel, bath sponge, loofah, nail varnish remover, mouthwash, dental floss, make up, lipstick, perfume, bath salt, bath bomb, shower cap, electric toothbrush | 150x50x40
toothbrush | 190x20x18
perfume, aftershave, mouthwash, hairspray, hair spray, deodorant | 150x60x45 cylinder H5
# Tissues
toilet paper, toilet roll, loo paper, bog roll | 120x110x110
napkin, serviette, paper napkin | 165x165x1 neat
# Nap blankets
sleeping bag, cot sheet, nap sheet, bed sheet, duvet, bedding, fitted sheet, cot blanket, nap blanket, baby blanket, duvet cover, pillowcase, baby sleeping bag, bed linen, blanket for nap, cot bedding, mattress cover, crib sheet, pillow case, nap mat, rest mat, sleeping mat, mat for sleeping, mat for nap
nap mat, rest mat, sleeping mat, mat for sleeping, mat for nap | 600x500x40 stands=stack
cot sheet, fitted sheet, nap sheet, bed sheet, pillowcase, crib sheet, pillow case | 300x220x25
duvet, single duvet, winter duvet | 600x400x250
travel cot, folding cot, camp bed, nap cot stackable, stackable cot, folding bed | 800x260x260 rigid stands=single
cot, crib, moses basket, baby cot | 1250x700x900 rigid stands=single
# Cups and bottles
cup, beaker, water bottle, drinking cup, mug, sippy cup, baby bottle, drinking bottle, paper cup, plastic cup, feeding bottle, glass, tumbler, drinking glass
water bottle, baby bottle, drinking bottle, feeding bottle, milk bottle | 200x75x75 rigid
paper cup, plastic cup, disposable cup | 80x80x25
flask for tea, vacuum flask | 300x90x90 rigid
lunch box, snack box, lunchbox, food container, sandwich box, plastic food box, storage tub, plastic tub | 200x150x70
baby bottle, milk bottle, feeding bottle, bottle teat, drinking bottle, thermos, flask, vacuum flask, straw cup | 180x70x70
# Plates and cutlery
plate, bowl, spoon, fork, cutlery, child plate, knife fork and spoon, melamine plate, plastic plate, dinner plate, cereal bowl
spoon, fork, teaspoon, cutlery, child cutlery, plastic cutlery, plastic spoon | 190x40x20 long
pan, saucepan, frying pan, pot, cooking pot, casserole | 350x230x120
kitchen knife, carving knife, bread knife, vegetable peeler, cheese grater, grater, steak knife, chopping knife | 300x45x20 long H4
# Cleaning agents
cleaner, bleach, detergent, washing up liquid, washing powder, toilet cleaner, cleaning spray, glass cleaner, floor cleaner, dishwasher tablet, fabric softener, drain cleaner, oven cleaner, multi surface spray, all purpose cleaner, cleaning agent, surface spray, disinfectant spray, washing liquid, stain remover, furniture polish, limescale remover, window cleaner, bathroom cleaner, kitchen cleaner, laundry detergent, dishwasher tabs, laundry liquid, anti bac spray
washing powder, dishwasher tablet, dishwasher tabs | 250x170x100 H5
antibac spray, antibacterial spray, disinfectant spray, surface spray, window spray, descaler, limescale remover, stain remover, furniture polish, shoe polish, starch spray, air freshener | 260x90x60 H5
# Hand sanitiser
hand sanitiser, hand gel, disinfectant, hand sanitizer, hand wash, liquid soap, soap dispenser, hand soap, antibacterial gel, sanitiser
bar of soap, soap bar | 90x60x30
# Cloths and sponges for cleaning
duster, dishcloth, cleaning cloth, microfibre cloth, scourer, cleaning sponge, washing up sponge, floor cloth, mop head, washing up brush
# Kitchen roll
kitchen roll, paper towel, kitchen paper, roll of paper towels, hand towel paper, blue roll
baking paper, cling film, tin foil, aluminium foil, cling wrap, baking parchment, kitchen foil, clingfilm | 320x50x50
# Bin bags
bin bag, bin liner, rubbish bag, refuse sack, roll of bin bags, black bag, bin sack
freezer bag, carrier bag, plastic bag, sandwich bag, zip bag, paper bag, zip lock bag, food bag, shopping bag | 250x150x30 soft
paper bag, paper carrier | 300x220x4 flat
# Dustpan and brushes
dustpan, hand brush, broom, mop, dustpan and brush, sweeping brush, carpet sweeper
mop, broom, long broom, squeegee | 1300x300x80 long
mop bucket, cleaning bucket | 350x300x300 nesting
washing basket, laundry bag, laundry basket | 500x350x280 nesting
clothes hanger, coat hanger, hanger, trouser hanger | 420x210x10 flat stands=hook
drying rack, clothes horse, airer, clothes airer | 1100x600x80
# Receipts
receipt, bill, invoice, till receipt, till roll, bank slip, phone bill, electricity bill, bills
# Tax papers
tax paper, tax record, tax return, account book, payslip, tax form, tax file, tax document
bank statement, statement, pension letter, council letter | 297x210x0.2 flat H14
# Household papers
letter from school, school letter, medical letter, bank letter, official letter, letter, school report, warranty card, household paper, insurance letter, permission slip, old letter, newspaper cutting, recipe card, loose recipe, recipe, permission form, ticket, menu, important paper, car papers, document, form, paperwork, voucher, gift voucher, application form
school report, certificate for sport, swimming certificate | 297x210x0.3 flat
test paper, exam paper, exam script, essay, thesis, report, agenda, form, questionnaire, voucher, ticket, postcard, business card, ration book | 297x210x0.1 flat
# Manuals
manual, instruction, guarantee, warranty, user guide, instruction booklet, instruction manual, instruction sheet, appliance manual, instructions for games
# Certificates
certificate, contract, passport, insurance paper, birth certificate, will, insurance policy, id card, identity card, vaccination record, marriage certificate, deed, driving licence, lease, rental agreement, vaccination card, health card
passport, vaccination record, vaccination booklet | 125x88x5 neat
# Child records
child file, registration form, emergency card, childrens file, accident book, attendance register, register, consent form, child record, medical form, development folder, observation sheet, accident form, medical record, allergy list, contact list
# Finished artwork
childrens painting, painting, drawing, finished painting, finished artwork, art work, artwork, child drawing, keepsake picture, nursery painting, self portrait, collage, kids art, picture by the children, kids drawing, childrens drawing
clay model, junk model, finished model, pottery piece, model by the children, childrens pottery, ceramic piece | 150x120x100 rigid
# Photographs
photo, photograph, print, class photo, family photo, school photo, passport photo, old photo, wedding photo, photo print
photo album, album, baby album | 310x300x45 neat H14 stands=row
negatives, slide film, photo negative | 260x100x0.3 flat H14
photo frame, picture frame, frame for photos, negative, slide box, photo album | 260x210x25
# Keys
key, spare key, key ring, padlock, keyring, house key, bunch of keys
padlock, bike lock, combination lock | 80x50x25
# Keepsakes
baby shoes keepsake, memory box, keepsake, souvenir, medal, trophy, first curl, keepsake box, baby keepsake, trophies | 250x180x120
medal, badge medal, scout badge | 80x60x8
coin collection, stamp collection, stamp album | 300x250x40 neat
watch, wrist watch, pocket watch, jewellery, necklace, bracelet, brooch, wedding dress, heirloom, autograph book | 100x80x30
# Winter decorations
christmas lights, xmas lights, tree lights, string of lights, lights string, lightchain | 220x150x80 coiled H6
christmas decoration, xmas decoration, bauble, christmas bauble, xmas bauble, tinsel, winter decoration, christmas ornament, star decoration, tree decoration, nativity figure, christmas tree ball
christmas tree, artificial tree, artificial christmas tree | 1200x300x250 stands=single
christmas crib, nativity set, nativity scene | 350x250x200
christmas stocking, stocking | 400x250x20 soft
wreath, door wreath, advent wreath | 350x350x100
# Spring decorations
easter egg, easter decoration, easter basket, spring decoration, easter grass, plastic egg
# Autumn decorations
paper lantern, halloween decoration, pumpkin, harvest decoration, autumn decoration, autumn leaf garland, halloween costume box
# Party supplies
paper plate, party plate, disposable plate, paper bowl | 230x230x1 flat
bunting, flag garland, pennant | 250x180x40 soft metre=0.12
paper chain, garland, streamer, tinsel garland | 200x150x60 soft metre=0.3
party hat, candle, birthday candle, paper chain, garland, streamer, party popper, birthday banner, party decoration, birthday decoration, party plate, party bag, table decoration, sparkler, birthday crown
candle, dinner candle, household candle | 180x25x25
pillar candle, altar candle | 150x70x70
birthday candle, cake candle | 65x6x6
tea light, tealight, tea candle | 38x38x16
party bag, treat bag, party bag filler, small present, pinata filler | 120x80x30
pinata | 400x350x150
vase, vases, flower vase, candle holder, candlestick | 250x120x120
artificial flower, silk flower, dried flower | 400x80x80 soft
bday candle, cake candle, cake topper, paper fan decoration, confetti, party blower, paper straw, drinking straw, cocktail stick, doily, cupcake case, cake case | 90x60x15
# Balloons
balloon
balloon packet, water balloon pack, water bomb
# Gift wrap
gift wrap, wrapping paper, roll of wrapping paper, roll of gift wrap, wrapping paper roll, gift paper, gift wrap roll, christmas paper roll
gift bag, gift box, present bag, bottle bag | 300x230x6 flat
gift bow, bow, rosette, stick on bow | 80x80x40 rigid
# Wet-weather wear
raincoat, rain jacket, rain trousers, waterproof trousers, snowsuit, puddle suit, waterproof, rain suit, splash suit, ski suit, all in one suit, snow suit, waterproof jacket, rain cape
snowsuit, ski suit, snow suit, winter overall | 450x350x80
umbrella, parasol, walking umbrella | 600x70x70 long stands=hook
# Hats and gloves
woolly hat, winter hat, glove, mitten, scarf, bobble hat, winter glove, sunhat, beanie, knitted hat, pair of gloves, pair of mittens, neck warmer
ear muff, earmuff, snood, leg warmer, gauntlet, ski glove | 200x120x40
# Matches and lighters
match, matches, lighter, box of matches, gas lighter, firelighter, stick lighter, matchbox | H4
gas cartridge, lighter refill, lamp oil | 160x60x60 H5
# Furniture
furniture | stands=single
chair, small chair, child chair, folding chair, stool, high chair, step stool, stacking chair, footstool | 450x450x700
step stool, footstool, small stool | 400x300x220
table, folding table, small table, coffee table, side table, desk | 1000x600x600
shelf, bookcase, bookshelf, shelving unit, cabinet, drawer unit, chest of drawers, shoe rack | 900x300x900
shelf board, spare shelf, plank of wood, board for shelf | 800x280x20 flat
mirror, wall mirror, safety mirror | 600x400x20 flat
curtain rail, curtain pole, rod, curtain rod | 1500x40x40 long
room divider, screen divider, stair gate, safety gate, baby gate, fire guard | 900x750x40 flat
car seat, child car seat, booster seat, baby seat | 600x450x450
travel cot, folding cot, cot, crib, playpen, camp bed, guest bed, room divider, clothes rail, clothes horse, ironing board, mirror, coat stand, beanbag chair, armchair, sofa, couch, bench seat | 750x250x250 stands=single
# Empty containers
basket, wicker basket, storage basket, plastic basket | 350x250x200 nesting
plastic box, storage crate, storage container, crate, plastic crate, drawer insert, plastic drawer, storage bin, empty crate | 400x300x220 nesting
label holder, shelf clip, drawer divider, hook rail, hanging rail | 300x60x25
# Pet things
hamster cage, rabbit hutch, bird cage, guinea pig cage, pet cage | 700x400x400 stands=single
cat litter, pet litter, hay for pets, straw for pets, sawdust | 400x300x120 soft density=550
pet carrier, cat carrier, litter tray, cat basket | 500x350x300
aquarium, fish tank | 600x300x300 stands=single
dog lead, pet food, cat food, dog toy, pet bed, fish food, cat toy, dog basket, fish tank, aquarium
cat food, pet food, dog food, bag of dog food | 350x250x100 soft
# Food and drink
snack, biscuit, tea bag, coffee, sweets, juice carton, cereal bar, sugar, cereal, crisps, tea, biscuits packet, honey, tinned food, cracker
shortbread, chocolate, cake, bread, flour, rice, pasta, noodles, jam, marmalade, peanut butter, soup, spice, salt, nuts, raisin, popcorn, porridge, oats, baby food, juice, soft drink, lollipop, chewing gum, cake sprinkles, icing | 150x100x60
# Current projects
unfinished project, half finished project, work in progress, project box, craft project, started project
knitting project, half finished scarf, half finished jumper, sewing project, unfinished quilt, unfinished knitting | 300x250x100 soft
# Mending
thing to mend, mending pile, mending basket, clothes to mend, toy to repair
# Odds and ends
odds and ends, bits and bobs, miscellaneous, junk drawer content, bits and pieces, random bits
weapon, sword, dagger, air rifle, crossbow, bow and arrow | 800x120x60 long H4
mousetrap, mouse trap, fishing rod, fishing tackle, fish hook, tackle box | 250x120x80 H4
spectacles, reading glasses, sunglasses, glasses case, goggles | 160x65x50
# Strays
stray piece, lost piece, single piece, odd piece, stray jigsaw piece
puzzle piece, odd puzzle piece, loose puzzle piece, lost puzzle piece | 25x25x2
`;
