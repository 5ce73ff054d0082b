/**
 * Nouns drawn at random from the table, with what an expert says each is: `categories (| between them) and hazards: nouns`, and `-` for
 * what nobody keeps in a room. Each list was written before its answers were looked at; the first two were worked with since.
 */
export const NOUNS: readonly string[] = [
  `
food-and-drink: lekvar; sweetener; cupcake; ginger nut; raisin; table d'hote; pecan pie; cut of beef; combination salad; gravy; light beer; stone crab; lutfisk; citrus; finnan haddie; tahini; chili pepper; collard greens; cocktail; milk; anchovy sauce; ginger; poi; pickle; greens; cider; beigel; crystallized fruit; pork sausage; solanaceous vegetable; orange zest; cheese spread; allemande sauce; poultry; seed cake; soochong; potato peel; spring water; royal jelly; chewing gum; monkey nut; cornet; geneva; cotton cake; amylum
medicines H5: doxepin hydrochloride; quinacrine hydrochloride; immunosuppressive; cathartic; atropine; propoxyphene; local anesthetic; dolophine hydrochloride; sulfamethoxazole; suppository; therapeutic
varnish-and-solvents|cleaning-agents|medicines H5: thinner; toluene; spirits of wine; benzol
poster-paint|varnish-and-solvents|finger-paint: paint
varnish-and-solvents|strong-adhesives|plaster-and-casting: spackling compound; sealing material
fabric|felt-sheets|ribbon|tissue-and-crepe-paper: interlock; crape; brocade; belting; sarcenet; houndstooth check
fabric|spare-clothes|stuffing: lambskin
hats-and-gloves|hats-and-crowns: sailor cap
spare-clothes|dressing-up-clothes: widow's weeds
washing-things: eyeliner
medicines|washing-things: gargle
finished-artwork: wash drawing; rough drawing; intaglio; self-portrait; buhl
camera-and-lenses: photographic plate; anastigmatic lens; lens system; hologram
photographs|camera-and-lenses: hologram
photographs H14: photograph
plates-and-cutlery|cups-and-bottles: sugar spoon; brandy glass; glass; china; pyx
computers-and-screens: cardioid microphone; audio system
computers-and-screens|audio-stories|office-machines: phonograph
hand-tools H4: crowbar; screwdriver; jimmy; screw log
hand-tools|wooden-blocks: stud finder
plates-and-cutlery|hand-tools|sharp-scissors|craft-knives H4: cleaver; slasher
measuring-tools: carpenter's rule; tach; alidad; chronoscope
nails-and-screws H4: toggle bolt
bags-and-purses|empty-containers: overnighter
play-money|keepsakes|odds-and-ends: coin blank
empty-containers|play-money|keepsakes: coin box
empty-containers|cups-and-bottles|plates-and-cutlery|food-and-drink: coffee can
desk-trays-and-stands|empty-containers|bin-bags: ashbin
soft-animals|spare-clothes: teddy
shoes|bats-and-rackets|balance-and-gym: bowling shoe
ride-ons-and-scooters|bats-and-rackets|balance-and-gym: hockey skate
workbooks: workbook
dustpan-and-brushes: mop
recorders-and-flutes|chime-bars: harmonium; stockhorn; drone pipe
shakers-and-bells: maraca
hats-and-crowns|pompoms: pom-pom
beads|keepsakes: necklet; wristlet; watch bracelet
furniture: tilt-top table; drafting table; durables
blankets-and-cushions|furniture|nap-blankets: featherbed
tents-and-tunnels|dolls-houses-and-play-scenes: tree house
office-machines|plates-and-cutlery|furniture: kitchen appliance
lamps|light-bulbs: mercury-vapor lamp
stones-and-shells: precious stone
stuffing|scrap-wood: foam rubber; glass wool
matches-and-lighters|odds-and-ends H4: dynamite; trinitrotoluene; gun
card-games: hole card
chapter-books: sacred writing
comics-and-magazines|chapter-books: promptbook
household-papers|tax-papers|certificates: bill of sale; consent decree; shopping list; statute
scrap-wood: balsa wood
toy-cars|large-vehicles: kamikaze; passenger ship; pleasure boat; tipper truck; lorry; express luxury liner; gas guzzler; scout car; corvette
wooden-railway: locomotive
aprons|spare-clothes: placket
flags-and-puzzle-maps: colours
ribbon|party-supplies: trimming
bats-and-rackets|mats-for-work: wrist pad
toy-animals: fauna; rabbit; salamander
pet-things: checkrein
odds-and-ends: bola
nature-collection|cones-and-sticks|food-and-drink: cornstalk
nature-collection: stem; culm
-: aliyah; dance palace; tripalmitin; scarer; dwelling house; cloud chamber; loment; bodywork; moldboard plow; panic button; call box; benzofuran; cirrhus; spreadhead; lobe; bbs; panting; iron collar; web log; imidazole; cytosine; polystyrene; zinc blende; fovea; spanker; cofferdam; honoris causa; duomo; genitals; cochlea; right field; ejector; annexe; oxygen acid; roofing; patka; information system; motel; wayside; copper; blackface; fretwork; doorframe; office building; knee; fore-and-aft sail; selsyn; ginmill; sheath; curfew; visceral brain; organ; iron putty; flimsy; shingle; bollard; biprism; vinyl group; technical; herringbone pattern; slit trench; bow; choking coil; leader; methionine; beta globulin; fraise; green; kern; practice range; postmodernism; upstage; spigot; blind corner; show card; lancet window; diamagnet; box beam; archive; ginglymus; thingummy; zinc sulfate; sheet piling; bladder; summerhouse; feces; mate; inverter; clamshell; auxiliary airfield; poilu; lugsail; reviewing stand; line of defence; pith; telecasting; pinfold; eucalyptus gum; recovery room; curb; spot weld; bronchus; baryta; aplite; opening; window frame; pillar box; glutaminic acid; sylvite; quaternary ammonium compound; arbour; pet shop; headrace; college; double first; lower criticism; petcock; wine bar; flat; purifier; zinkenite; haemitin; spur gear; baneberry; dihydroxyphenylalanine; newsroom; snow blower; bridle path; title page; head shop; melamine; benzoin; ligule; rubbish; mosaic
`,
  `
toy-animals: medusan; octopod; pintail; creole-fish; bull; bushbuck; loon; tanager; rudderfish; hanuman; jabiru; stingaree-bush; alpaca; ephemeropteran; swordtail; carthorse; binturong; ass; panda; blenny; flathead; tarsier; springbuck; tiglon; pogonophoran; helminth
medicines H5: human chorionic gonadotrophin; prescription medicine; mefloquine; procarbazine; hydroxyzine hydrochloride; miconazole; antiprotozoal; laetrile; mercurial ointment; diltiazem; drug; fluoxetine hydrocholoride; ampicillin; selective-serotonin reuptake inhibitor; adrenergic; calcium blocker; dexamethasone
medicines|food-and-drink: water-soluble vitamin
food-and-drink: side of meat; piroshki; rotgut; cookout; macrobiotic diet; eatage; strudel; kirsch; firm omelet; risotto; green bean; curd; pieplant; pistachio; tamale pie; sundowner; haricot; root vegetable; ladyfinger; chicken stock; plum pudding; aperitif; cut of meat; egg cream; bittersweet; salmi; monkey nut; jasmine; woodruff; litter
food-and-drink|pet-things: chicken feed
cleaning-agents|varnish-and-solvents H5: dishwasher detergent; sodium hypochlorite; muriatic acid; hydrofluosilicic acid
scales-and-weights|measuring-tools: spring balance
measuring-tools: gage; depth gage; light meter
matches-and-lighters|odds-and-ends H4: nitrocellulose; marine mine; cannon cracker; antiballistic missile
plates-and-cutlery|craft-knives|odds-and-ends H4: machete; table knife
hand-tools H4: tinsnips; pricker; hayfork; bottle opener
sharp-scissors|hand-tools H4: tinsnips
board-games|bats-and-rackets: dartboard
plates-and-cutlery: cocotte; cannikin; pottery
cups-and-bottles|plates-and-cutlery: blackjack; cannikin
card-games: face card; trump card; singleton
address-stamps|stamps-and-ink-pads: rubber stamp
furniture: bureau; kitchen table; prie-dieu; potbelly
lamps|light-bulbs: glow lamp; discharge lamp
office-machines H15: hotplate
ribbon|sewing-thread|zips-and-fastenings|string-and-cord: rickrack; lacework; ribbing; ripcord
camera-and-lenses|magnifiers|binoculars-and-compasses: converging lens; lens; optical telescope
computers-and-screens|office-machines|audio-stories: tone arm; image scanner; typewriter keyboard; squawk box; recorder; tv camera
recorders-and-flutes: recorder; drone pipe
cables|electric-circuits: optical fibre
paper-clips-and-pins H2: drawing pin
shoes: sabot; sandal
balance-and-gym|sand-toys|bath-toys|bats-and-rackets: water wings
bats-and-rackets|hats-and-gloves: baseball glove; club head
nails-and-screws H4: locknut
bibs-and-muslins|washing-things: face cloth
finished-artwork: oil painting; sgraffito; trial impression
bags-and-purses: baggage; tote bag
household-papers|greeting-card-blanks: airmail letter; information return; written report; credentials; muster roll; piece of writing; self-report inventory
certificates|household-papers: driver's license; edict
exercise-books: writing pad
abacus: abacus
hats-and-crowns|dressing-up-clothes: basinet
spare-clothes: habiliment; soutane; bootleg
spare-clothes|keepsakes|shoes: anklets
photographs|comics-and-magazines: glossy; pictorial
chapter-books|reference-books: criticism; western
comics-and-magazines: pictorial
scrap-wood: hardboard
mosaic-tiles: tessella
keepsakes|beads: jewelry
knitting-and-sewing-helpers|sewing-patterns: needlework; satin stitch; sewing stitch; sewing-machine stitch; tacking; stitch
fabric|wool: worsted; warp
washing-things|food-and-drink: attar; lemongrass oil; hyssop oil
hats-and-gloves|hats-and-crowns: visor
ride-ons-and-scooters: stick horse
rattles-and-teethers: pacifier
tents-and-tunnels|furniture|-: shelter; wikiup
toy-cars|large-vehicles|wooden-railway: cable car; horse cart; spacecraft; water cart; airship; excavator; airplane; coracle
flags-and-puzzle-maps: pennoncel
odds-and-ends|pet-things: lure
desk-trays-and-stands|plates-and-cutlery: cosy
magnifiers|first-aid-supplies|doctor-set: ophthalmoscope
play-money|shop-and-till: till; quetzal
measuring-tools|clocks: clockwork
experiment-glassware: spectrograph
plaster-and-casting: ferroconcrete
stones-and-shells: rock crystal; andesite; aragonite; felspar; heavy spar
nature-collection|garden-tools-for-children: woodruff; aeschynanthus; majagua; kahikatea; cliff-brake; maple; frost-weed; tuberose; catchfly; horsemint; talipot; simal; pyxidium; cone
-: oil pump; tailstock; tobacco; amino resin; accroides resin; acrosome; square sail; basic iron; weather satellite; baseball field; spire; air cleaner; nuclear fuel; drinking fountain; sunshine-roof; crammer; vanadium steel; chimney corner; window frame; recycling; mucopolysaccharide; automobile factory; direct dye; vascular ray; square knot; wind tee; hoodmould; ogee; trypsinogen; oleic acid; printing shop; carnauba; circus; clinic; stone pit; lemon-wood; highboard; log; contraption; thermocouple junction; line of products; coulter; polyurethan; parterre; silicone; steel plate; short bone; loot; omnidirectional radio range; wheel; mangle; duplex house; downstage; dormer window; convolution; eardrum; dry masonry; casein; keister; lignite; agglutinin; resolvent; court of law; flowerbed; adenosine deaminase; haematoidin; polyphosphoric acid; starting motor; propene; opinion; fireplace; zodiac; jimdandy; library; boatyard; radio beacon; ell; arena; swivel; ghatti; celiac artery; pothouse; second; excretory product; doorjamb; tryptophan; endogen; entire; copaline; walk
`,
  `
marbles H2: marble
drawing-paper|exercise-books: sketch block
food-and-drink: spun sugar; burger; celeriac; lemon extract; wheat; chili sauce; nutlet; shortcake; confect; strong drink; breadcrumb; date bar; bread-stick; spaghetti and meatballs; dark chocolate; rye whisky; vodka martini; draught beer; emmer; sunberry; lemon butter; stuffed mushroom; mixed drink; beigel; blood pudding; chili pepper; cappelletti; caper sauce; egg fu yung; crookneck; genip; babassu nut; good-king-henry
medicines H5: hexestrol; meclizine; over-the-counter drug; potion; cephalosporin; mineralocorticoid; urokinase; neuroleptic agent; lomustine; acetylsalicylic acid
medicines|food-and-drink: fat-soluble vitamin
toy-animals: sparrow; puma; shoveller; brute; ascidian; strawworm; deinocheirus; greenwing; parrotfish; rat; douroucouli; longicorn; myna; markhor; dovekie; teju; curassow; hawkmoth; pintail; megalosaur; boxer; splitworm; lion; megalosaurus; beaver; cottonwick
varnish-and-solvents|cleaning-agents|matches-and-lighters H5: liquefied petroleum gas; gasoline; methylated spirit
computers-and-screens: personal digital assistant; data processor; hand-held microcomputer; tricolour television tube; monitoring device; communication equipment
large-vehicles|toy-cars|wooden-railway: trolley coach; glider; wrecker; refrigerator car; snowplow; torpedo-boat destroyer; phaeton; brig; research rocket
chapter-books|reference-books: detective story; book of knowledge; wordbook; encyclopedia; report; disquisition
shoes: jodhpur boot; calceus
keepsakes|beads|finished-artwork: lavaliere; scrimshaw
recorders-and-flutes: bagpipe
office-machines|washing-things H15: blow drier; dryer
office-machines: exhaust fan
doctor-set|first-aid-supplies: curette; arthroscope
hand-tools H4: straight-fluted drill; plumber's snake; hand shovel; bumper jack; tacker; rock bit; burin; diamond point
furniture: deck chair; campstool; musnud; credenza; hatrack
odds-and-ends|hand-tools H4: battle-axe; saber; kris; pistol; slow match
camera-and-lenses: anastigmat; photographic equipment; flashgun; flash
measuring-tools: measuring cup; weatherglass
spare-clothes: sack coat; housecoat; lederhosen; gathered skirt; white tie
spare-clothes|dressing-up-clothes: wedding dress; bolo tie; gathered skirt; tabi
card-games: ace of spades; seven
strong-adhesives|sticky-tape|scrap-wood|wire: silver solder
balance-and-gym|ride-ons-and-scooters: inflator; snowboard
bottle-tops|hats-and-crowns|empty-containers: lid
nails-and-screws H4: doornail; cotter pin; stove bolt
electric-circuits: electrolytic capacitor; shunt
rubbers-and-sharpeners: rubber
shakers-and-bells: zill; wind chime
chime-bars: orchestral bells
memory-sticks-and-discs: compact disk; nonvolatile storage
experiment-glassware|magnifiers: spectroscope
dice-and-counters|balls|board-games: jackstones
keepsakes|empty-containers: time capsule
household-papers|certificates: estimate; addendum; letters of administration; donor card; church roll; enabling clause; quitclaim deed; academic degree
tents-and-tunnels: circus tent
party-supplies|ribbon: swag
song-sheets|chapter-books: ballad
comics-and-magazines: sports page
string-and-cord|zips-and-fastenings: latchstring
tissues: hanky
washing-things: coldcream
fabric: flannelette
pipe-cleaners: pipe cleaner
cones-and-sticks|scrap-wood: cordwood; batten; staff; tarwood; matai; kaury; oak
audio-stories|computers-and-screens: pickup arm
plates-and-cutlery: carving fork; ladle
empty-containers: wine barrel; recycling bin; cylinder
shop-and-till|play-money|empty-containers: money box
nap-blankets|blankets-and-cushions: bed clothing
stamps-and-ink-pads: stamp pad
beads|sorting-toys|bats-and-rackets|easels-and-boards: pegboard
garden-tools-for-children|nature-collection: willowherb; paspalum; calceolaria; butterbur; bald cypress; monkshood; martynia; heartsease; sprig; ensiform leaf; obtuse leaf
finished-artwork: silverpoint
stones-and-shells: cairngorm; wollastonite; anthracite
wire: haywire
-: nobelium; sleeping room; indoleacetic acid; athanor; turret; patina; midriff; digital subscriber line; sodium carboxymethyl cellulose; triolein; bullpen; xanthic acid; complex; jaboncillo; clip joint; glycollic acid; potash muriate; pore; ethmoid; gum anime; plantation; chalaza; standee; epitrochoidal engine; oriel; straight arch; dateline; pied-a-terre; service entrance; temporary hookup; cattle ranch; thermoregulator; staphylococcal enterotoxin; network; tortoiseshell; helium group; blood vessel; flight indicator; benzene formula; park; speedway; shard; telegraph line; poler; groundwork; hoodmold; road surface; hydrogen atom; tuckahoe; sodium tripolyphosphate; fanlight; abattis; flab; proteolytic enzyme; tv-antenna; acyl group; moving staircase; shipyard; cupper; acaroid resin; hemosiderin; dimethylglyoxime; silicone polymer; fuze; catalytic cracker; automatic pilot; sterol; case-hardened steel; quantong; after part; training school; angler; scorpioid cyme; inscription; host; reservoir; clean room; cyanamide; booth; coordination compound; bath water; parget; clone; feeder; fire hydrant; window sash; crow's nest; rotary press; leader; commodities exchange; catch; detention camp
`,
];
