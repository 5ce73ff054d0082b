/*! Words and what they mean, from WordNet 3.1, made by `npm run vocabulary`; its licence:

WordNet Release 3.0

This software and database is being provided to you, the LICENSEE, by
Princeton University under the following license.  By obtaining, using
and/or copying this software and database, you agree that you have
read, understood, and will comply with these terms and conditions.:

Permission to use, copy, modify and distribute this software and
database and its documentation for any purpose and without fee or
royalty is hereby granted, provided that you agree to comply with
the following copyright notice and statements, including the disclaimer,
and that the same appear on ALL copies of the software, database and
documentation, including modifications that you make for internal
use or for distribution.

WordNet 3.0 Copyright 2006 by Princeton University.  All rights reserved.

THIS SOFTWARE AND DATABASE IS PROVIDED "AS IS" AND PRINCETON
UNIVERSITY MAKES NO REPRESENTATIONS OR WARRANTIES, EXPRESS OR
IMPLIED.  BY WAY OF EXAMPLE, BUT NOT LIMITATION, PRINCETON
UNIVERSITY MAKES NO REPRESENTATIONS OR WARRANTIES OF MERCHANT-
ABILITY OR FITNESS FOR ANY PARTICULAR PURPOSE OR THAT THE USE
OF THE LICENSED SOFTWARE, DATABASE OR DOCUMENTATION WILL NOT
INFRINGE ANY THIRD PARTY PATENTS, COPYRIGHTS, TRADEMARKS OR
OTHER RIGHTS.

The name of Princeton University or Princeton may not be used in
advertising or publicity pertaining to distribution of the software
and/or database.  Title to copyright in this software, database and
any associated documentation shall at all times remain with
Princeton University and LICENSEE agrees to preserve same.
*/
/** A meaning a line, beneath the wider one it is of: its depth as a letter from A on, its words, and behind a word which of its meanings it is, where it is not the first. */
export const WORDS = `Aartifact,artefact
Barticle
Cbreakable
Cknickknack,novelty
Cnotion
Dribbon2
Eriband,ribband
Cware
Darticle of commerce
Etinware
Dmetalware
Etole
Dtableware
Echopstick
Ecrockery,dishware
Fchinaware,china2
Gwillowware,willow-pattern
Fcup
Gbeaker2
Gchalice,goblet2
Gcoffee cup
Hdemitasse
Gpaper cup
Ggrace cup
Gkylix,cylix
Gmustache cup,moustache cup
Gscyphus
Gteacup
Fdish
Gbowl2
Hcereal bowl
Hfinger bowl
Hmixing bowl
Hporringer
Hpunch bowl
Hsalad bowl2
Hslop basin,slop bowl
Hsoup bowl
Gbutter dish
Gcasserole
Hcocotte
Gcoquille
Ggravy boat,gravy holder,sauceboat,boat2
Hargyll,argyle
Gramekin,ramequin
Gserving dish
Htureen
Gsugar bowl
Gwatch glass
Feggcup,egg cup
Fovenware
Ecutlery2,eating utensil
Ffork
Gcarving fork
Gsalad fork
Gtablefork
Gtoasting fork
Fspoon
Gdessert spoon
Gruncible spoon
Gsoupspoon,soup spoon
Gsugar spoon,sugar shell
Gtablespoon
Gtea maker
Gteaspoon
Hiced-tea spoon
Gwooden spoon2
Edinnerware
Eflatware
Fplate4
Gdessert plate
Gdinner plate
Gpaper plate
Gsalad plate,salad bowl
Gsoup plate
Gsteel plate
Fplatter
Fsaucer
Eglassware,glasswork
Fcrystal2
Fcut glass
Fglass4
Egold plate
Eservice,table service
Fdinner service,dinner set
Fplace setting,setting2
Esilver plate
Esilverware
Fflatware2,silver
Fhollowware,holloware
Etea service,tea set
Dwoodenware
Banachronism
Bantiquity
Cantique
Crelic
Bblock
Canvil
Cbriquette,briquet
Ccake,bar5
Dtablet2
Cchock,wedge4
Dsprag
Cchopping block
Ccrosshead
Ccube,square block
Ddie,dice
Dice cube
Cdomino3
Done-spot
Cingot
Dbullion
Dpig2
Cnog2
Cnut
Dhex nut
Dlocknut,safety nut
Dsquare nut
Dstuffing nut,packing nut
Dwing nut,wing-nut,wing screw,butterfly nut,thumbnut
Cpad,inkpad,inking pad,stamp pad
Cslab
Dbutcher board,butcher block
Dtablet
Eabacus
Eslate
Dtile
Etessera
Ftessella
Cstarting block
Cstep2
Cswage block
Ctype
Dkern
Dquad,space
Ehair space
Bbutton4
Bcommodity,trade good,good
Cbasic,staple
Cconsumer goods
Ddurables,durable goods,consumer durables
Eappliance2
Fdryer,drier
Gclothes dryer,clothes drier
Hmangle
Hspin dryer,spin drier
Htumble-dryer,tumble drier
Hwringer
Fhome appliance,household appliance
Gcurling iron
Giron3,smoothing iron
Hflatiron
Hgoffer,gauffer,goffering iron,gauffering iron
Hsteam iron
Htravel iron
Gkitchen appliance
Hcoffee maker
Iespresso maker
Hdisposal,electric pig,garbage disposal
Hfood processor
Hhot plate,hotplate
Hice maker
Hmicrowave,microwave oven
Hoven
Ibroiler
Igas oven2
Irotisserie
Itandoor
Hstove,kitchen stove,range2,kitchen range,cooking stove
Icharcoal burner
Icookstove
Ielectric range
Igas range,gas stove,gas cooker
Ipotbelly,potbelly stove
Ispirit stove
Htoaster
Htoaster oven
Hwaffle iron
Gsewing machine
Hserger
Gtrouser press,pants presser
Gvacuum,vacuum cleaner
Gwhite goods
Hdishwasher,dish washer,dishwashing machine
Hrefrigerator,icebox
Icooler,ice chest
Ielectric refrigerator,fridge
Jdeep-freeze,deep freezer,freezer
Jice machine
Hwasher2,automatic washer,washing machine
Fair conditioner,air-conditioner
Fhumidifier
Fdehumidifier
Dfashion
Dgrocery2,foodstuff
Egreengrocery
Epackaged goods
Cdrygoods,soft goods
Dhaberdashery2,men's furnishings
Dwhite goods2,household linen
Elinen2
Fbath linen
Gbath mat
Gwashcloth,washrag,flannel2,face cloth
Fbed linen
Gcase5,pillowcase,slip4,pillow slip
Gpillow sham
Gsheet,bed sheet
Hfitted sheet,contour sheet
Fdoily,doyley,doyly
Ftable linen,napery
Gdamask
Gnapkin,table napkin,serviette
Hbib2
Hdinner napkin
Htea napkin
Gtablecloth
Htea cloth
Gtray cloth
Centrant
Cexport,exportation
Cfancy goods
Cfungible
Cfuture
Doil future,petroleum future
Dsoybean future
Dwheat future
Cimport,importation
Cmerchandise,ware2,product
Dcargo,lading,freight,load2,loading2,payload2,shipment,consignment
Dcontraband
Dfeature
Edrawing card,loss leader,leader
Dgeneric
Egeneric drug
Dironmongery
Dirregular,second2
Dline6,product line,line of products,line of merchandise,business line,line of business
Esideline
Dnumber
Drefill2
Drelease
Dschlock,shlock,dreck
Dsoftware package,software product
Dstock,inventory
Dyard goods,piece goods
Cmiddling
Cshopping
Cworldly possession,worldly good
Bcone
Bcovering
Cartificial skin
Cbootleg
Cbubble
Ccanopy
Ccasing2
Cchafing gear
Ccloak
Ccloth covering
Dantimacassar
Dback3
Dbedclothes,bed clothing,bedding
Ebedroll
Ebedspread,bedcover,bed cover,bed covering,counterpane,spread2
Fcoverlet
Fquilted bedspread
Eblanket,cover2
Fafghan
Felectric blanket
Fmackinaw2
Fmanta
Fsecurity blanket2
Emattress cover
Equilt,comforter,comfort,puff
Feiderdown,duvet,continental quilt
Fpatchwork,patchwork quilt
Gcrazy quilt
Ethrow
Dblindfold
Dbosom
Dburial garment
Epall,shroud3,cerement,winding-sheet,winding-clothes
Dcosy,tea cosy,cozy,tea cozy
Ddressing,medical dressing
Ebandage,patch5
Fadhesive bandage
Fcapeline bandage
Fcast2,plaster cast,plaster bandage
Fcompression bandage,tourniquet
Felastic bandage
Ffour-tailed bandage
Fimmovable bandage
Foblique bandage
Gspiral bandage
Froller bandage
Fsling4,scarf bandage,triangular bandage
Fsuspensory,suspensory bandage
Fswathe,wrapping2
Ftruss
Ecompress
Epoultice,cataplasm,plaster
Fmustard plaster,sinapism
Esurgical dressing
Delbow3
Deyepatch,patch4
Dhavelock
Dknee
Dlap,lap covering
Dleg3
Epant leg,trouser leg
Dseat4
Dshoulder
Dskirt
Dsleeve,arm4
Edolman sleeve
Elong sleeve
Eraglan sleeve
Eshirtsleeve
Eshort sleeve
Dslipcover
Cclothing,article of clothing,vesture,wear,wearable,habiliment
Daccessory,accoutrement,accouterment
Ebelt2
Fbaldric,baldrick
Fcartridge belt
Gbandoleer,bandolier
Fholster2
Fmoney belt
Fsafety belt,life belt,safety harness
Gseat belt,seatbelt
Efurnishing,trappings
Dapparel,wearing apparel,dress3,clothes
Eworkwear
Darray,raiment,regalia2
Ewar paint2
Dattire,garb,dress2
Eao dai
Ecostume
Ffancy dress,masquerade,masquerade costume
Ecostume4
Facademic costume
Frigout
Ecostume2
Ecostume3
Edisguise
Eecclesiastical attire,ecclesiastical robe
Fpurple,the purple
Efinery
Eformalwear,eveningwear,evening dress,evening clothes
Fballdress
Fdinner jacket,tux,tuxedo,black tie
Fdress suit,full dress,tailcoat,tail coat,tails,white tie2
Ehabit
Ffrock2
Fmonastic habit
Fnun's habit
Ehabit2,riding habit
Ehairpiece,false hair,postiche
Fswitch2
Ftoupee,toupe
Fwig
Ggrizzle
Ghorsehair wig
Gperiwig,peruke
Emorning dress
Eoutfit,getup,rig4,turnout4
Fbib-and-tucker
Fensemble
Gsailor suit
Fplaysuit
Ftrousseau
Esportswear,athletic wear,activewear
Fgym suit
Frunning suit
Dbeachwear
Dblack2
Dblue
Dchange2
Dcivilian clothing,civilian dress,civilian garb,plain clothes
Ecivies,civvies
Emufti
Ddrag
Dfootwear
Ehosiery,hose
Fsock
Ganklet2,anklets,bobbysock,bobbysocks
Gargyle3,argyll3
Gathletic sock,sweat sock,varsity sock
Gknee-high,knee-hi
Gtabi,tabis
Fstocking
Gboothose
Gnylons,nylon stocking,rayons,rayon stocking,silk stocking
Gsupport hose,support stocking
Ftights,leotards
Gmaillot2
Gpantyhose
Dgarment
Ebreechcloth,breechclout,loincloth
Fdhoti
Eburqa,burka
Ecamlet
Ediaper,nappy,napkin2
Efur
Egown3,surgical gown,scrubs
Ehaik,haick
Ehand-me-down
Ehead covering,veil
Fchador,chadar,chaddar,chuddar
Fface veil
Gniqab
Fyashmak,yashmac
Ehose2
Eironing
Fflatwork,flat wash
Ejump suit,jumpsuit
Ekanzu
Elaundry,wash3,washing,washables
Elegging,leging,leg covering
Fchap
Fgaiter3
Fputtee
Fspat,gaiter
Eleotard,unitard,body suit,cat suit
Emending
Emotley
Eneckwear
Fcravat
Gascot
Gneckcloth,stock5
Fnecktie,tie
Gbolo tie,bolo,bola tie,bola
Gbow tie,bow-tie,bowtie
Hblack tie2
Hwhite tie
Gfour-in-hand
Gold school tie
Gstring tie
Eovergarment,outer garment
Faba
Fcloak2
Gburnous,burnoose,burnouse
Gcaftan2,kaftan2
Gcape,mantle3
Hchlamys
Hmantelet2,mantilla2
Hpelisse
Htippet
Gcapote2,hooded cloak
Gcapuchin
Gcope2
Gdolman2
Gdomino
Gjellaba
Gopera cloak,opera hood
Gpallium2
Gponcho
Gshawl
Hprayer shawl,tallith,tallis
Hserape,sarape
Gtoga
Htoga virilis
Gtunic
Hchiton
Hgymslip
Hkameez
Hkirtle
Hsurcoat2
Htabard
Gwrap,wrapper3
Fcoat
Gbox coat
Gcoatee
Gcutaway2
Gduffel coat,duffle coat
Gfrock coat
Gfur coat
Hmink,mink coat
Hsable coat
Ggreatcoat,overcoat,topcoat
Hcapote,hooded coat
Hchesterfield2
Hsurtout
Hulster
Gjacket
Hbanyan,banian
Hbed jacket
Hblazer,sport jacket,sport coat,sports jacket,sports coat
Hbolero
Hbomber jacket
Hbush jacket
Hdolman,dolman jacket
Hdonkey jacket
Hdouble-breasted jacket
Hdoublet
Hdressing sack,dressing sacque
Hhug-me-tight
Hjerkin
Hjumper4
Hlumberjack,lumber jacket
Hmess jacket,monkey jacket,shell jacket
Hparka,windbreaker,windcheater,anorak
Icagoule
Iski parka,ski jacket
Hpea jacket,peacoat
Hsack2,sacque
Hsingle-breasted jacket
Hswallow-tailed coat,swallowtail,morning coat
Glab coat,laboratory coat
Gmackinaw
Gnewmarket
Graincoat,waterproof2
Hmacintosh2,mackintosh2,mac,mack
Ioilskin,slicker
Htrench coat
Gsack coat
Gsheepskin coat,afghan2
Gsurcoat
Gtopper
Ffrock
Fizar
Fsnowsuit
Epeplos,peplus,peplum2
Eraglan
Ereversible
Erobe
Fabaya
Fbathrobe
Fdressing gown,robe-de-chambre,lounging robe
Fkimono
Eromper,romper suit
Esackcloth
Escapular,scapulary
Escarf
Ffeather boa,boa
Ffichu
Fkerchief
Gheadscarf
Hbabushka
Hhijab
Hkhimar
Gneckerchief
Flambrequin
Fmantilla
Fmuffler2
Fpatka
Frebozo
Fsable2
Fstole
Ftudung
Esealskin
Eseparate
Eshirt
Fcamise
Fdashiki,daishiki
Fdress shirt,evening shirt
Fhair shirt
Fjersey,tee shirt
Fkurta
Fpolo shirt,sport shirt
Ftank top
Fwork-shirt
Esilks
Eskirt2
Fballet skirt,tutu
Fculotte
Ffull skirt
Fgathered skirt
Gdirndl
Fgrass skirt
Fhobble skirt
Fhoopskirt,crinoline
Fkilt
Flavalava
Fmaxi
Fminiskirt,mini
Foverskirt
Fsarong
Estomacher
Estraitjacket,straightjacket
Esuit,suit of clothes
Fbusiness suit
Gthree-piece suit
Gtwo-piece,two-piece suit,lounge suit
Fdouble-breasted suit
Fpinstripe
Fsingle-breasted suit
Fslack suit
Gpants suit,pantsuit
Fzoot suit
Esunsuit
Eswaddling clothes,swaddling bands
Esweater,jumper
Fcardigan
Fpullover,slipover
Gsweatshirt
Fturtleneck,turtle,polo-neck
Esweat suit,sweatsuit,sweats,workout suit
Eswimsuit,swimwear,bathing suit,swimming costume,bathing costume
Fbikini,two-piece2
Fmaillot,tank suit
Fswimming trunks,bathing trunks
Etrouser
Etrousers,pair of trousers,pant
Fbellbottom trousers,bell-bottoms,bellbottom pants
Fbreeches,knee breeches,knee pants,knickerbockers,knickers
Gbritches
Gbuckskins
Gplus fours
Gtrunk hose
Fchinos
Fchuridars
Fcords,corduroys
Fflannel3,gabardine2,tweed2,white2
Fjeans,blue jeans,denim
Glevis
Fjodhpurs,jodhpur breeches,riding breeches
Flong trousers,long pants
Fpajama,pyjama
Fpantaloon
Fpedal pushers,toreador pants
Fsalwar,shalwar
Fshort pants,shorts,trunks
Ghot pants
Glederhosen
Fslacks
Fstretch pants
Fsweat pants,sweatpants
Ftrews
Eundergarment,unmentionable
Fbody stocking
Fbrassiere,bra,bandeau
Guplift
Fcamisole,underbodice
Fchemise,shimmy,shift2,slip3,teddy2
Ffoundation garment,foundation2
Gcorset,girdle2,stays
Hpanty girdle
Groll-on2
Fgarter belt,suspender belt
Flong underwear,union suit
Fpetticoat,half-slip,underskirt
Gcrinoline2
Fsinglet,vest2,undershirt
Funderpants
Gbikini pants
Gbloomers,pants,drawers2,knickers2
Gbriefs
Gdrawers,underdrawers,shorts2,boxers,boxershorts
Gpantie,panty,scanty,step-in
Gthong2
Funderwear,underclothes,underclothing
Glingerie,intimate apparel
Hnightgown,gown2,nightie,night-robe,nightdress
Hundies
Glong johns
Gskivvies
Evest,waistcoat
Fbulletproof vest
Eweeds,widow's weeds
Ewet suit
Ewraparound
Dgrey,gray
Dhandwear,hand wear
Eglove2
Fbatting glove
Fgauntlet2,gantlet2
Fgauntlet,gantlet,metal glove
Fgolf glove
Fkid glove,suede glove
Fmitten
Emuff
Dheaddress,headgear
Ecap
Fbalaclava,balaclava helmet
Fbluebonnet
Fbaseball cap,jockey cap,golf cap
Fbathing cap,swimming cap
Fberet
Fbiggin
Fbiretta,berretta,birretta
Fcalpac,calpack,kalpac
Fcloth cap,flat cap
Fcockscomb,coxcomb
Fcoonskin cap,coonskin
Ffez,tarboosh
Fgarrison cap,overseas cap
Fkalansuwa
Fkepi,peaked cap,service cap,yachting cap
Fliberty cap
Fmobcap
Fmortarboard2
Fnightcap
Fpinner
Fsailor cap
Fshower cap
Fski cap,stocking cap,toboggan cap
Fskullcap
Gbeanie,beany
Gcoif
Gyarmulke,yarmulka,yarmelke
Ftam,tam-o'-shanter,tammy2
Fwatch cap
Fwishing cap
Ehat,chapeau,lid2
Fbearskin,busby,shako
Fboater,leghorn,sailor,skimmer2,straw hat
Fbonnet,poke bonnet
Gsunbonnet
Fbowler hat,bowler,derby hat,derby,plug hat
Fcampaign hat
Fcavalier hat,slouch hat
Fcocked hat
Gbicorn,bicorne
Gtricorn,tricorne
Fcowboy hat,ten-gallon hat
Fdeerstalker
Fdress hat,high hat2,opera hat,silk hat,stovepipe2,top hat,topper2,beaver
Fdunce cap,dunce's cap,fool's cap
Ffedora,felt hat,homburg,trilby
Ffur hat
Gbeaver3,castor3
Fmillinery2,woman's hat
Gchurch hat
Gcloche2
Gpicture hat
Gpillbox,toque2,turban2
Fshovel hat
Fsnap-brim hat
Gporkpie,porkpie hat
Fsombrero
Fsou'wester
Fsunhat,sun hat
Gpith hat,pith helmet,sun helmet,topee,topi
Ftitfer
Ftoque
Ftyrolean,tirolean
Ehelmet2
Fbatting helmet
Fcrash helmet
Gskid lid
Ffootball helmet
Fhard hat,tin hat,safety hat
Fheadpiece2
Fspace helmet
Ehood5
Fcalash,caleche
Fcamail,aventail,ventail
Fcowl2
Ejewelled headdress,jeweled headdress
Fcrown2,diadem
Gcoronet
Gcrown of thorns
Ftiara
Ekaffiyeh
Emiter3,mitre3
Etopknot
Eturban
Ewimple
Dknitwear
Dleisure wear
Dloungewear
Elounger2
Elounging jacket,smoking jacket
Elounging pajama,lounging pyjama
Dman's clothing
Ebrace3,suspender,gallus
Dneckpiece
Ecollar2
Efur-piece
Dnightwear,sleepwear,nightclothes
Enightshirt
Epajama2,pyjama2,pj's,jammies
Fsleeper3
Douterwear,overclothes
Egown4,robe2
Facademic gown,academic robe,judge's robe
Fvestment
Galb
Gcassock
Hsoutane
Gchasuble
Ghumeral veil,veil2
Gpallium
Gpontifical
Gsurplice
Dprotective garment
Eapron
Earm guard,arm pad
Eathletic supporter,supporter2,suspensor,jockstrap,jock
Ebiohazard suit
Ebody pad
Echest protector
Ecoverall
Fduster,gaberdine,gabardine3,smock,dust coat
Fjumper2
Foverall2,boilersuit,boilers suit
Ediving suit,diving dress
Eelbow pad
Efoul-weather gear
Ehip pad
Eknee pad
Epressure suit
Fspacesuit
Eshin guard,shinpad
Eshoulder pad
Ethigh pad
Ethroat protector
Ewrist pad
Dready-to-wear
Dslip-on
Dslops
Dstreet clothes
Dtailor-made
Dtogs,threads,duds
Duniform
Ejump suit2
Elivery
Emilitary uniform
Fbattle dress
Fdress uniform
Gdress blues,dress whites
Ffatigues
Ffull-dress uniform
Fkhakis
Folive drab,olive-drab uniform
Fregimentals
Dvestiture
Dwoman's clothing
Edress,frock3
Fcaftan,kaftan
Fchemise2,sack4,shift3
Fcoatdress
Fcocktail dress,sheath2
Fdirndl2
Fgown
Gball gown
Gbridal gown,wedding gown,wedding dress
Gdinner dress,dinner gown,formal,evening gown
Gmantua
Gtea gown
Fjumper5,pinafore,pinny
Fkirtle2
Fmorning dress2
Fmuumuu
Fpolonaise
Fsari,saree
Fshirtdress
Fstrapless
Fsundress
Ethong4
Enegligee,neglige,peignoir,wrapper,housecoat
Fbrunch coat
Fcamisole2
Etop4
Fblouse
Ggaribaldi
Gguimpe2
Gmiddy,middy blouse
Gshirtwaist,shirtwaister
Fbodice
Fbustier
Fhalter3
Dwork-clothing,work-clothes,work clothes,work clothing
Eoverall
Ccoating,coat2
Dbitumastic
Demulsion,photographic emulsion
Denamel2
Dfacing2,veneer2
Dfinish coat,finishing coat
Dgilt,gilding
Dlacquer
Ejapan2
Dovercoat2,overcoating
Dpaint,pigment
Eacrylic,acrylic paint
Eantifouling paint
Ecoat of paint
Fflat coat,ground3,primer2,priming2,primer coat,priming coat,undercoat2
Gcouch2
Edistemper
Eenamel
Eencaustic
Efinger paint,fingerpaint
Ehouse paint,housepaint
Eoil paint
Foil,oil color,oil colour
Esemigloss
Espray paint
Ewater-base paint
Fcalcimine
Fcasein paint,casein
Flatex paint,latex,rubber-base paint
Ftempera,poster paint,poster color,poster colour
Fwash
Gblackwash2
Gcolor wash,colour wash
Gwhitewash
Fwatercolor2,water-color,watercolour,water-colour
Ggouache
Dpatina
Everdigris
Dpatina3
Dpatina2
Dplating,metal plating
Egold plate2
Esilver plate2
Drendering
Dseal3
Eundercoat,underseal
Dvarnish
Efixative
Eshellac,shellac varnish
Dveneer,veneering
Dwaterproofing
Ccover plate
Cdrape2
Cearmuff
Cfig leaf
Cfinger
Cflap
Dbarndoor
Dcoattail
Dcodpiece
Dearflap,earlap
Djag2,dag
Dlap2,overlap
Ecuff,turnup
Ftrouser cuff
Elapel
Frevers,revere
Elappet
Dpocket flap
Dtent-fly,rainfly,fly sheet,fly,tent flap
Dtongue
Cfloor cover,floor covering
Dmat
Edoormat,welcome mat
Drug,carpet,carpeting
Ebroadloom
Edrugget
Eflying carpet
Ehearthrug
Enumdah,numdah rug,nammad
Eprayer rug,prayer mat
Ered carpet
Erunner
Escatter rug,throw rug
Eshag rug
Frya,rya rug
Estair-carpet
Cfolder
Dfile folder
Dmatchbook
Cfootwear2,footgear
Dboot
Ebuskin,combat boot,desert boot,half boot,top boot
Ecowboy boot
Ehessian,jackboot
Ehip boot,thigh boot
Fwaders
Eriding boot
Fjodhpur,jodhpur boot,jodhpur shoe
Erubber boot,gum boot
Eski boot
Dclog,geta,patten,sabot2
Dflats
Dovershoe
Earctic,galosh,golosh,rubber3,gumshoe
Dshoe
Eanklet
Ebaby shoe
Ebalmoral
Eblucher
Ebowling shoe
Ebrogan,brogue,clodhopper,work shoe
Ecalceus
Echopine,platform4
Echukka,chukka boot
Ecleats
Econgress boot,congress shoe,congress gaiter
Eflipper,fin3
Egaiter2
Eghillie,gillie
Egym shoe,sneaker,tennis shoe
Fplimsoll
Emoccasin,mocassin
Eoxford2
Fsaddle oxford,saddle shoe
Epump2
Fspectator pump,spectator
Erunning shoe
Esabot,wooden shoe
Esandal
Fespadrille
Fflip-flop,thong5
Fhuarache,huaraches
Fpusher,zori
Fscuffer
Ftalaria
Eslingback,sling2
Ewalker
Ewalking shoe
Ewedgie
Ewing tip
Dslipper,carpet slipper
Ebootee,bootie
Emule,scuff
Chood3,exhaust hood
Drange hood
Chood2
Cimbrication,overlapping,lapping
Cinstep
Cmask
Ddomino2,half mask,eye mask
Dfalse face
Cmatting
Cmercy seat2
Cpaddle box,paddle-box
Cplanking
Cprotective covering,protective cover,protection
Darmor,armour
Ebody armor,body armour,suit of armor,suit of armour,coat of mail,cataphract
Fchain mail,ring mail,mail2,chain armor,chain armour,ring armor,ring armour
Gbrigandine
Ghabergeon
Ghauberk,byrnie
Gvoider,gusset
Fcorselet,corslet
Fcuirass
Eshield2,buckler
Fescutcheon3,scutcheon2
Fpavis,pavise
Dbell jar,bell glass
Dbinder2,ring-binder
Dbinding3,book binding,cover3,back2
Ehalf binding
Ethree-quarter binding
Dblind2,screen2
Ecurtain,drape,drapery,mantle2,pall2
Fdrop curtain,drop cloth,drop
Ffestoon
Ffrontal2
Fportiere
Fshower curtain
Ftheater curtain,theatre curtain
Gsafety curtain
Eshutter2
Fdeadlight
Fjalousie2
Ewindow blind
Fwindow shade
Groller blind
Ewinker,blinker2,blinder
Dbracer,armguard
Dcap4
Edistributor cap
Eferrule,collet
Ehubcap
Elens cap,lens cover
Ethimble
Dcloche
Dcoaster
Dcold frame
Dcrystal3,watch crystal,watch glass2
Ddust cover2
Dfaceplate
Dfacing3,cladding
Erevetment2,revetement,stone facing
Dfallboard,fall-board
Dfinger plate,escutcheon,scutcheon
Dheat shield
Dhood6,bonnet2,cowl,cowling
Dhousing2
Ebinnacle
Ecabinet3,console4
Ecrankcase
Edistributor housing
Ejournal box
Elamp house,lamphouse,lamp housing
Eradome,radar dome
Eshell3,case2,casing
Fboot3
Fgearbox,gear box,gear case
Fjacket4
Dlampshade,lamp shade,shade3
Dlining,liner
Ebrake lining
Ebushing2,cylindrical lining
Efacing
Efurnace lining,refractory
Dmask2
Eface mask
Fcatcher's mask
Gbar mask
Gbirdcage mask
Fface guard
Ffencing mask,fencer's mask
Fski mask
Egasmask,respirator2,gas helmet
Ewelder's mask
Dmulch
Droof
Ecurb roof
Fmansard,mansard roof
Edome2
Fastrodome
Fcupola2
Fgeodesic dome
Fonion dome
Fpressure dome
Fwhispering gallery,whispering dome
Egable roof,saddle roof,saddleback,saddleback roof
Fgambrel,gambrel roof
Ehip roof,hipped roof
Ehousetop
Eslate roof
Esunroof,sunshine-roof
Ethatch,thatched roof
Etile roof
Evault3
Fbarrel vault
Fgroined vault
Fribbed vault
Droof2
Ehood4
Fcalash2,caleche2,calash top
Dscreen5
Efire screen,fireguard
Emosquito net
Esmoke screen,smokescreen
Ewindow screen
Ewindshield,windscreen
Dshade
Eparasol,sunshade2
Esun visor
Dsheath
Eaglet,aiglet
Efingerstall,cot
Eholster
Fshoulder holster
Escabbard
Dsheathing,overlay,overlayer
Dshelter2
Ebell cote,bell cot
Ebirdhouse
Fdovecote,columbarium,columbary
Ecanopy3
Fawning,sunshade,sunblind
Fbaldachin
Fmarquee2,marquise
Fporte-cochere2
Ftester
Fumbrella
Ggamp,brolly
Ecote
Elean-to
Eroost
Fhenroost
Esentry box
Dshield
Enipple shield
Eplate9,scale3,shell4
Farmor plate,armour plate,armor plating,plate armor,plate armour
Gbackplate
Gbeaver2
Gbrassard
Gbreastplate,aegis,egis
Hplastron3
Gcannon3
Hrerebrace,upper cannon
Hvambrace,lower cannon
Gchanfron,chamfron,testiere,frontstall,front-stall
Gcubitiere
Gcuisse
Gepauliere
Gfauld
Ggorget
Ggreave,jambeau
Ghelmet
Harmet
Hbasinet
Hcasque
Icasquet,casquetel
Hheaume
Hmorion,cabasset
Hpickelhaube
Hsallet,salade
Gknee piece
Gnosepiece
Gpallette,palette2
Groundel
Gskirt of tasses
Gsolleret,sabaton
Gtasset,tasse
Gtuille
Gvisor,vizor
Fhorseshoe2,shoe3
Fshell plating
Eshielding
Eshielding2
Dsplashboard2,splasher2,dashboard
Dsplasher
Dtestudo
Dthumbstall
Dtoecap
Ewing tip2
Dwashboard2,splashboard
Cscreen4,cover,covert,concealment
Dblind
Dcamouflage2
Dshoji
Dstalking-horse
Cswathing
Cthumb
Ctoe
Ctop3,cover4
Dcap2
Ebottlecap
Enipple
Eradiator cap
Dlid
Etrunk lid
Dmanhole cover
Dscrewtop
Cupholstery
Cwrapping,wrap2,wrapper2
Denvelope2
Dgift wrapping
Djacket2
Erecord jacket
Ebook jacket,dust cover3,dust jacket,dust wrapper
Dplastic wrap
Ecellophane
Ecling film,clingfilm
Bcreation
Cart,fine art
Dartificial flower
Dcommercial art
Dcyberart
Ddecoupage
Ddiptych
Dgem,treasure
Dgenre
Eabstractionism,abstract art
Fop art
Echinoiserie
Efolk art
Egenre painting
Elandscape2,landscape painting
Emagic realism
Emodernism
Eoutsider art,self-taught art,vernacular art,naive art,primitive art
Epointillism
Epostmodernism
Eprimitivism
Esynthetism
Dgraphic art
Egraphics
Fcomputer graphics
Gclip art
Epainting,picture2
Fabstraction
Fcityscape
Fdaub
Fdistemper2
Ffinger-painting
Ficon2,ikon2
Flandscape
Fminiature,illumination
Fmonochrome
Fmural,wall painting
Gfresco
Fnude,nude painting
Foil painting
Gcanvas2,canvass3
Fpentimento
Fsand painting
Fseascape,waterscape
Fsemi-abstraction
Fstill life
Ftanka
Ftrompe l'oeil
Fwatercolor,water-color2,watercolour2,water-colour2
Ggouache2
Gwash2,wash drawing
Eprint
Fcontact print
Fcopperplate
Fengraving
Gdry point
Getching
Haquatint
Ghalftone
Glinecut,line engraving
Gsteel engraving
Gwoodcut,wood engraving
Fgravure2,photogravure,heliogravure
Flinocut
Flithograph
Gphotolithograph
Fmezzotint
Fmonotype
Foverprint,surprint
Fsilkscreen,silk screen print,serigraph
Escene,view
Dgrotesque
Dkitsch
Dmosaic
Dplastic art
Esculpture
Fbronze
Fbust
Fcarving
Gcinquefoil
Gglyptic art,glyptography
Hanaglyph2
Icameo
Hglyph
Hglyptics,lithoglyptics
Hintaglio,diaglyph
Gscrimshaw
Gvermiculation
Gwoodcarving
Fmarble2
Fmobile
Fmold2,mould,molding3,moulding3,modeling,clay sculpture
Frelief,relievo,rilievo,embossment,sculptural relief
Galto relievo,alto rilievo,high relief
Gbas relief,low relief,basso relievo,basso rilievo
Gmezzo-relievo,mezzo-rilievo,half-relief
Fstabile
Fstatue
Gherm
Gnude2,nude sculpture,nude statue
Gsphinx
Gterminus,terminal figure,term
Dtriptych
Dwork of art
Emagnum opus
Eobjet d'art,art object,piece4
Fvirtu
Epastiche
Eperiod piece
Ewarhorse
Ddance
Echoreography
Cclassic
Ccomposition
Dpaste-up
Ecollage,montage
Fphotomontage
Cimprovisation
Cinvention,innovation
Cmaster,master copy,original
Cneedlework,needlecraft
Dcrochet,crocheting
Dembroidery,fancywork
Ecandlewick2
Ecrewelwork
Ecross-stitch2
Ecutwork
Edrawnwork
Efagoting,faggoting
Ehemstitch2
Eneedlepoint2,needlepoint embroidery
Fgros point2
Fpetit point2
Esampler2
Esmocking
Dknit3,knitting,knitwork
Dsewing,stitchery
Eapplique
Ebinding
Egather,gathering
Emend,patch3,darn
Epatchwork2
Estitch
Fcrochet stitch
Gchain stitch
Gdouble crochet,double stitch
Gshell stitch
Gsingle crochet,single stitch
Fknitting stitch
Ggarter stitch
Gknit2,knit stitch,plain,plain stitch
Gpurl2,purl stitch
Gstockinette stitch
Fsewing stitch,embroidery stitch
Gbackstitch
Gbargello,flame stitch
Gbaste,basting,basting stitch,tacking
Gblanket stitch
Gbuttonhole stitch
Gchain stitch2
Hlazy daisy stitch
Gcross-stitch
Hhalf cross stitch
Gfagot stitch,faggot stitch
Ggros point
Ghemming-stitch
Ghemstitch,hemstitching
Gmachine stitch,sewing-machine stitch
Hlockstitch
Goverhand stitch
Gpetit point,tent stitch
Gpicot
Gquilting
Grunning stitch
Gsaddle stitch
Gsatin stitch
Gslip stitch
Gtailor's tack
Gwhipstitch,whipping,whipstitching
Hovercast,overcasting
Dtatting
Cproduct2,production
Dbook,volume
Ealbum
Fautograph album
Fphonograph album,record album
Fphotograph album
Fscrapbook
Fstamp album
Ecoffee-table book
Efolio
Ehardback,hardcover
Ejournal
Fdaybook,ledger
Fdiary
Enovel
Eorder book
Epaperback book,paper-back book,paperback,softback book,softback,soft-cover book,soft-cover
Fpocketbook2,pocket book,pocket edition
Epicture book
Fcoloring book
Esketchbook,sketch block,sketch pad
Enotebook2
Fcommonplace book
Fjotter
Fplaybook
Dbook2
Dby-product,byproduct,spin-off
Ddeliverable
Dend product,output
Ecrop
Eoeuvre,work3,body of work
Eturning
Dinspiration,brainchild
Djob2
Dmagazine
Dnewspaper,paper
Doutput2,outturn,turnout3
Ethroughput
Dturnery2
Dwork,piece of work
Efollow-up,followup
Ehandicraft,handcraft,handiwork,handwork
Eironwork
Elacework
Elacquerware
Fjapan
Eleatherwork
Emasterpiece,chef-d'oeuvre
Emetalwork
Eopenwork
Epolychrome
Esilverwork
Ewicker,wickerwork,caning
Ewoodwork
Fcabinetwork
Fjoinery
Fmillwork
Ework in progress
Eworkpiece
Epublication
Freissue,reprint,reprinting
Fnew edition
Fbook3
Gauthority
Hlast word
Gcuriosa
Gformulary,pharmacopeia
Gtrade book,trade edition
Hbest seller,bestseller
Gbestiary
Gcatechism
Gpop-up book,pop-up
Gstorybook
Gtome
Gbooklet,brochure,folder2,leaflet2,pamphlet
Hblue book3
Hticket book
Gtextbook,text3,text edition,schoolbook,school text
Hcrammer
Hintroduction2
Hprimer3
Ispeller
Ihornbook
Hreader
Gworkbook
Gcopybook
Gappointment book,appointment calendar
Gcatalog,catalogue2
Hcourse catalog,course catalogue,prospectus
Ipreliminary prospectus,red herring2
Gphrase book
Gplaybook2
Gprayer book,prayerbook
Hbreviary
Hmissal
Greference book,reference,reference work,book of facts
Hcookbook,cookery book
Hinstruction book
Hsource book
Hwordbook
Idictionary,lexicon
Jbilingual dictionary
Jdesk dictionary,collegiate dictionary
Jetymological dictionary
Jgazetteer
Jlearner's dictionary,school dictionary
Jpocket dictionary,little dictionary
Jspell-checker,spelling checker
Junabridged dictionary,unabridged
Ionomasticon
Ivocabulary
Iglossary,gloss
Ithesaurus,synonym finder
Jword finder,wordfinder
Hhandbook,enchiridion,vade mecum
Imanual
Jconsuetudinary,consuetudinal
Jgrimoire
Jinstruction manual,instructions,book of instructions,operating instructions
Jreference manual
Jsex manual
Ibible2
Iguidebook,guide2
Jfield guide
Jroadbook
Jtravel guidebook,itinerary
Kbaedeker
Ireckoner,ready reckoner
Hdirectory
Iphonebook,phone book,telephone book,telephone directory
Jwhite pages
Jyellow pages
Iblue book2
Hannual,yearly,yearbook2
Ialmanac2
Ialmanac,farmer's calendar
Iephemeris
Hatlas2,book of maps,map collection
Idialect atlas,linguistic atlas
Hencyclopedia,cyclopedia,encyclopaedia,cyclopaedia
Ibook of knowledge
Greview copy
Gsongbook
Hhymnal,hymnbook,hymnary
Gyearbook
Fvolume2
Fread
Fimpression2,printing2
Gedition
Hlimited edition
Hvariorum,variorum edition
Gproof2,test copy,trial impression
Hgalley proof
Hfoundry proof
Gmackle
Fcollection,compendium
Ganthology
Hdivan3,diwan2
Hflorilegium,garland2,miscellany
Homnibus2
Garchives
Gcompilation,digest2
Fperiodical
Gdigest
Gpictorial
Gseries,serial,serial publication
Hsemiweekly
Hweekly
Hsemimonthly
Hmonthly
Hquarterly
Hbimonthly
Hbiweekly
Gorgan5
Hhouse organ
Gissue2,number2
Hedition2
Iextra2
Gjournal4
Hannals
Greview2
Hliterary review
Ftip sheet
Gdope sheet,scratch sheet
Freference2,source3
Frepublication
Dyield,fruit
Cremake,remaking
Crepresentation
Dadumbration
Daudiogram
Dcopy
Eanamorphosis,anamorphism
Ecarbon,carbon copy
Ecast3,casting
Fdeath mask
Fengine block,cylinder block,block4
Flife mask
Eduplicate2,duplication
Fbackup,computer backup
Fcounterpart,similitude,twin
Fmatch3,mate
Efacsimile,autotype
Eimitation
Ffake,sham,postiche2
Gfake book
Fcounterfeit,forgery
Eknockoff,clone
Eminiature2,toy4
Emodification
Eprint2
Equadruplicate
Ereplica,replication,reproduction
Ftoy2
Etriplicate
Exerox,xerox copy
Dcosmography
Dcreche2
Dcutaway,cutaway drawing,cutaway model
Ddisplay,presentation
Efloat
Espectacle
Fbullfight,corrida
Gnovillada
Fnaumachy,naumachia
Ddocument
Ddrawing
Echarcoal2
Edelineation,depiction,limning,line drawing
Fanimalization
Ediagram
Fblock diagram
Fhoroscope
Fschematic,schematic drawing
Gwiring diagram
Fzodiac
Emechanical drawing
Fhorizontal section
Fvertical section
Epen-and-ink
Eplan,architectural plan
Felevation
Ffloor plan
Gground plan
Erendering2
Escribble,scrabble,doodle
Esilhouette
Esilverpoint
Esketch,study2
Fdesign2
Fdraft,rough drawing
Fvignette2
Estick figure
Etracing,trace
Decce homo
Deffigy,image2,simulacrum
Eidol,graven image,god
Fgolden calf
Fjoss
Escarecrow,straw man,strawman,bird-scarer,scarer
Ewaxwork,wax figure
Dillustration
Eplate3
Ffashion plate
Dmap
Echart
Fnaval chart,navigational chart,pilot chart
Echoropleth map
Econtour map,relief map
Eplat
Eroad map
Esketch map
Eweather map,weather chart
Fwind rose
Dmodel,simulation
Efigure
Fdummy
Glay figure
Gmannequin,manikin,mannikin,manakin,form
Gventriloquist's dummy
Ffigurehead
Ffigurine,statuette
Fpuppet,marionette
Fsnowman
Emock-up
Eplanetarium3
Forrery
Erestoration2
Eroughcast
Dnomogram,nomograph
Dobjectification
Dphotograph,photo,exposure,picture3,pic
Ebeefcake
Eblack and white,monochrome2
Eblueprint
Echeesecake
Ecloseup
Edaguerreotype
Eenlargement,blowup,magnification
Eframe2
Eglossy
Eheadshot
Ehologram,holograph
Elongshot
Emicrodot
Emosaic3,arial mosaic,photomosaic
Emug shot,mugshot
Ephotocopy
Fphotostat
Estock photograph,stock image
Ephotographic print,print4
Fcutout2
Gstandee
Fproof
Ephotomicrograph
Eradiogram,radiograph,shadowgraph,skiagraph,skiagram
Fautoradiograph
Froentgenogram
Gangiocardiogram
Gangiogram
Hlymphangiogram
Garteriogram
Garthrogram
Gencephalogram,pneumoencephalogram
Ghysterosalpingogram
Gmammogram
Gmyelogram
Gpyelogram
Hintravenous pyelogram
Gvenogram,phlebogram
Esnapshot,snap,shot2
Espectrogram,spectrograph2
Fvisible speech
Estereo2,stereoscopic picture,stereoscopic photograph
Fanaglyph
Estill
Etelephotograph2,telephoto
Etelephotograph
Fradiophotograph,radiophoto
Etime exposure
Evignette
Ewedding picture
Escene3,shot5
Fouttake
Dpicture,image,icon,ikon
Ebitmap,electronic image
Echiaroscuro
Fgrisaille
Efoil3,transparency
Fslide3,lantern slide
Fviewgraph,overhead
Egraphic,computer graphic
Eiconography
Einset
Elikeness,semblance
Fportrait,portrayal
Ghalf-length
Gself-portrait
Epanorama,cyclorama,diorama
Ereflection,reflexion
Escan
Esonogram,echogram
Dpieta
Dprojection2
Emap projection
Fconformal projection,orthomorphic projection
Fconic projection,conical projection
Gpolyconic projection
Fequal-area projection,equal-area map projection
Ghomolosine projection
Gsinusoidal projection
Drubbing
Dshade2
Dstage set,set
Escenery,scene2
Fbackdrop,background2,backcloth
Fflat4
Gcoulisse,wing flat
Gtormenter,tormentor,teaser
Fmasking piece,masking
Fset piece
Cpiece6
Dmorceau
Dafterpiece
Eexode
Dfragment2
Esnatch,bit5
Dhiatus
Bdecker
Bdecoration,ornament,ornamentation
Cadornment
Dband,banding,stripe
Ecigar band
Ehatband
Eneckband
Epinstripe3
Dbangle2,bauble,gaud,gewgaw,novelty2,fallal,trinket
Dbeauty spot
Dboutonniere
Dcirclet
Dcordon
Depaulet,epaulette
Eshoulder board,shoulder mark
Dfob2
Dfrill,flounce,ruffle,furbelow
Egoffer2,gauffer2
Ejabot
Epeplum
Dfrog
Dfrontlet,frontal
Djewelry,jewellery
Ebead
Fbugle2
Ebijou
Ebling,bling bling
Ebracelet2,bangle
Fanklet3,ankle bracelet
Farmilla2
Eclip3
Ecufflink
Eearring
Fpendant earring,drop earring,eardrop
Ejewel,gem2,precious stone
Fcrown jewel
Fsolitaire
Enecklace
Fchain4,string6,strand2
Fchain3
Fchoker,collar6,dog collar3,neckband3
Epin
Fbrooch,broach,breastpin
Gsunburst2
Fscatter pin
Fstickpin
Ftie tack,tiepin,scarfpin
Ering3,band3
Fengagement ring
Fmourning ring
Fringlet
Fsignet ring,seal ring
Fwedding ring,wedding band
Etie clip
Dpectoral,pectoral medallion
Dpendant,pendent
Elavaliere,lavalier,lavalliere
Dplume
Eaigrette,aigret
Epanache
Dpompon,pom-pom
Drosette
Dsequin,spangle,diamante
Dtassel
Esword knot
Dtrimming,trim,passementerie
Ebraid,gold braid,braiding
Faglet2,aiglet2,aiguilette
Fsoutache
Eminiver
Erickrack,ricrac
Dwar paint
Carabesque
Carchitectural ornament
Dantefix
Dcrocket
Ddogtooth
Dfoliation,foliage
Dfret,key pattern
Dfrieze
Dguilloche
Dtrefoil
Cbeading,beadwork
Cbow5
Cbrass2
Ccenterpiece,centrepiece
Depergne
Ccockade
Cdesign,pattern,figure2
Dargyle2,argyll2
Dbear claw
Ddamascene
Ddecal,decalcomania
Ddevice2
Eseal2,stamp3
Fbulla
Fcachet
Fgreat seal
Fhandstamp,rubber stamp
Fsignet
Demblem
Ecolophon
Ecolors2,colours
Ecrest2
E
Fcrucifix,rood,rood-tree
Fpapal cross
Fpatriarchal cross
Fsaltire
Ftau cross
Edevice3
Funion
Eflag
Fbanner,streamer2
Fbattle flag
Fblack flag,pirate flag,blackjack2
Fcolors,colours2
Gensign
Ffanion
Fjack4
Fpennant,pennon,streamer,waft
Gpennoncel,penoncel,pennoncelle
Fstandard2,banner2
Goriflamme
Ftricolor,tricolour
Fwhite flag,flag of truce
Fyellow jack
Eheraldry
Fcharge,bearing,heraldic bearing,armorial bearing
Groundel2
Gannulet
Gchevron
Gfleur-de-lis,fleur-de-lys
Gordinary2
Hbend2,bend dexter
Hfesse,fess
Fcoat of arms,arms2,blazon,blazonry
Gquartering
Eskull and crossbones
Etotem
Dherringbone2,herringbone pattern
Dlinocut2
Dmandala
Dmihrab
Dmotif,motive
Dpolka dot
Dpyrograph
Dscreen saver
Dsunburst
Dtattoo
Dtetraskelion,tetraskele
Dtriskelion,triskele
Dweave
Echeck
Fhoundstooth check,hound's-tooth check,dogstooth check,dogs-tooth check,dog's-tooth check
Eopen weave
Eplain weave,taffeta weave
Esatin weave
Etwill,twill weave
Cembellishment
Dboulle,boule,buhl
Dcuspidation
Dfestoon2
Dfiligree,filagree,fillagree
Dflourish
Eparaph
Cfinial
Cflower arrangement,floral arrangement
Dbouquet,corsage,posy,nosegay
Dflower chain
Edaisy chain
Efestoon3,festoonery
Dspray
Dwreath,garland,coronal,chaplet,lei
Ecrown
Elaurel,laurel wreath,bay wreath
Cfolderal,falderol,frill2,gimcrackery,gimcrack,nonsense,trumpery
Cgargoyle2
Cgarnish
Cgraffito,graffiti
Changing,wall hanging
Ddossal,dossel
Dlambrequin2
Dtapestry2,arras
Chood ornament
Cincrustation,encrustation
Cinlay2
Dmarquetry,marqueterie
Dparquetry,parqueterie
Cinterior decoration,decor
Cknob3,pommel3
Clunula
Cmolding,moulding
Dannulet2,bandelet,bandelette,bandlet,square and rabbet
Darchitrave
Dbaseboard,mopboard,skirting board
Dbeading2,bead2,beadwork2,astragal
Equirk bead,bead and quirk
Dcavetto
Dconge,congee
Dcornice2
Dcyma,cymatium
Ecyma recta
Eogee,cyma reversa
Degg-and-dart,egg-and-anchor,egg-and-tongue
Dgorgerin,necking
Dovolo,thumb2,quarter round
Eechinus
Dquirk molding,quirk moulding
Drib2
Dsubbase
Dsurbase
Dtorus,tore
Cnailhead
Cnecklet
Crosemaling
Cset decoration
Csgraffito
Cspiral,volute
Csprig
Cstud,rivet
Ctail fin2,tailfin2,fin
Ctinsel
Ctracery
Dfan tracery
Cwind chime,wind bell
Cgarnish2
Dtopping
Efrosting,icing,ice4
Eglaze
Emeringue
Ewhipped cream
Estreusel2
Belectroplate
Bexcavation
Cbore,bore-hole,drill hole
Dshot hole
Cdelf
Cdiggings,digs
Cditch
Ddrainage ditch
Dirrigation ditch
Dsunk fence,ha-ha,haw-haw
Dtrench
Eapproach trench,communication trench
Efire trench
Emoat,fosse
Eslit trench
Dtrench2
Efurrow
Fcut,gash
Cmine
Dcoal mine,coalpit
Dcopper mine
Dgoldmine2,gold mine2
Dsalt mine
Dsilver mine
Dstrip mine
Dsulphur mine,sulfur mine
Cmineshaft
Cpit5,quarry,stone pit
Dchalkpit,chalk pit
Dgravel pit
Cpool
Dswimming pool,swimming bath,natatorium
Dwading pool
Dwater jump
Croot cellar,cellar2
Cwell
Dartesian well
Ddriven well,tube well
Dgas well
Doil well,oiler
Egusher
Espouter
Estripper well,stripper
Ewildcat well,wildcat
Dsump2
Cworking,workings2
Bextra,duplicate
Bfabric,cloth,material,textile
Caba2
Cacrylic2
Calpaca
Cbaize
Cbasket weave
Cbatik
Cbatiste
Cbelting
Cbombazine
Cboucle
Cbroadcloth2
Cbroadcloth
Cbrocade
Cbuckram
Cbunting
Ccalico
Ccambric
Ccamel's hair,camelhair
Ccamlet2
Ccamouflage,camo
Ccanopy2
Ccanvas,canvass5
Dtarpaulin,tarp
Ccashmere
Ccerecloth
Cchallis
Cchambray
Cchenille2
Cchiffon
Cchino
Cchintz
Ccoating2
Dchinchilla
Ccobweb
Ccord3,corduroy
Dnarrow wale
Dwide wale
Ccotton
Dgauze,gauze bandage
Epetrolatum gauze
Ccotton flannel
Ccrepe,crape
Dmarocain,crepe marocain
Ccretonne
Ccrinoline3
Cdamask2
Cdenim2,dungaree,jean
Cdiamante2
Cdiaper2
Cdimity
Cdoeskin
Cdrapery2
Cduck
Cduffel2,duffle2
Celastic2
Cetamine,etamin
Cfaille
Cfelt
Cfiber,fibre,vulcanized fiber
Cflannel
Cflannelette
Dwinceyette
Cfleece
Cfoulard
Cfrieze2
Cfustian
Cgabardine
Cgeorgette
Cgingham
Cgrogram
Cgrosgrain
Chaircloth,hair
Cherringbone
Chomespun
Drusset
Chopsacking,hopsack
Chorsehair
Cjaconet
Cjacquard
Ckhadi,khaddar
Ckhaki
Cknit
Dbalbriggan
Ddouble knit
Djersey2
Dstockinet,stockinette
Dtricot
Clace2
Dfilet
Dmacrame
Dpillow lace,bobbin lace
Dpoint lace,needlepoint
Clame
Cleatherette,imitation leather
Clinen
Clinsey-woolsey
Clint
Clisle
Cmackinaw4
Cmackintosh,macintosh
Cmadras
Cmarseille
Cmetallic
Cmohair
Cmoire,watered-silk
Cmoleskin
Cmonk's cloth
Cmoquette
Cmoreen
Cmotley2
Cmousseline de sole
Cmuslin
Dnainsook
Dorgandy,organdie
Cnankeen
Cnet5,network2,mesh,meshing,meshwork
Dchicken wire
Dgauze2,netting,veiling
Echeesecloth
Egossamer
Dhairnet
Dreseau
Dsafety net
Dsave-all3
Dsnood
Dspark arrester2,sparker
Dtulle
Dwirework,grillwork
Cninon
Cnylon
Coilcloth
Colive drab2
Corganza
Cpaisley
Cpanting,trousering
Cpepper-and-salt
Cpercale
Cpermanent press,durable press
Cpilot cloth
Cpinstripe2
Cpique
Cplush
Cpolyester
Cpongee
Cpoplin
Cprint3
Cquilting2
Crayon
Dacetate rayon,acetate
Dviscose rayon,viscose
Crep,repp
Csackcloth2
Csacking,bagging
Dburlap,gunny
Csailcloth
Csamite
Csateen
Csatin
Csatinet,satinette
Cscreening
Cscrim
Cseersucker
Cserge
Cshag
Cshantung
Csharkskin
Csheeting
Cshirting
Cshirttail
Csilesia
Csilk
Dsarcenet,sarsenet
Cspandex
Csponge cloth
Cstammel
Csuede cloth,suede
Csuiting
Cswan's down
Ctaffeta
Ctammy
Ctapa,tappa
Ctapestry,tapis
Ctartan,plaid
Cterry,terry cloth,terrycloth
Cticking
Ctoweling,towelling
Dhuck,huckaback
Ctweed
Ctwill2
Cupholstery material
Cvelour,velours
Cvelvet
Cvelveteen
Cvicuna
Cvoile
Cwash-and-wear
Cwaterproof
Cweb3
Cwebbing2
Cwhipcord2
Cwincey
Cwire cloth
Cwool,woolen,woollen
Cworsted
Cyoke
Dtucker
Cpina cloth
Bfacility,installation
Cairfield,landing field,flying field,field
Dairport,airdrome,aerodrome,drome
Eheliport
Dairstrip,flight strip,landing strip,strip2
Eflare path
Dauxiliary airfield
Carboretum,botanical garden
Cathletic facility
Dfield house2
Dgymnasium,gym
Cbackroom
Ccafeteria facility
Ccommunication system2,communication equipment
Dfiber-optic transmission system,fibre-optic transmission system
Dnetwork
Ccourse2
Dgolf course,links course
Elinks,golf links
Dracetrack,racecourse,raceway2,track2
Ecinder track
Edirt track
Eracing circuit,circuit2
Espeedway2
Evelodrome
Cdepository,deposit,depositary,repository
Darchive
Echancery
Dbank2,bank building
Ddrop2
Emaildrop
Fpostbox,mailbox2,letter box2
Gpillar box
Dlibrary2,depository library
Eathenaeum,atheneum
Elending library,circulating library
Dlost-and-found
Dmuseum
Escience museum
Drepertory
Dsperm bank
Dstorehouse,depot2,entrepot,storage,store3
Edump
Egranary,garner
Emagazine3,powder store,powder magazine
Erailhead
Etreasure house
Ewarehouse,storage warehouse
Fgodown
Dtreasury
Cdrive-in
Cforum,assembly2,meeting place
Cgas system
Cmenagerie,zoo,zoological garden
Cmilitary installation
Darsenal2,armory2,armoury2
Dbase,base of operations
Eair base,air station
Earmy base
Efirebase
Enavy base
Erocket base
Demplacement
Egun emplacement,weapons emplacement
Fnest
Fpillbox3
Dheadquarters2,military headquarters
Ecommand post,general headquarters
Eguardhouse
Dmilitary post,post
Egarrison,fort
Eoutpost
Dnaval installation,shore station
Dsilo2
Cpower system,power grid,grid
Crange
Dpractice range
Efiring range,target range
Frocket range
Fshooting gallery2,shooting range
Egolf range,driving range
Drifle range
Dtest range
Crecreational facility,recreation facility
Dlido
Csewage system,sewer system,sewage works
Csource
Dgoldmine,gold mine
Cstation
Dbroadcasting station,broadcast station
Eradio station
Fradio beacon,beacon
Etelevision station
Fchannel2,television channel
Dfire station,firehouse
Dfirst-aid station
Edressing station,aid station
Dobservation station
Esampling station,sampler
Dpolice station,police headquarters,station house
Dpower station,power plant,powerhouse
Ewind farm,wind park,wind energy facility
Dservice station
Egasoline station,gas station,filling station,petrol station
Etruck stop
Dsubstation
Dterminal,terminus3,depot
Eair terminal,airport terminal
Ebus terminal,bus depot,bus station,coach station
Ecathode2
Erailway station,railroad station,railroad terminal,train station,train depot
Fwhistle stop,flag stop,way station
Esubway station
Ctransportation system,transportation,transit2
Dair transportation system
Ehub-and-spoke,hub-and-spoke system
Dhighway system
Dpublic transit
Erapid transit,mass rapid transit
Dshort line
Dtelpherage,telferage
Cutility
Delectrical system,electrical plant
Dheating system,heating plant,heating,heat
Ecentral heating
Egas heat
Epanel heating
Esteam heat,steam heating
Dplumbing,plumbing system
Cwater system,water supply,water
Bfixture
Cbathroom fixture
Clighting fixture
Dchandelier,pendant2,pendent2
Dfluorescent,fluorescent fixture
Dindirect lighting
Cplumbing fixture
Dfountain3,fount
Dshower
Dsink
Ekitchen sink
Ewashbasin,basin2,washbowl,washstand2,lavatory2
Dtoilet2,can2,commode,crapper,pot2,potty,stool2,throne2
Eflushless toilet
Eflush toilet,lavatory3
Epotty seat,potty chair
Durinal
Csoap dish
Bfloat3
Cbob3,bobber,cork2,bobfloat
Cchip
Clife preserver,preserver,flotation device
Dlife buoy,lifesaver,life belt2,life ring
Ebreeches buoy
Dlife jacket,life vest,cork jacket
Eair jacket
Dwater wings
Cpontoon2
Craft
Dbalsa raft
Dlife raft
Binsert,inset2
Cdickey2,dickie2,dicky2,shirtfront2
Binstrumentality,instrumentation
Cceramic
Dbrick
Eadobe,adobe brick
Eclinker,clinker brick
Efirebrick
Eheader2,coping,cope
Emud brick
Cconnection,connexion,connector,connecter,connective
Dattachment2,bond2
Eligament
Fbinder3,ligature3
Fchain
Ganchor chain,anchor rope
Gbicycle chain
Gchatelaine
Gfob3,watch chain,watch guard
Gpaper chain
Gpull chain
Gtire chain,snow chain
Fwire
Gbaling wire
Gbarbed wire,barbwire
Hconcertina
Ghaywire
Gpiano wire
Gtrip wire
Dbackbone2
Dground,earth
Dhitch
Dhookup
Djumper3
Ejumper cable,jumper lead,lead4,booster cable
Fclip lead
Djunction2,conjunction
Econtact,tangency
Fdistributor point,breaker point,point4
Felectrical contact
Fp-n junction
Fshort circuit,short2
Fsound bow
Fterminal2,pole2
Ganode2
Gnegative pole
Gpositive pole
Ftread2
Fwiper,wiper arm,contact arm
Ejoint2
Fball-and-socket joint
Fbutt joint,butt4
Gbutt weld,butt-weld
Gfish joint
Fhinge,flexible joint
Gbutt hinge
Gstrap hinge,joint hinge
Gtee hinge
Fknuckle joint,hinge joint
Flap joint,splice2
Fmiter joint,mitre joint,miter,mitre
Fmortise joint,mortise-and-tenon joint
Gdovetail,dovetail joint
Frabbet joint
Fscarf joint,scarf2
Fseam
Gfell,felled seam
Gsuture,surgical seam
Gwelt
Ftoggle joint
Fweld
Gspot weld,spot-weld
Ejunction barrier,barrier strip
Esplice,splicing
Ethermojunction
Dslip ring
Dtelephone line2,phone line,telephone circuit,subscriber line,line4
Edigital subscriber line
Ehot line
Eland line,landline
Eparty line
Eprivate line
Etoll line
Etrunk line2
Dtemporary hookup,patch2
Dyoke3,coupling
Ccontainer
Dbag
Eair bag
Ebackpack,back pack,knapsack,packsack,rucksack,haversack
Fkitbag,kit bag
Ebeanbag
Ebladder
Ebody bag,personnel pouch,human remains pouch
Ebook bag
Eburn bag
Ecarryall,holdall,tote,tote bag
Edrawstring bag
Fduffel bag,duffle bag,duffel,duffle
Fmoneybag
Fseabag
Edust bag,vacuum bag
Eenvelope3,gasbag
Egamebag
Egolf bag
Egunnysack,gunny sack,burlap bag
Eice pack,ice bag
Emailbag2,postbag
Enosebag,feedbag
Epannier
Eplastic bag
Fbin liner
Epouch
Fmailbag,mail pouch
Gdiplomatic pouch
Fpocket
Gbreast pocket
Ghip pocket
Gpatch pocket
Gslash pocket
Gvest pocket
Hfob,watch pocket
Fsporran
Ftobacco pouch
Fwaist pack,belt bag
Gfanny pack,butt pack
Epurse2
Eragbag
Erosin bag
Esachet
Esack,poke,paper bag,carrier bag
Fdoggie bag,doggy bag
Fgrocery bag
Esaddlebag
Esandbag
Eschoolbag
Eshopping bag
Esick bag,sickbag
Eskin2
Fwaterskin,water skin
Fwineskin
Esleeping bag
Esweat bag
Etea bag
Etoilet bag,sponge bag
Etool bag
Etucker-bag
Dbag3,handbag,pocketbook3,purse
Eclutch bag,clutch
Eetui
Eevening bag
Ereticule
Eshoulder bag
Dbasket,handbasket
Ebreadbasket
Ebushel basket
Ecreel
Efrail
Ehamper2
Fclothes hamper,laundry basket,clothes basket,voider2
Ffood hamper
Epunnet
Eshopping basket
Eskep
Ewicker basket
Fpannier2
Dbin
Eashcan,trash can,garbage can,wastebin,ash bin,ash-bin,ashbin,dustbin,trash barrel,trash bin
Ecoalbin,coalhole
Ecrib2
Fcorncrib
Eflour bin
Elitterbin,litter basket,litter-basket
Eparts bin
Erecycling bin
Fbottle bank
Dbowl6,pipe bowl
Dbox
Eballot box
Ebandbox
Ecarton
Fsix-pack,six pack,sixpack
Ecasket2,jewel casket
Ecereal box
Echest
Fcaisson3,ammunition chest
Fcedar chest
Fcoffer2
Fhope chest,wedding chest
Fpyx,pix,pyx chest,pix chest
Fsea chest
Ftea chest
Ftoolbox,tool chest,tool cabinet,tool case
Ftoy box,toy chest
Ftreasure chest
Ecigar box
Ecoffin,casket
Fbier
Fsarcophagus
Ecrate
Fpacking box2,packing case
Fsoapbox
Eflat
Ehod
Emailbox,letter box3
Ematchbox
Epaintbox
Epencil box,pencil case
Eplaybox,play-box
Epoor box,alms box,mite box
Epyxis
Eshadow box
Eshoebox2
Esnuffbox
Estrongbox,deedbox
Fcashbox,money box2,till
Gcash register,register4
Fsafe
Fsafe-deposit,safe-deposit box,safety-deposit,safety deposit box,deposit box,lockbox
Etinderbox
Etuck box
Ewindow box
Dbread-bin,breadbox
Dbunker2
Dcan,tin3,tin can2
Ebeer can
Ecaddy,tea caddy
Ecannikin2
Ecoffee can
Emilk can
Eoilcan
Esoda can
Dcanister2,cannister,tin2
Dcapsule
Epaintball
Dcargo container
Dcase
Ebaggage,luggage
Fbag4,traveling bag,travelling bag,grip2,suitcase
Gcarpetbag
Ggarment bag
Ggripsack
Governighter,overnight bag,overnight case
Hvalise
Gportmanteau
Gweekender
Fdressing case
Fhand luggage
Fhatbox
Fimperial
Fsatchel
Ftrunk
Gfootlocker,locker3
Ebriefcase
Fattache case,attache
Ecardcase
Ecigarette case
Ecompact,powder compact
Edispatch case,dispatch box
Eglasses case
Egun case
Ekit
Fditty bag
Ftoilet kit,travel kit
Eletter case
Elocket
Epillbox2
Eportfolio
Equiver
Eshoe2
Esleeve2
Frecord sleeve,record cover
Ewallet,billfold,notecase,pocketbook
Ewatch case
Ewriting desk
Dcase6,display case,showcase,vitrine
Etrophy case
Dcassette
Eaudiocassette
Evideocassette
Dcylinder2
Ddice cup,dice box
Ddispenser
Eaerosol,aerosol container,aerosol can,aerosol bomb2,spray can
Fpepper spray
Eatomizer,atomiser,spray2,sprayer,nebulizer,nebuliser
Fairbrush
Einhaler,inhalator2
Eroll-on
Eslinger ring
Esoap dispenser
Ddrawer
Dempty
Denvelope
Ewindow envelope
Dglass,drinking glass
Ebeer glass
Ebumper
Egoblet
Ehighball glass
Eliqueur glass
Eparfait glass
Erummer
Eschooner
Eseidel
Eshot glass,jigger,pony
Esnifter,brandy snifter,brandy glass
Etumbler
Ewater glass
Ewineglass
Fflute2,flute glass,champagne flute
Dgrab bag
Dmagnetic bottle
Dmailer
Eairmailer
Dmanger,trough3
Ebunk,feed bunk
Dmeasure2
Emeasuring cup
Dmold,mould2,cast
Eform2
Ematrix
Epig bed,pig
Esandbox
Dpackage,parcel
Ebundle,sheaf
Fbale
Ghay bale
Ffagot,faggot
Fpack4
Fswag
Epack
Epacket
Dpan2
Ebain-marie
Edishpan
Edrip pan2
Epannikin
Ewarming pan
Dpod,fuel pod
Dpot3,flowerpot
Eplanter
Dpowder horn,powder flask
Dreceptacle
Eash-pan
Eashtray
Ebeehive2,hive
Fskep2
Ecase4,compositor's case,typesetter's case
Ecat box
Echamberpot,potty2,thunder mug
Ecoin box
Edustpan
Egarbage
Ehopper
Ehot-water bottle,hot-water bag
Ein-basket,in-tray
Eossuary
Eout-basket,out-tray
Eplate8,collection plate
Epyx2,pix2
Esave-all
Esilent butler
Esocket
Espittoon,cuspidor
Etidy
Etray
Falms dish,alms tray
Fcafeteria tray
Fcheeseboard,cheese tray
Ficetray
Finkstand2
Fsalver
Ftea tray
Fturntable2
Etrough2
Frocker2,cradle2
Dreliquary
Dsaltcellar
Dsavings bank,coin bank,money box,bank
Epiggy bank,penny bank
Dscuttle,coal scuttle
Dshaker
Ecaster,castor
Ecocktail shaker
Epepper shaker,pepper box,pepper pot
Esaltshaker,salt shaker
Dstorage ring
Dtime capsule
Dvessel2
Eautoclave,sterilizer,steriliser
Fdigester
Fpressure cooker
Ebarrel2,cask
Fbeer barrel,beer keg
Fbutt5
Gwater butt
Fhogshead
Fkeg
Gfirkin
Gpowder keg
Fpickle barrel
Fshook
Ftun
Fwine cask,wine barrel
Ebasin
Faspersorium
Fbaptismal font,baptistry,baptistery,font
Fbidet
Fbirdbath
Femesis basin
Flaver
Fstoup2,stoop
Fwashbasin2,handbasin,washbowl2,lavabo,wash-hand basin
Ebath
Ebathtub,bathing tub,tub
Ffootbath
Fhot tub
Fsitz bath,hip bath
Ebedpan
Eboiler,steam boiler
Fauxiliary boiler,donkey boiler
Ebone-ash cup,cupel,refractory pot
Ebottle
Fbeer bottle
Fcarafe,decanter
Fcarboy
Fcatsup bottle,ketchup bottle
Fcruet,crewet
Fdemijohn
Fflask
Gampulla
Gcanteen
Ghipflask,pocket flask
Ground-bottom flask
Gvacuum flask,vacuum bottle
Hthermos,thermos bottle,thermos flask
Fgourd,calabash
Fink bottle,inkpot
Fjug
Gbellarmine,longbeard,long-beard,greybeard
Gwater jug
Gwhiskey jug
Fphial,vial,ampule,ampul,ampoule
Fpill bottle
Fpop bottle,soda bottle
Fsmelling bottle
Fspecimen bottle
Fwater bottle
Glota
Fwhiskey bottle
Fwine bottle
Gbota
Gjeroboam,double-magnum
Gmagnum
Gnebuchadnezzar
Ebottle2,feeding bottle,nursing bottle
Ebowl
Ffishbowl,fish bowl,goldfish bowl
Fjorum
Fmazer
Ftoilet bowl
Ebucket,pail
Fcannikin
Fdinner pail,dinner bucket
Fdredging bucket
Gclamshell,grapple2
Fkibble
Fslop pail,slop jar
Fwine bucket,wine cooler
Ecenser,thurible
Echurn,butter churn
Ecrucible,melting pot
Edrinking vessel
Floving cup
Fmug
Gbeer mug,stein
Gcoffee mug
Gtoby,toby jug,toby fillpot jug
Fstoup
Ftankard
Edrum2,metal drum
Eeyecup,eyebath,eye cup
Eflagon
Ejar
Famphora
Fbeaker
Fcanopic jar,canopic vase
Fcookie jar,cooky jar
Fcrock,earthenware jar
Fcruse
Fjampot,jamjar
Fvase
Gurn
Eladle
Fdipper
Fscoop2
Fsoup ladle
Emonstrance,ostensorium
Emortar2
Emuller2
Epitcher,ewer
Fcream pitcher,creamer
Eretort
Falembic
Esteeper
Etank2,storage tank
Fcistern,water tank
Fgas holder,gasometer2
Fgas tank,gasoline tank,petrol tank
Freservoir2
Gcistern2
Hcesspool,cesspit,sink2,sump3
Hrain barrel
Gsump
Gwater tower
Fseptic tank
Etin
Etub2,vat
Fwashtub
Eurceole
Ewater jacket
Ewell2
Finkwell,inkstand
Dwastepaper basket,waste-paper basket,wastebasket,waste basket,circular file
Dwatering can,watering pot
Dworkbasket,workbox,workbag
Esewing basket
Cconveyance,transport
Ddolly2
Ddolly
Dhorsebox
Dlitter
Ecovered couch
Epalanquin,palankeen
Esedan2,sedan chair
Fjampan
Estretcher3
Fgurney
Dmail
Dpublic transport
Ebus,autobus,coach3,charabanc,double-decker,jitney,motorbus,motorcoach,omnibus,passenger vehicle
Fminibus
Fschool bus
Ftrolleybus,trolley coach,trackless trolley
Edeadhead
Eexpress,limited
Elocal
Eshuttle2
Fshuttle bus
Etrain,railroad train
Fboat train
Fcar train
Ffreight train,rattler
Gfreight liner,liner train
Fhospital train
Fmail train
Fpassenger train
Gbullet train,bullet2
Gcommuter,commuter train
Fstreamliner
Fsubway train
Droll-on roll-off
Dshipping,cargo ships,merchant marine,merchant vessels
Dsidecar
Dski tow,ski lift,lift
Echairlift,chair lift
Erope tow
Esurface lift
Dtelpher,telfer
Dtrailer
Ecar carrier
Esemitrailer,semi2
Dtramway,tram,aerial tramway,cable tramway,ropeway
Dvehicle
Ebumper car
Ecraft
Faircraft
Gbogy,bogie,bogey
Gcruise missile
Gheavier-than-air craft
Hairplane,aeroplane,plane
Iairliner
Jairbus
Jnarrowbody aircraft,narrow-body aircraft,narrow-body
Jwidebody aircraft,wide-body aircraft,wide-body,twin-aisle airplane
Iamphibian2,amphibious aircraft
Ibiplane
Ibomber
Jdive bomber
Jstealth bomber
Idelta wing
Ifighter,fighter aircraft,attack aircraft
Jinterceptor
Jkamikaze
Jstealth fighter
Ihangar queen
Ijet,jet plane,jet-propelled plane
Jfanjet,fan-jet,turbofan,turbojet
Jjetliner
Jjumbojet,jumbo jet
Jtwinjet
Imonoplane
Imultiengine airplane,multiengine plane
Ipropeller plane
Jdouble-prop,double-propeller plane,twin-prop,twin-propeller-plane
Jpropjet,turboprop,turbo-propeller plane
Jsingle prop,single-propeller plane
Ireconnaissance plane
Iseaplane,hydroplane
Jfloatplane,pontoon plane
Jflying boat
Iski-plane
Itanker plane
Hautogiro,autogyro,gyroplane
Hdrone,pilotless aircraft,radio-controlled aircraft
Hglider,sailplane
Ihang glider
Hhelicopter,chopper,whirlybird,eggbeater
Icargo helicopter
Ishuttle helicopter
Isingle-rotor helicopter
Iskyhook
Horthopter,ornithopter
Hwarplane,military plane
Glighter-than-air craft
Hairship,dirigible
Ibarrage balloon
Jkite balloon
Iblimp,sausage balloon,sausage
Hballoon
Ihot-air balloon
Imeteorological balloon
Jpilot balloon
Itrial balloon
Gstealth aircraft
Fhovercraft,ground-effect machine
Flanding craft
Fspacecraft,ballistic capsule,space vehicle
Glander
Glunar excursion module,lunar module
Gspace capsule,capsule3
Gspace shuttle
Gstarship,spaceship
Fvessel,watercraft
Gbareboat
Gboat
Hark2
Hbarge,flatboat,hoy,lighter2
Idredger
Ihouseboat
Ipontoon
Iscow2
Iwherry
Hbumboat
Hcanal boat,narrow boat,narrowboat
Hcatamaran
Hferry,ferryboat
Icar-ferry
Hfireboat
Hgondola2
Hguard boat
Hgunboat
Hjunk
Hlongboat
Hlugger
Hmackinaw3
Hmailboat,mail boat,packet2,packet boat
Hmotorboat,powerboat
Icabin cruiser,cruiser3,pleasure boat,pleasure craft
Ilaunch
Ioutboard motorboat,outboard
Ispeedboat
Jhydrofoil2,hydroplane2
Iwater scooter,sea scooter,scooter
Hpilot boat
Hpolice boat
Hpunt
Hriver boat
Ikeelboat
Hscow
Hsea boat
Ilifeboat
Iwhaleboat
Hsmall boat
Icanoe
Jbirchbark canoe,birchbark,birch bark
Jdugout canoe,dugout2,pirogue
Jkayak
Joutrigger canoe
Icockleshell
Icoracle
Idinghy,dory,rowboat
Jrowing boat
Jwherry2
Igig
Iracing boat
Jracing gig
Jshell2,racing shell
Kracing skiff,single shell
Kscull3
Iskiff
Jsampan
Iyawl
Jjolly boat,jolly
Hsteamboat
Ishowboat
Hsurfboat
Htender2,ship's boat,pinnace,cutter
Igig4
Htugboat,tug,towboat,tower2
Gfishing boat,fishing smack,fishing vessel
Htrawler,dragger
Ggalley2
Htrireme
Ggalley
Giceboat2,ice yacht,scooter4
Gpatrol boat,patrol ship
Gsailing vessel,sailing ship
Hbark,barque
Hbrig
Hbrigantine,hermaphrodite brig
Hclipper2,clipper ship
Hcutter2
Hdhow
Hfelucca
Hfore-and-after
Hgalleon
Icarrack,carack
Hketch
Hrigger2
Hsailboat,sailing boat
Icatboat
Isharpie2
Itrimaran
Hschooner2
Isharpshooter
Hsloop
Iknockabout
Iraceabout
Hsmack
Hsquare-rigger
Hwindjammer
Hyawl2,dandy
Gship
Habandoned ship,derelict
Hblockade-runner
Hcargo ship,cargo vessel
Ibanana boat
Ibottom,freighter,merchantman,merchant ship
Icattleship,cattle boat
Icontainer ship,containership,container vessel
Ioil tanker,oiler2,tanker,tank ship
Jsupertanker
Hflagship2
Hgas-turbine ship
Hhospital ship
Hhulk
Hicebreaker,iceboat
Hlightship
Hminelayer
Hminesweeper
Hnuclear-powered ship
Hpassenger ship
Iliner3,ocean liner
Jcabin liner
Jcargo liner
Jcruise ship,cruise liner
Jluxury liner,express luxury liner
Hpirate,pirate ship
Icorsair
Hschool ship,training ship
Hshipwreck
Hsister ship
Hslave ship
Hsmall ship
Hsteamer2,steamship
Ipaddle steamer,paddle-wheeler
Jside-wheeler
Jsternwheeler
Itramp steamer,tramp
Htender3,supply ship
Hthree-decker
Htransport ship
Htreasure ship
Htroopship
Hwarship,war vessel,combat ship
Iaircraft carrier,carrier2,flattop,attack aircraft carrier
Ibattleship,battlewagon
Jdreadnought,dreadnaught
Jpocket battleship
Icapital ship
Icorvette
Icruiser2
Jbattle cruiser
Jguided missile cruiser
Idestroyer,guided missile destroyer
Jtin can
Jtorpedo-boat destroyer
Idestroyer escort
Ifrigate2
Jguided missile frigate
Ifrigate
Iguard ship
Iironclad
Iman-of-war
Jsailing warship
Iprivateer
Isloop of war
Isubmersible2,submersible warship
Jsubmarine,pigboat,sub
Kattack submarine
Kauxiliary research submarine
Knautilus,nuclear submarine,nuclear-powered submarine
Isurface ship
Ithree-decker2
Itorpedo boat
Jmosquito boat,mosquito craft,motor torpedo boat
Hwhaler,whaling ship
Ifactory ship
Hwreck
Gshrimper
Gweather ship
Gyacht,racing yacht
Emilitary vehicle
Fcaisson2
Fpersonnel carrier
Fpicket
Gpicket boat
Gpicket ship
Freconnaissance vehicle,scout car
Ftank,army tank,armored combat vehicle,armoured combat vehicle
Gpanzer
Ftroop carrier,troop transport
Fweapons carrier
Erocket,projectile2
Fmissile
Gair-to-air missile
Gair-to-ground missile,air-to-surface missile
Gballistic missile
Hintercontinental ballistic missile
Gguided missile
Hantiballistic missile
Hbuzz bomb,robot bomb,flying bomb,doodlebug2
Hspace probe
Hsurface-to-air missile
Gheat-seeking missile
Hbrilliant pebble
Gsidewinder
Fmultistage rocket,step rocket
Ftest rocket,research rocket,test instrument vehicle
Gsounding rocket
Eskibob
Esled,sledge,sleigh
Fbobsled2,bobsleigh2,bob
Fbobsled,bobsleigh
Fdogsled,dog sled,dog sleigh
Fluge
Fpung
Ftoboggan
Esteamroller,road roller
Ewheeled vehicle
Fbaby buggy,baby carriage,carriage4,perambulator,pram,stroller,go-cart3,pushchair,pusher2
Gbassinet2
Fbicycle,bike2,wheel6,cycle
Gbicycle-built-for-two,tandem bicycle,tandem
Gmountain bike,all-terrain bike,off-roader
Gordinary,ordinary bicycle
Gpush-bike
Gsafety bicycle,safety bike
Gvelocipede
Fboneshaker
Fcar2,railcar,railway car,railroad car
Gbaggage car,luggage van
Gcabin car,caboose2
Gclub car,lounge car
Gfreight car
Hboxcar
Istockcar
Hcattle car
Hcoal car
Hflatcar,flatbed,flat2
Hgondola car,gondola
Hrefrigerator car
Htank car,tank3
Gguard's van
Ghandcar
Gmail car
Gpassenger car,coach,carriage
Hdining car,diner,dining compartment,buffet car
Hnonsmoker,nonsmoking car
Hparlor car,parlour car,drawing-room car,palace car,chair car
Hsleeping car,sleeper2,wagon-lit
Hsmoker,smoking car,smoking carriage,smoking compartment
Gslip coach,slip carriage
Gtender
Gvan
Fhandcart,pushcart,cart2,go-cart2
Gapplecart
Gbarrow2,garden cart,lawn cart,wheelbarrow
Ghand truck,truck2
Glaundry cart
Gserving cart
Hpastry cart
Htea cart,teacart,tea trolley,tea wagon
Gshopping cart
Fhorse-drawn vehicle
Gcarriage2,equipage2,rig6
Hbarouche
Hbrougham
Hbuckboard
Hbuggy,roadster2
Hcab2,cabriolet
Hcaroche
Hchaise2,shay
Hchariot
Hclarence
Hcoach2,four-in-hand2,coach-and-four
Istagecoach,stage2
Hdroshky,drosky
Hgharry
Hgig5
Hhackney,hackney carriage,hackney coach
Ifour-wheeler
Iremise
Hhansom,hansom cab
Hlandau
Hpost chaise
Hstanhope
Hsurrey
Htrap4
Htroika
Gchariot2
Glimber
Gsulky
Fmotor scooter,scooter3
Frolling stock
Fscooter2
Fself-propelled vehicle
Garmored vehicle,armoured vehicle
Harmored car2,armoured car2
Harmored car,armoured car
Harmored personnel carrier,armoured personnel carrier
Hassault gun2
Htank destroyer
Gcarrier
Gforklift
Glocomotive,engine2,locomotive engine,railway locomotive
Hchoo-choo
Hdiesel locomotive
Idiesel-electric locomotive,diesel-electric
Idiesel-hydraulic locomotive,diesel-hydraulic
Hdinky,dinkey
Helectric locomotive
Hiron horse
Hpilot engine
Hshunter
Hsteam locomotive
Hswitch engine,donkey engine
Htank engine,tank locomotive
Htraction engine
Gmotor vehicle,automotive vehicle
Hamphibian,amphibious vehicle
Iswamp buggy,marsh buggy
Hbloodmobile
Hcar,auto,automobile,machine3,motorcar
Iambulance
Jfunny wagon
Ibeach wagon,station wagon,wagon4,estate car,beach waggon,station waggon,waggon2
Jshooting brake
Ibus3,jalopy,heap
Icab3,hack2,taxi,taxicab
Jgypsy cab
Jminicab
Icompact2,compact car
Iconvertible
Icoupe
Icruiser,police cruiser,patrol car,police car,prowl car,squad car
Jpanda car
Ielectric,electric automobile,electric car
Igas guzzler
Ihardtop
Ihatchback
Ihorseless carriage
Ihot rod,hot-rod
Ijeep,landrover
Ilimousine,limo
Jberlin
Iloaner
Iminicar
Ipace car
Iracer,race car,racing car
Jfinisher
Jstock car2
Iroadster,runabout,two-seater
Isedan,saloon3
Jbrougham2
Isports car,sport car
Isport utility,sport utility vehicle
Istock car
Isubcompact,subcompact car
Itouring car,phaeton,tourer
Iused-car,secondhand car
Hdoodlebug
Hfour-wheel drive
Hgo-kart
Hgolfcart,golf cart
Hhearse
Hmotorcycle,bike
Iminibike,motorbike
Jmoped
Itrail bike,dirt bike,scrambler
Hsnowplow,snowplough
Htruck,motortruck
Idump truck,dumper,tipper truck,tipper lorry,tip truck,tipper
Ifire engine,fire truck
Jladder truck,aerial ladder truck
Igarbage truck,dustcart
Ilorry2,camion
Ipickup,pickup truck
Jtechnical
Isound truck
Itow truck,tow car,wrecker
Itractor2
Itrailer truck,tractor trailer,trucking rig,rig2,articulated lorry,semi
Jtandem trailer
Itransporter,car transporter
Ivan3
Jbookmobile
Jdelivery truck,delivery van,panel truck
Jlaundry truck
Jmilk float
Jmoving van
Kpantechnicon
Jpassenger van
Kminivan
Jpolice van,police wagon,paddy wagon,patrol wagon,wagon2
Grecreational vehicle
Hcamper,camping bus,motor home
Ivan2,caravan
Hdune buggy,beach buggy
Gstreetcar,tram3,tramcar2,trolley,trolley car
Hhorsecar
Gtracked vehicle
Hcat3
Hhalf track
Hsnowmobile
Gtractor
Hbulldozer,dozer
Iangledozer
Hskidder
Ftrailer2,house trailer
Gcamper trailer
Gmobile home,manufactured home
Ftricycle,trike,velocipede2
Gpedicab,cycle rickshaw
Funicycle,monocycle
Fwagon,waggon
Gbandwagon
Gcart
Hdogcart
Hdumpcart
Itumbrel,tumbril
Hhorse cart,horse-cart
Idray,camion2
Hjaunting car,jaunty car
Hjinrikisha,ricksha,rickshaw
Hoxcart
Hpony cart,ponycart,donkey cart,tub-cart
Hwater cart
Iwatering cart
Gchuck wagon
Gcovered wagon,prairie wagon,prairie schooner
Gice wagon,ice-wagon
Glorry
Gmilk wagon,milkwagon
Gtramcar,tram2
Gwain
Gwater wagon,water waggon
Fwagon3,coaster wagon
Fwelcome wagon
Cdevice
Dacoustic device
Ebell
Fchurch bell
Fcowbell
Fdeath knell,death bell
Fdinner bell
Felectric bell
Gtelephone bell
Ffire bell
Fschool bell
Fsheep bell
Fshop bell
Fsleigh bell,cascabel
Ftocsin,warning bell
Ebirdcall
Ehearing aid2,ear trumpet
Emegaphone
Emouthpiece2
Emute
Fsourdine,sordino
Esilencer2,muffler
Esiren
Eslapstick
Espeaking trumpet
Ewhistle2
Fboat whistle
Ffactory whistle
Fsteam whistle
Dadapter,adaptor
Dafterburner
Dagglomerator
Dairfoil,aerofoil,control surface,surface2
Eaileron
Eelevator2
Eflap2,flaps
Flanding flap
Ehorizontal stabilizer,horizontal stabiliser,tailplane
Erotor blade,rotary wing
Erudder
Espoiler2
Espoiler
Estabilizer
Fhorizontal tail
Fvertical stabilizer,vertical stabiliser,vertical fin,tail fin,tailfin
Evertical tail
Ewing
Dalarm,warning device,alarm system
Eautomobile horn,car horn,motor horn,horn7,hooter
Eburglar alarm
Efire alarm,smoke alarm
Ehorn5
Fair horn
Ffoghorn
Gdiaphone
Fklaxon,claxon
Fshofar,shophar
Dappliance,contraption,contrivance,convenience2,gadget,gizmo2,gismo2,widget2
Egadgetry
Egimbal
Einjector
Emod con
Dapplicator,applier
Eflux applicator
Espray gun
Daspergill,aspersorium2
Dautopilot,automatic pilot,robot pilot
Dbait,decoy,lure
Echum
Efisherman's lure,fish lure
Ffly3
Gdry fly
Gstreamer fly
Gwet fly
Fjig
Fspinner2
Ftroll
Eground bait
Estool pigeon
Dbilliard marker
Dbird feeder,birdfeeder,feeder2
Dblower
Ebellows
Ehand blower,blow dryer,blow drier,hair dryer,hair drier
Dbootjack
Dbreathalyzer,breathalyser
Dbreathing device,breathing apparatus,breathing machine,ventilator2
Eaqualung,scuba
Eoxygen mask
Erespirator,inhalator
Firon lung
Eresuscitator
Esnorkel
Dbubbler2
Dbuffer4,fender4
Dcatapult2,launcher2
Dcharger,battery charger
Dclip-on
Dcomb
Ecurrycomb
Efine-tooth comb,fine-toothed comb
Epocketcomb,pocket comb
Dcomforter2,pacifier2,baby's dummy,teething ring
Dconductor
Ebusbar,bus2
Ecable,line,transmission line
Fcoaxial cable,coax,coax cable
Gethernet cable
Felectrical cable
Ffiber optic cable,fibre optic cable
Fpower line,power cable
Fprinter cable
Ecord2,electric cord
Fextension cord
Fpower cord
Eelectrode
Fanode
Gplate5
Fbase8
Fcathode
Gcold cathode
Gphotocathode
Fcollector
Felectron gun
Femitter
Fgrid3,control grid
Eheat sink
Elightning rod,lightning conductor
Esemiconductor device,semiconductor unit,semiconductor
Fchip3,microchip,micro chip,silicon chip,microprocessor chip
Gbiochip
Ggene chip
Gmemory chip
Hread-only memory chip
Gmicroprocessor
Fdiode2,semiconductor diode,junction rectifier,crystal rectifier
Glight-emitting diode
Horganic light-emitting diode
Fn-type semiconductor
Fp-type semiconductor
Fthermistor,thermal resistor
Ftransistor,junction transistor,electronic transistor
Gfield-effect transistor
Gp-n-p transistor
Eshunt,electrical shunt,bypass2
Ewaveguide,wave guide
Ewire2,conducting wire
Ffilament
Flead-in
Fpatchcord
Ftelephone wire,telephone line,telegraph wire,telegraph line
Gtelephone cord,phone cord
Dcontraceptive,preventive3,preventative3,contraceptive device,prophylactic device,birth control device
Ecervical cap
Ecoil3
Econdom,rubber2,safety2,safe3,prophylactic2
Ediaphragm2,pessary,contraceptive diaphragm
Eintrauterine device
Floop2
Emorning-after pill
Epill3,birth control pill,contraceptive pill,oral contraceptive pill,oral contraceptive,anovulatory drug,anovulant
Espermicide,spermatocide
Dconverter,convertor
Ecatalytic converter
Edata converter
Fdigital-analog converter,digital-to-analog converter
Fdigitizer,digitiser,analog-digital converter,analog-to-digital converter
Eelectrical converter
Finverter
Fpower pack
Fsynchronous converter,rotary2,rotary converter
Eelectronic converter
Etorque converter
Dcorer
Dcorrective,restorative2
Epack3
Epack2,face pack
Epickup2,pick-me-up
Eprosthesis,prosthetic device
Fglass eye
Fimplant
Gartificial heart
Gartificial joint
Gbreast implant
Gdental implant
Gheart valve
Glens implant,interocular lens implant
Haccommodating lens implant
Hmonofocal lens implant
Hmultifocal lens implant
Gpenile implant
Gshunt2
Fobturator
Fpeg2,wooden leg,leg2,pegleg
Dcrusher
Dcryptograph
Dcutoff2
Ddampener,moistener
Ddamper2,muffler3
Edamper block,piano damper
Edash-pot
Eshock absorber,shock,cushion
Fair cushion,air spring
Ddeflector
Ddental appliance
Ebite plate,biteplate
Ebrace4,braces,orthodontic braces
Ecrown4,crownwork,jacket3,jacket crown,cap5
Edenture,dental plate,plate10
Fbridge4,bridgework
Ffalse teeth
Fpartial denture
Efilling2
Finlay
Eretainer
Ddepressor
Etongue depressor
Ddetector,sensor,sensing element
Emetal detector
Emine detector
Etrace detector
Ddiestock
Ddrive3
Edisk drive,disc drive,hard drive
Eexternal drive
Einternal drive
Ddrop forge,drop hammer,drop press
Delastic device
Espring
Fbedspring
Gbox spring
Fcoil spring,volute spring
Fleaf spring
Fmainspring
Fspiral spring
Ghairspring
Delectrical device
Eantenna,aerial,transmitting aerial
Fdipole,dipole antenna
Fdirectional antenna
Garray2
Gdish2,dish aerial,dish antenna,saucer2
Hscanner2
Gyagi
Fomnidirectional antenna,nondirectional antenna
Gradio antenna,radio aerial
Gtelevision antenna,tv-antenna
Hrabbit ears
Eattenuator
Eballast3,light ballast
Ebattery,electric battery
Fvoltaic battery,galvanic battery
Gdry battery
Hflashlight battery
Gstorage battery,accumulator
Hlead-acid battery,lead-acid accumulator
Icar battery,automobile battery
Hnicad,nickel-cadmium accumulator
Hnickel-iron battery,nickel-iron accumulator
Fvoltaic pile,pile,galvanic pile
Ebimetallic strip
Ebrush2
Ecapacitor,capacitance,condenser,electrical condenser
Fbypass condenser,bypass capacitor
Felectrolytic,electrolytic capacitor,electrolytic condenser
Ftrimmer2,trimming capacitor
Ecell2,electric cell
Felectrolytic cell
Ffuel cell
Fsolar cell,photovoltaic cell
Fstorage cell,secondary cell
Fvoltaic cell,galvanic cell,primary cell
G
Hdry cell
Gmercury cell
Gstandard cell
Hcadmium cell
Gwet cell
Ecircuit,electrical circuit,electric circuit
Fbridge2,bridge circuit
Fclosed circuit,loop3
Gparallel circuit,shunt circuit
Fcomputer circuit
Ggate2,logic gate
Gintegrated circuit,microcircuit
Ginterface2,port3
Hparallel interface,parallel port
Hserial port
Gmodule2
Gprinted circuit
Hcircuit board,circuit card,board5,card2,plug-in,add-in
Imother board
Fdelay line
Gacoustic delay line,sonic delay line
Gelectromagnetic delay line
Ffeedback circuit,feedback loop
Gcontrol circuit,negative feedback circuit
Fflip-flop2
Flimiter,clipper
Flink3,data link
Fopen circuit
Fpulse timing circuit
Fresonator2,resonant circuit
Fseries circuit
Fsquelch circuit,squelch,squelcher
Ftank circuit
Fwiring
Glight circuit,lighting circuit
Econtrol panel,instrument panel,control board,board4,panel5
Fdashboard2,fascia
Edistributor,distributer,electrical distributor
Eelectrograph2
Eelectrostatic generator,electrostatic machine
Felectrophorus
Efilter2
Fhigh-pass filter
Flow-pass filter
Eflasher
Efuse,electrical fuse,safety fuse2
Fcartridge fuse
Fcircuit breaker,breaker
Fplug fuse
Einductor,inductance
Ejack2
Ftelephone jack,phone jack
Eload4
Eplug3,male plug
Ftelephone plug,phone plug
Eprecipitator,electrostatic precipitator
Ereactor
Fcoil5
Garmature
Hrotor,rotor coil
Gastatic coils
Gchoke,choke coil,choking coil
Gfield coil,field winding
Ginduction coil
Hignition coil
Hspark coil
Gprimary coil,primary winding,primary
Ghead
Gsecondary coil,secondary winding,secondary
Gsolenoid
Gtickler coil
Erectifier
Fdetector2,demodulator
Ffull-wave rectifier
Erelay,electrical relay
Eresistor,resistance
Fballast resistor,ballast2,barretter
Fpotential divider,voltage divider
Gpotentiometer2,pot4
Frheostat,variable resistor
Gdimmer
Esecurity system2,security measure,security
Esolar array,solar battery,solar panel
Espark arrester
Espark plug,sparking plug,plug2
Esuppressor,suppresser
Fsurge suppressor,surge protector,spike suppressor,spike arrester,lightning arrester
Etransducer
Felectro-acoustic transducer
Gcartridge4,pickup4
Hcrystal pickup
Gearphone,earpiece,headphone,phone2
Hearplug
Htelephone receiver,receiver2
Iheadset
Gloudspeaker,speaker,speaker unit,loudspeaker system,speaker system
Hbullhorn,loud hailer,loud-hailer
Hsquawk box,squawker,intercom speaker
Hsubwoofer
Htannoy
Htweeter
Hwoofer
Gmicrophone,mike,mic
Hbug
Hcondenser microphone,capacitor microphone,condenser mike,capacitor mike
Hcontact microphone,contact mike
Ispike microphone,spike mike
Hcrystal microphone,crystal mike
Hdirectional microphone,directional mike
Icardioid microphone,cardioid mike
Igun microphone,shotgun microphone,gun mike,shotgun mike
Fmosaic2
Fphotoelectric cell,photoconductive cell,photocell,electric eye,magic eye
Gselenium cell
Etransformer
Fcoil2
Fstep-down transformer
Fstep-up transformer
Gcascade transformer
Fvoltage regulator
Etransponder
Ezapper
Delectronic device
Eanswering machine
Ebeeper,pager
Edefibrillator
Edisplay2,video display
Fdigital display,alphanumeric display
Gliquid crystal display
Hactive matrix screen
Hpassive matrix display
Idual scan display
Fdisplay panel,display board,board2
Gbig board2
Fflat panel display
Fmonitor2,monitoring device
Gcomputer monitor
Fscreen3
Gbackground,desktop,screen background
Gcomputer screen,computer display
Htouch screen,touchscreen
Fvisual display unit
Fwindow6
Gdialog box,panel4
Gforeground
Edisplay adapter,display adaptor
Edongle
Edoubler
Egenerator3
Foscillator
Gcrystal oscillator,quartz oscillator
Glocal oscillator,heterodyne oscillator
Fpulse generator
Gpinger
Ehearing aid,deaf-aid
Elogic element
Fthreshold element,threshold gate
Emouse,computer mouse
Emultiplexer
Fdata multiplexer
Epacemaker,artificial pacemaker
Epersonal digital assistant,personal organizer,personal organiser,organizer,organiser
Ereadout,read-out
Erepeater2
Escanner,digital scanner,image scanner
Esystem clock2
Etrackball
Etube2,vacuum tube,thermionic vacuum tube,thermionic tube,electron tube,thermionic valve
Facorn tube
Fdiode,rectifying tube,rectifying valve
Felectron multiplier
Fgas-discharge tube
Gcathode-ray tube
Hkinescope,picture tube,television tube
Icolor tube,colour tube,color television tube,colour television tube
Jtricolor television tube,tricolour television tube,tricolor tube,tricolour tube
Gglow lamp
Gglow tube
Fklystron
Fmagnetron
Fpentode
Ftelevision-camera tube,television pickup tube
Giconoscope
Gorthicon,image orthicon
Ftetrode
Ftriode
Denergizer,energiser
Dexercise device
Eexercise bike,exercycle
Etreadmill
Dexplosive device
Ebomb
Fballoon bomb
Fbomblet,cluster bomblet
Gbombie
Fbombshell
Fbriefcase bomb
Fcar bomb
Fchemical bomb,gas bomb
Fcluster bomb
Fdepth charge,depth bomb
Fdumb bomb,gravity bomb
Ffragmentation bomb,antipersonnel bomb,anti-personnel bomb,daisy cutter
Fgas shell
Fgeneral-purpose bomb
Gblockbuster
Fgrenade
Ghand grenade
Grifle grenade
Fincendiary bomb,incendiary,firebomb
Fletter bomb,parcel bomb,package bomb
Fmicrowave bomb
Fpenetration bomb
Fpipe bomb
Fplastic bomb
Fremote-control bomb
Fsmart bomb
Glaser-guided bomb
Fsmoke bomb,smoke grenade
Fstink bomb,stench bomb
Fthermobaric bomb,fuel-air bomb,vacuum bomb,volume-detonation bomb,aerosol bomb
Ftime bomb,infernal machine
Edetonator,detonating device,cap3
Fblasting cap
Fpercussion cap
Efuel-air explosive
Eimprovised explosive device
Fpetrol bomb,gasoline bomb
Emine2
Ffloating mine,marine mine
Gmagnetic mine
Fland mine,ground-emplaced mine,booby trap
Gbouncing betty
Gclaymore mine,claymore2
Epetard
Eseal bomb
Eshoe bomb
Etorpedo3
Etorpedo
Dfan
Eelectric fan,blower2
Eexhaust fan
Fattic fan
Epunkah
Dfilter
Eair filter,air cleaner
Ffilter tip
Ebacteria bed
Ecoffee filter
Edrain basket
Efilter bed
Efuel filter
Elight filter,diffusing screen
Eoil filter
Estrainer
Fcolander,cullender
Fsieve,screen6
Griddle
Gsifter
Ftea-strainer
Ewater filter
Dfire extinguisher,extinguisher,asphyxiator
Dflare
Efusee2,fuzee
Dfumigator
Dgas fixture
Dgroover
Dguard,safety,safety device
Efender3
Esafety catch,safety lock
Dheater,warmer
Ebrazier,brasier
Fhibachi
Econvector
Edefroster,deicer
Edemister
Egas heater
Eheating pad,hot pad2
Eoil heater,oilstove,kerosene heater,kerosine heater
Eradiator
Esolar heater
Espace heater
Felectric heater,electric fire
Gheat lamp,infrared lamp
Estove2
Ewater heater,hot-water heater,hot-water tank
Fwater back
Dheat exchanger
Dholding device
Echuck
Fcollet2,collet chuck
Eclamp,clinch3
Fbench clamp
Fcramp
Fpipe vise,pipe clamp
Fpress3
Eholder
Fcandlestick,candle holder
Gcandelabrum,candelabra
Hmenorah2
Ggirandole,girandola
Fcigarette holder
Fkeyboard2
Fpeg4,pin6,thole,tholepin,rowlock,oarlock
Fzarf
Ejaw
Elast,shoemaker's last,cobbler's last
Epullback,tieback
Espike6,spindle4
Evise,bench vise
Fmachinist's vise,metalworking vise
Fwood vise,woodworking vise,shoulder vise
Dhorn4
Dhydrofoil,foil2
Dimprint
Eimpression
Dindicator
Eannunciator
Ecursor,pointer2
Edial3
Efuel gauge,fuel indicator
Egnomon
Elevel,spirit level
Fmason's level
Epilot light2,pilot lamp,indicator lamp
Epointer
Fhand
Ghour hand,little hand
Gminute hand,big hand
Gsecond hand
Hsweep hand,sweep-second
Flight pen,electronic stylus
Fneedle
Escale2
Fvernier scale,vernier
Etest paper
Etidemark
Dinstrument
Eanalyzer,analyser
Ecautery,cauterant
Fcryocautery
Fsearing iron
Edrafting instrument
Fcompass2
Fdivider2
Fprotractor
Ftriangle
Eengine3
Fcatapult3,arbalest,arbalist,ballista,bricole,mangonel,onager,trebuchet,trebucket
Eextractor
Fforceps
Glion-jaw forceps
Gmouse-tooth forceps
Eharmonium,organ3,reed organ
Einstrument of execution
Felectric chair,chair2,death chair,hot seat
Fgallows
Ggallows tree,gallows-tree,gibbet,gallous
Fgarrote,garotte,garrotte,iron collar
Fgas chamber,death chamber
Fguillotine
Fstake
Einstrument of punishment
Fcangue
Fcucking stool,ducking stool
Finstrument of torture
Gboot4,the boot,iron boot,iron heel
Giron maiden
Grack2,wheel5
Gthumbscrew
Fpaddle3
Fpillory
Fstocks3
Fswitch4
Gbirch,birch rod
Gcane2
Gferule
Grattan,ratan
Emeasuring instrument,measuring system,measuring device
Faccelerometer
Factinometer
Falgometer
Faltazimuth
Faltimeter
Ghypsometer
Fatmometer,evaporometer
Faudiometer,sonometer
Fbarometer
Ganeroid barometer,aneroid
Gbarograph
Gmercury barometer
Gweatherglass
Fbathymeter,bathometer
Fbolometer
Fburette,buret
Fcaliper,calliper
Ginside caliper
Gmicrometer,micrometer gauge,micrometer caliper
Godd-leg caliper
Goutside caliper
Gvernier caliper,vernier micrometer
Fcalorimeter
Gbomb calorimeter,bomb2
Fchronoscope
Gtime-delay measuring instrument,time-delay measuring system
Fcolorimeter,tintometer
Fcounter tube
Gcrystal counter
Gproportional counter tube,proportional counter
Hboron counter tube
Gscintillation counter
Fcraniometer
Fcryoscope
Fdeclinometer,transit declinometer
Fdensimeter,densitometer2
Gdasymeter
Fdensitometer
Gmicrophotometer
Fdosemeter,dosimeter
Fdynamometer,ergometer
Felectrodynamometer
Felectroscope
Feudiometer
Fgauge,gage
Ganemometer,wind gauge,wind gage
Gdepth gauge,depth gage
Gdipstick
Ggasoline gauge,gasoline gage,gas gauge,gas gage,petrol gauge,petrol gage
Gpressure gauge,pressure gage
Hmanometer
Itensimeter
Hsphygmomanometer
Grain gauge,rain gage,pluviometer,udometer
Gstrain gauge,strain gage
Gsurface gauge,surface gage,scribing block
Gvacuum gauge,vacuum gage
Gwater gauge,water gage,water glass2
Hwater level
Gwire gauge,wire gage
Fgraduate
Ggraduated cylinder
Fgravimeter2,gravity meter
Fheliometer
Fhematocrit,haematocrit
Fhydrometer,gravimeter
Gsalinometer
Gthermohydrometer,thermogravimeter
Fhygrometer
Ghygrodeik
Ghygroscope
Gpsychrometer
Finclinometer2,dip circle
Fintegrator,planimeter
Finterferometer
Fionization chamber,ionization tube
Gboron chamber
Fkatharometer
Flidar
Flog
Gharpoon log
Gpatent log,screw log,taffrail log
Fmeasuring stick,measure,measuring rod
Gboard rule
Grule,ruler
Hcarpenter's rule
Hfoot rule
Hmeterstick,metrestick
Hyardstick,yard measure
Gsize stick
Fmeter
Gammeter
Hmilliammeter
Gelectric meter,power meter
Gelectrometer
Gfluxmeter
Ggalvanometer
Hastatic galvanometer
Hmoving-coil galvanometer
Iballistic galvanometer
Ggas meter,gasometer
Gmagnetometer,gaussmeter
Godometer,hodometer,mileometer,milometer
Gohmmeter
Gpostage meter
Gradiometer
Hradiomicrometer
Greflectometer
Gspeedometer,speed indicator
Hmachmeter
Gtaximeter
Gvoltmeter
Helectronic voltmeter
Idigital voltmeter
Hmillivoltmeter
Gvolumeter
Gwater meter
Fnephoscope
Foctant
Foximeter
Fpedometer
Fpelvimeter
Fphotometer
Gspectrophotometer
Fpiezometer
Fpipet,pipette
Gdropper,eye dropper
Fplethysmograph
Gbody plethysmograph
Gdigital plethysmograph
Fpotentiometer
Fquadrant
Fradar,microwave radar,radiolocation
Gearly warning radar
Gthree-dimensional radar
Gweather radar
Frangefinder,range finder
Frefractometer
Frheometer
Fscale,weighing machine
Gbalance3
Hbeam balance
Ianalytical balance,chemical balance
Helectronic balance
Hmicrobalance
Hspring balance,spring scale
Hsteelyard,lever scale,beam scale
Gweighbridge
Fsclerometer
Fsector
Fseismograph
Fsensitometer
Fsextant
Gastrolabe
Fsonar,echo sounder,asdic
Fspherometer
Fspirograph
Fspirometer
Fstatic tube
Fsynchroscope,synchronoscope,synchronizer,synchroniser
Ftachometer,tach
Gtachograph
Ftape3,tapeline,tape measure
Ftensiometer3
Ftensiometer2
Ftensiometer
Fthermometer
Galcohol thermometer,alcohol-in-glass thermometer
Gcandy thermometer
Gcryometer
Gdry-bulb thermometer
Ggas thermometer,air thermometer
Gmeat thermometer
Gmercury thermometer,mercury-in-glass thermometer
Hclinical thermometer,mercury-in-glass clinical thermometer
Goven thermometer
Gpyrometer
Hoptical pyrometer,pyroscope
Hpyrometric cone
Hradiation pyrometer
Hresistance pyrometer
Gresistance thermometer,platinum thermometer
Greversing thermometer
Gself-registering thermometer
Gtelethermometer
Gthermocouple,thermocouple junction
Gthermoelectric thermometer,thermel,electric thermometer
Gthermograph2,thermometrograph
Gthermopile
Gwet-bulb thermometer
Ftimepiece,timekeeper,horologe
Gatomic clock
Hammonia clock
Hcaesium clock
Gclock
Halarm clock,alarm2
Hanalog clock
Hchronometer
Hcuckoo clock
Hdigital clock
Helectric clock
Hpendulum clock
Igrandfather clock,longcase clock
Hsystem clock
Htime clock
Hturret clock
Hwall clock
Hwater clock,clepsydra,water glass3
Gsandglass
Hegg timer
Hhourglass
Gsundial
Gtimer
Hchronograph
Hparking meter
Hstopwatch,stop watch
Gwatch,ticker
Hanalog watch
Hdigital watch
Hhunter,hunting watch
Hpendulum watch
Hpocket watch
Hstem-winder
Hwristwatch,wrist watch
Ftonometer
Ftorsion balance
Fvariometer
Fviscometer,viscosimeter
Fwattmeter
Emedical instrument
Fballistocardiograph,cardiograph2
Fbronchoscope
Fcardiograph,electrocardiograph
Fdialyzer,dialysis machine
Gartificial kidney,hemodialyzer
Fdiathermy machine
Gmicrowave diathermy machine
Gshortwave diathermy machine
Felectroencephalograph
Felectromyograph
Fendoscope
Garthroscope
Gcolonoscope
Gculdoscope
Ggastroscope
Glaparoscope
Gproctoscope
Gsigmoidoscope,flexible sigmoidoscope
Ffiberscope
Fkeratoscope
Flaryngoscope
Fophthalmoscope
Gorthoscope
Fotoscope,auriscope,auroscope
Fpolygraph
Glie detector
Frhinoscope
Fspeculum2
Fstethoscope
Gfetoscope,foetoscope
Fsurgical instrument
Gcurette,curet
Gdermatome
Gdilator2,dilater
Ghemostat,haemostat
Gphotocoagulator
Gprobe
Gretractor
Gsnare2
Gtrepan,trephine
Fsyringe
Gdouche,douche bag
Ghypodermic syringe,hypodermic,hypo
Hautoinjector
Fthermograph
Enavigational instrument
Fartificial horizon,gyro horizon,flight indicator
Fcompass
Ggyrocompass
Gmagnetic compass
Hcompass card,mariner's compass
Fdepth finder
Gsonic depth finder,fathometer
Finclinometer
Eoptical instrument
Fbinoculars,field glasses,opera glasses
Fesophagoscope,oesophagoscope
Fjeweler's glass
Fperiscope
Fprojector2
Gepidiascope
Gfront projector
Gmovie projector,cine projector,film projector
Hbioscope2
Goverhead projector
Gslide projector
Hmagic lantern
Fsights
Gbombsight
Ggunsight,gun-sight
Hbattle sight,battlesight
Hopen sight
Hpanoramic sight
Hpeep sight
Hsight setting
Izero
Htelescopic sight,telescope sight
Fspectacles,specs,eyeglasses,glasses
Gbifocals
Ggoggles
Glorgnette
Gpince-nez
Gsunglasses,dark glasses,shades
Fspectroscope,prism spectroscope
Gmass spectrometer,spectrometer
Hmass spectrograph
Gspectrograph
Hsound spectrograph
Eplotter
Escientific instrument
Faccelerator3,particle accelerator,atom smasher
Gbetatron,induction accelerator
Gcharge-exchange accelerator
Gcollider
Helectron accelerator
Hproton accelerator
Hsuperconducting supercollider
Gcyclotron
Hbevatron
Hsynchrocyclotron
Hsynchrotron
Icosmotron
Glinear accelerator,linac
Hmicrowave linear accelerator
Fconsole2
Fhodoscope
Fkicksorter,pulse height analyzer
Fkymograph,cymograph
Fmagnetograph
Fmagnifier
Gmicroscope
Hangioscope
Helectron microscope
Ifield-emission microscope
Hlight microscope
Ibinocular microscope
Joperating microscope
Icompound microscope
Ihand glass2,simple microscope,magnifying glass
Jloupe,jeweler's loupe
Iultramicroscope,dark-field microscope
Gtelescope,scope
Hastronomical telescope
Ioptical telescope
Jreflecting telescope,reflector2
Kcoude telescope,coude system
Koff-axis reflector
Jrefracting telescope
Kfield glass,glass2,spyglass
Iradio telescope,radio reflector
Jradio interferometer
Hcollimator
Hequatorial
Hsolar telescope
Htransit instrument
Fmicrotome
Fstroboscope,strobe,strobe light
Ftachistoscope,t-scope
Ftelemeter
Esonograph
Fechocardiograph
Fechoencephalograph
Esurveying instrument,surveyor's instrument
Falidade2,alidad2
Falidade,alidad
Fclinometer,inclinometer3
Fplane table
Frange pole,ranging pole,flagpole
Fsurveyor's level
Ftheodolite,transit
Gtachymeter,tacheometer
Etracer
Eweapon,arm2,weapon system
Fbow4
Gcrossbow
Ghandbow
Glongbow
Fbow and arrow
Fbrass knucks,knucks,brass knuckles,knuckles,knuckle duster
Ffire ship
Fflamethrower
Fgun
Gair gun,airgun,air rifle
Hpaintball gun
Gantiaircraft,antiaircraft gun,flak,flack,pom-pom2,ack-ack,ack-ack gun
Gbreechloader
Gcannon4
Gcannon2
Gfirearm,piece3,small-arm
Hautoloader,self-loader
Iautomatic firearm,automatic gun,automatic weapon
Jautomatic rifle,automatic,machine rifle
Kassault rifle,assault gun
Jmachine gun
Ksubmachine gun
Lburp gun,machine pistol
Llight machine gun
Isemiautomatic firearm
Hmuzzle loader
Iarquebus,harquebus,hackbut,hagbut
Iflintlock,firelock
Imusket
Jblunderbuss
Jculverin2
Jfusil
Jmatchlock
Hpistol,handgun,side arm,shooting iron
Iautomatic pistol,automatic2
Iderringer
Iforty-five
Igat,rod2
Ihorse pistol,horse-pistol
Ipeacekeeper
Irevolver,six-gun,six-shooter
Isemiautomatic pistol,semiautomatic
Izip gun
Hrepeating firearm,repeater
Hrifle
Icarbine
Isniper rifle,precision rifle
Hriot gun
Hshotgun,scattergun
Ifowling piece
Isawed-off shotgun
Hsmoothbore
Htwenty-two
Itwenty-two pistol
Itwenty-two rifle
Ggas gun
Gminute gun
Gset gun,spring gun
Gwhaling gun
Fknife2
Gbayonet
Gdagger,sticker
Hdirk
Hkirpan
Hkris,creese,crease
Hponiard,bodkin
Hstiletto
Gkhukuri
Gmachete,matchet,panga
Gshiv
Gtrench knife
Gyataghan
Flight arm
Fpike3
Ghalberd
Gpartisan,partizan
Gvouge
Fprojectile,missile2
Garrow
Hbroad arrow
Hbutt shaft
Hquarrel
Gboomerang,throwing stick2,throw stick
Hkylie,kiley
Gbullet,slug
Hdumdum,dumdum bullet
Hfull metal jacket
Hrifle ball
Hrubber bullet
Gcannonball,cannon ball,round shot
Gdart
Hbanderilla
Gseeker
Gshot,pellet
Hbird shot,buckshot,duck shot
Hgrapeshot,grape
Hmusket ball,ball2
Gspitball
Fslasher
Fsling3
Fspear,lance,shaft2
Gassegai,assagai
Gjavelin
Gtrident
Fstun gun,stun baton
Fsword,blade,brand,steel
Gbacksword2
Gbroadsword
Hclaymore
Gcavalry sword,saber2,sabre2
Hscimitar
Gcutlas,cutlass
Gfalchion
Gfencing sword
Hepee
Hfoil4
Hsaber,sabre
Grapier,tuck2
Ftomahawk,hatchet
F
Gbioweapon,biological weapon,bioarm
Gchemical weapon
Gnuclear weapon,atomic weapon
Hatom bomb,atomic bomb,fission bomb,plutonium bomb
Iclean bomb
Idirty bomb
Ineutron bomb
Hhydrogen bomb,fusion bomb,thermonuclear bomb
Hmegaton bomb
Ewhip
Fcat-o'-nine-tails,cat2
Fcowhide
Fhorsewhip
Gbuggy whip
Fknout
Fquirt
Friding crop,hunting crop
Fscourge,flagellum
Fstrap4
Gtawse
Dinterlock,ignition interlock
Dinterrupter
Djig2
Dkey
Eignition key
Elatchkey
Epasskey,passe-partout,master key,master2
Fskeleton key
Dkeyboard
Ecomputer keyboard,keypad
Epiano keyboard,fingerboard,clavier
Etypewriter keyboard
Dknocker,doorknocker,rapper
Dlift2
Dlifting device
Ecrane
Fdavit
Fderrick2
Ftransporter2
Eelevator,lift4
Fdumbwaiter,food elevator
Ffreight elevator,service elevator
Fpaternoster
Ehoist
Fblock and tackle
Fheadgear2
Fwheel and axle
Ewinch,windlass
Fcapstan
Fyarder,yard donkey
Dlighter,light2,igniter,ignitor
Ecigar lighter,cigarette lighter,pocket lighter
Efuse2,fuze,fusee4,fuzee3,primer,priming
Fdetonating fuse
Fsafety fuse
Ftime-fuse
Ematch,lucifer,friction match
Ffusee3,fuzee2
Fkitchen match
Fsafety match,book matches
Fslow match
Ematch2
Dmachine
Eassembly
Fsub-assembly
Fweldment
Ebagger
Ecalculator,calculating machine
Fabacus2
Fadder
Fadding machine,totalizer2,totaliser2
Fcounter3,tabulator
Gpulse counter
Hscaler
Fhand calculator,pocket calculator
Fquipu
Fsubtracter
Ecalender
Ecash machine,cash dispenser,automated teller machine,automatic teller machine,automated teller,automatic teller
Ecomber
Ecomputer,computing machine,computing device,data processor,electronic computer,information processing system
Fanalog computer,analogue computer
Gdifferential analyzer
Gslide rule,slipstick
Fdigital computer
Gbulletin board system,bulletin board,electronic bulletin board,bbs
Gfile server
Hdedicated file server
Hnon-dedicated file server
Gmainframe,mainframe computer
Hsupercomputer
Gminicomputer
Gmultiprocessor
Gpersonal computer,microcomputer
Hdesktop computer
Hportable computer
Ibriefcase computer
Ihand-held computer,hand-held microcomputer
Ilaptop,laptop computer
Inotebook,notebook computer
Jplanner
Gworkstation
Fhome computer
Fnode,client,guest
Fnumber cruncher
Fpari-mutuel machine,totalizer,totaliser,totalizator,totalisator
Fpredictor
Fserver,host
Fweb site,website,internet site,site
Gchat room,chatroom
Gportal site,portal2
Econcrete mixer,cement mixer
Ecorker
Ecotton gin,gin2
Edecoder
Efarm machine
Fcultivator,tiller2
Gharrow
Hdisk harrow,disc harrow
Fharvester,reaper
Gbinder,reaper binder
Gcombine
Gheader4
Fhaymaker,hay conditioner
Fthresher,thrasher,threshing machine
Efranking machine
Ehop-picker,hopper2
Emachinery
Fenginery
Ftechnology
Fmill2,grinder,milling machinery
Gcider mill
Gcoffee mill,coffee grinder
Gflour mill
Ggristmill
Gmeat grinder
Gpepper mill,pepper grinder
Gquern
Gspicemill
Gtreadmill2,treadwheel,tread-wheel
Gwater mill
Gwindmill
Emachine tool
Fdrill press
Fgrinder2
Fshaper,shaping machine
Glathe
Hbench lathe
Gmiller,milling machine
Emilking machine
Emotor
Felectric motor
Gstarter,starter motor,starting motor
Hkick starter,kick start
Hself-starter
Gsynchronous motor
Gwiper motor
Fengine
Gaircraft engine
Gautomobile engine
Gauxiliary engine,donkey engine2
Ggenerator2
Halternator
Hdynamo
Hmagneto,magnetoelectric machine
Hturbogenerator
Hwindmill2,aerogenerator,wind generator
Gheat engine
Hexternal-combustion engine
Isteam engine
Hinternal-combustion engine
Idiesel,diesel engine,diesel motor
Ifour-stroke engine,four-stroke internal-combustion engine
Igas engine
Igasoline engine,petrol engine
Jput-put
Ioutboard motor,outboard2
Iradial engine,rotary engine2
Ireciprocating engine
Irotary engine
Jturbine
Kgas turbine
Khydroelectric turbine
Kimpulse turbine
Kreaction turbine
Ksteam turbine
Kwind turbine
Jepitrochoidal engine
Ivalve-in-head engine
Greaction-propulsion engine,reaction engine
Hion engine
Hjet engine
Ifanjet2,fan-jet2,fanjet engine,turbojet2,turbojet engine,turbofan2,turbofan engine
Iramjet,ramjet engine,atherodyde,athodyd,flying drainpipe
Irocket2,rocket engine
Jbooster2,booster rocket,booster unit,takeoff booster,takeoff rocket
Jnuclear rocket
Jretrorocket
Jspace rocket
Jthruster
Fstepper,stepping motor
Epavior,paviour,paving machine
Eperpetual motion machine
Epile driver
Epower shovel,excavator,digger,shovel3
Fbackhoe
Fdredge
Fsteam shovel
Epower tool
Fbuffer3,polisher
Fburr2
Fdrum sander,electric sander,sander,smoother
Fhammer6,power hammer
Gair hammer,jackhammer,pneumatic hammer
Gelectric hammer
Gtriphammer
Fplane2,planer,planing machine
Fpower drill
Gelectric drill
Gpneumatic drill
Fpower saw,saw2,sawing machine
Gbandsaw,band saw
Gchain saw,chainsaw
Gcircular saw,buzz saw
Hportable circular saw,portable saw
Htable saw
Ggangsaw
Gjigsaw2,scroll saw,fretsaw
Gsaber saw,jigsaw,reciprocating saw
Gsawmill
Frouter2
Fstamping machine,stamper
Epress4,mechanical press
Fcheese press
Fciderpress
Fgarlic press
Fhydraulic press
Fpunch press
Gbench press
Fwinepress
Epress,printing press
Fflatbed press,cylinder press
Frotary press
Fstanding press
Eprinter2,printing machine
Faddressing machine
Fcharacter printer,character-at-a-time printer,serial printer
Gdaisywheel printer
Gteletypewriter,teleprinter,teletype machine,telex,telex machine
Gticker2,stock ticker
Gtypewriter
Helectric typewriter
Hportable
Hstenograph
Felectrostatic printer
Glaser printer
Fimpact printer
Gbar printer
Gchain printer
Fline printer,line-at-a-time printer
Gdrum printer
Fpage printer,page-at-a-time printer
Gxerographic printer
Fthermal printer
Ftypesetting machine
Gmonotype2
Erecord player,phonograph
Fgramophone,acoustic gramophone
Fjukebox,nickelodeon
Eriveting machine,riveter,rivetter
Eself-feeder,feeder
Esimulator
Fflight simulator,trainer
Eslicer
Eslot machine,coin machine
Fslot3,one-armed bandit
Gfruit machine
Fvending machine
Gautomat
Esnow thrower,snow blower
Esorter
Fmailsorter
Estamp,pestle
Estaple gun,staplegun,tacker
Estapler,stapling machine
Etextile machine
Fknitting machine
Floom
Gcarpet loom
Gfigure loom,figured-fabric loom
Ghandloom
Hhigh-warp loom
Hlow-warp-loom
Gpower loom
Fspinning machine
Gspinning frame
Gspinning jenny
Gspinning wheel
Gthrostle
Fwillow
Etime machine
Etrimmer
Eworkhorse
Dmagnet
Ebar magnet
Eelectromagnet
Fmagnetic head
Efield magnet
Emagnetic needle
Eparamagnet
Epermanent magnet,static magnet
Fstud finder
Flodestone,loadstone
Dmechanism
Eaction,action mechanism
Fgunlock,firing mechanism
Gflintlock2
Gwheel lock
Fmovement
Fpiano action
Fpump action,slide action
Eactuator
Frotary actuator,positioner
Eautomaton,robot,golem
Fandroid,humanoid,mechanical man
Eaxis,axis of rotation
Fpivot,pin2
Gfulcrum
Gpintle
Frotor head,rotor shaft
Ecarriage3
Ftypewriter carriage
Ecartridge ejector,ejector
Ecartridge extractor,cartridge remover,extractor3
Eclockwork
Econtrol,controller
Fcruise control
Fdial2
Fdisk controller
Fgovernor,regulator2
Gflywheel
Hfluid flywheel
Gtimer2
Fhandwheel2
Gsteering wheel,wheel2
Fjoystick2
Fregulator
Gaperture
Gballcock,ball cock
Gdraft2
Gfaucet,spigot2
Hmixing faucet
Hstopcock,cock,turncock
Hwater faucet,water tap,tap,hydrant
Gpeg3
Gpetcock
Gregister3
Gsluicegate,sluice valve,floodgate,penstock,head gate,water gate
Gthermostat,thermoregulator
Hcryostat
Hpyrostat
Fswitch,electric switch,electrical switch
Gcommutator
Gcutout
Gignition switch
Gpush button,push,button2
Hbell push
Hdoorbell,bell2,buzzer
Inight bell
Hhorn button
Hmouse button
Hpanic button
Hreset button
Gselector,selector switch
Hdial4,telephone dial
Gthree-way switch,three-point switch
Gtime-switch
Gtoggle switch,toggle,on-off switch
Fvalve2
Gaccelerator2,throttle,throttle valve
Gball valve
Gbutterfly valve
Gchoke2
Hautomatic choke
Gclack valve,clack,clapper valve
Gexhaust valve
Gintake valve
Gpoppet,poppet valve
Gsafety valve,relief valve,escape valve,escape cock,escape
Gslide valve
Ecooling system2,cooling
Fair conditioner2,air conditioning
Fcoolant system
Fcooling tower
Fevaporative cooler
Frefrigeration system
Edelayed action
Edrive
Ffusee drive,fusee
Edrive line,drive line system
Efail-safe
Efilm advance
Egear3,gear mechanism
Ffirst gear,first,low gear,low
Fgearset
Fhigh gear,high
Goverdrive
Fpark2
Freverse,reverse gear
Fsecond gear,second
Fsteering gear
Fthird gear,third
Ftransmission,transmission system
Gautomatic transmission,automatic drive
Gfour-wheel drive2
Ghydraulic transmission,hydraulic transmission system
Gstandard transmission,stick shift
Ehoming device
Ehydraulic system
Eignition,ignition system
Elock2
Emechanical device
Fbroadcaster,spreader2
Fbumper2
Fbumper guard
Fcarburetor,carburettor
Fcompressor
Gair compressor
Gsupercharger
Fcopyholder
Fcoupling2,coupler
Gclevis
Gclutch3
Hfreewheel
Hfriction clutch
Icone clutch,cone friction clutch
Idisk clutch
Islip clutch,slip friction clutch
Gfluid drive
Gswivel
Gturnbuckle
Guniversal joint,universal
Fcurler,hair curler,roller3,crimper
Fdiaphragm,stop2
Giris,iris diaphragm
Fdicer
Felectromechanical device
Fescapement
Fgearshift,gearstick,shifter,gear lever
Fgrab
Fhook2,claw
Ganchor,ground tackle
Hgrapnel2,grapnel anchor
Hmooring anchor
Hmushroom anchor
Hsheet anchor,waist anchor
Gpothook
Htrammel2
Gtenterhook
Fmachine2,simple machine
Ginclined plane
Hramp,incline
Iski jump
Hscrew
Hwedge3
Iax head,axe head
Icolter,coulter
Imoldboard,mouldboard
Iplowshare,ploughshare,share
Iquoin,coign,coigne
Ishim
Glever2
Gpulley,pulley-block,pulley block,block3
Hbollock,bullock block
Hfairlead
Isnatch block
Hidle pulley,idler pulley,idle wheel
Gwheel
Hbalance wheel,balance2
Hbicycle wheel
Hbuffing wheel
Hcartwheel
Hcar wheel
Ififth wheel,spare2
Hdaisy print wheel,daisy wheel
Hdriving wheel
Hgear,gear wheel,geared wheel,cogwheel
Ibevel gear
Jdifferential gear,differential
Iescape wheel
Ipinion
Jlantern pinion,lantern wheel
Iplanetary gear,epicyclic gear,planet wheel,planet gear
Irack and pinion
Ispur gear,spur wheel
Isun gear
Iworm gear
Iworm wheel
Hgrinding wheel,emery wheel
Hhandwheel
Hnosewheel
Hpaddlewheel,paddle wheel
Hpinwheel
Hpotter's wheel
Hratchet wheel
Hroller
Icaster2,castor2
Hroulette,toothed wheel
Hrowel
Hsprocket2,sprocket wheel
Htrundle2
Hwagon wheel
Hwaterwheel2,water wheel2
Imillwheel,mill wheel
Inoria
Hwaterwheel,water wheel
Fpantograph
Fpiston,plunger2
Fpropeller,propellor
Gairplane propeller,airscrew,prop3
Gscrew2,screw propeller
Gvariable-pitch propeller
Fpump
Gair pump,vacuum pump
Hcondensation pump,diffusion pump
Hinflater,inflator
Hion pump
Gaspirator
Gauxiliary pump,donkey pump
Gbicycle pump
Gbilge pump
Gcentrifugal pump
Gforce pump
Ggas pump,gasoline pump,petrol pump,island dispenser
Ggrease gun,gun3
Ghand pump
Gheart-lung machine
Ghydraulic pump,hydraulic ram
Glift pump
Goil pump
Gstirrup pump
Gsuction pump
Hstomach pump
Hsump pump
Gwater pump
Fratchet,rachet,ratch
Frecord changer,auto-changer,changer
Fride
Gcarousel2,carrousel2,merry-go-round,roundabout2,whirligig2
Fseeder
Fshutter
Fski binding,binding2
Fsplicer
Fsplint
Fsprinkler
Fstator,stator coil
Fstoker
Fstretcher2
Fstriker
Gclapper,tongue2
Gfiring pin
Ghammer5
Ghammer,cock2
Ghead3
Hgolf-club head,club head,club-head,clubhead
Hhammerhead
Fsupply chamber
Gcartridge holder,cartridge clip,clip,magazine4
Hpincurl clip
Gmagazine2,cartridge2
Fswing
Gtrapeze
Ftone arm,pickup3,pickup arm
Ftrap3
Fvibrator2
Gdildo
Fvibrator
Greed,vibrating reed
Hdouble reed2
Fvoting machine
Fweathervane,weather vane,vane,wind vane
Gweathercock
Gwind tee
Fwheelwork
Ggearing,gear2,geartrain,power train,train3
Hepicyclic train,epicyclic gear train
Hreduction gear
Fwinder2
Gbobbin,spool,reel3
Hfilature
Hshuttle3
Greel2
Fwinder,key2
Gwatch key
Fwindshield wiper,windscreen wiper,wiper2,wiper blade
Eradiator2
Erotating mechanism
Fblade3,vane3
Gfan blade
Gimpeller
Gpaddle2
Grudder blade
Fcam
Gdistributor cam
Fcircle3,round3
Fgyroscope,gyro
Frotor3
Gmain rotor
Gtail rotor,anti-torque rotor
Esteering linkage
Esteering system,steering mechanism
Fhelm
Gwheel3
Fpower steering,power-assisted steering
Frudder2
Etape drive,tape transport,transport2
Ewhirler
Eworks2,workings
Dmemory device,storage device
Eacoustic storage
Eauxiliary storage,external storage,secondary storage
Ebuffer2,buffer storage,buffer store
Fcache2,memory cache
Gdisk cache
Fframe buffer
Fkeyboard buffer
Fprint buffer
Emagnetic disk,magnetic disc,disk3,disc2
Fdiskette,floppy,floppy disk
Fhard disc,hard disk,fixed disk
Gremovable disk
Emagnetic tape,mag tape,tape4
Faudiotape2
Fcassette tape
Fmagnetic stripe
Fvideotape2
Ememory,computer memory,storage2,computer storage,store2,memory board
Fnon-volatile storage,nonvolatile storage
Gflash memory
Gmagnetic bubble memory
Fread-only memory,read-only storage,fixed storage
Freal storage
Fscratchpad
Fvirtual memory,virtual storage
Fvolatile storage
Grandom-access memory,random access memory,random memory
Hmagnetic core memory,core memory
Eoptical disk,optical disc
Fcompact disk,compact disc
Gaudio compact disc
Gcompact disc recordable,compact disc write-once
Fvideodisk,videodisc
Epush-down storage,push-down store,stack2
Erecording2
Fcover5,cover version,cover song
Fsound recording,audio recording,audio
Gphonograph record,phonograph recording,record,disk2,disc,platter2
Hseventy-eight
Gsoundtrack
Hdubbing
Hlaugh track
Gtalking book
Ftape2,tape recording,taping
Gaudiotape
Hdigital audiotape
Gvideotape
Ftranscription
Fvideo recording,video
Eregister
Faccumulator2,accumulator register
Fcounter5
Findex register
Fshift register
Dmusical instrument,instrument2
Ebarrel organ,grind organ,hand organ
Ehurdy gurdy,hurdy-gurdy,wheel fiddle
Ebass
Ecalliope,steam organ
Eelectronic instrument,electronic musical instrument
Felectric organ,electronic organ,organ
Fsynthesizer,synthesiser
Ftheremin
Ejew's harp,jews' harp,mouth bow
Ekeyboard instrument
Fcelesta
Fclavichord
Fclavier2
Gharpsichord,cembalo
Hspinet2
Hvirginal,pair of virginals
Forgan2,pipe organ
Fpiano,pianoforte,forte-piano
Ggrand piano,grand
Hbaby grand,baby grand piano,parlor grand,parlor grand piano,parlour grand,parlour grand piano
Hconcert grand,concert piano
Gmechanical piano,player piano
Gupright2,upright piano
Hspinet
Emusic box,musical box
Epercussion instrument,percussive instrument
Fbones,castanets,clappers,finger cymbals
Fchime,bell3,gong2
Gcarillon
Ghandbell
Fcymbal
Ghigh-hat cymbal,high hat
Gzill
Fdrum,membranophone,tympan
Gbass drum,gran casa
Gbongo,bongo drum
Gsnare drum,snare,side drum
Gtabor,tabour
Gtambour2
Gtambourine
Gtenor drum,tom-tom
Gtimbrel
Fglockenspiel,orchestral bells
Fgong,tam-tam
Fkettle2,kettledrum,tympanum,tympani,timpani
Flagerphone
Fmaraca
Fmarimba,xylophone
Frain stick
Fsteel drum
Ftriangle2
Fvibraphone,vibraharp,vibes
Estringed instrument
Fbanjo
Fbowed stringed instrument,string2
Gbass fiddle,bass viol2,bull fiddle,double bass,contrabass,string bass
Gcello,violoncello
Gviol
Hviola da braccio
Hviola da gamba,gamba,bass viol
Hviola d'amore
Gviola
Gviolin,fiddle
Fchordophone
Gbalalaika
Gharp
Haeolian harp,aeolian lyre,wind harp
Hlyre
Itrigon
Glute
Gmandolin
Hmandola
Fdulcimer
Fguitar
Gacoustic guitar
Gbass guitar
Gcittern,cithern,cither2,citole,gittern
Gelectric guitar
Gsteel guitar
Guke,ukulele
Fkoto
Fpsaltery
Fsamisen,shamisen
Fsitar
Fzither,cither,zithern
Gdulcimer2
Ewind instrument,wind
Fbrass,brass instrument
Gbaritone,baritone horn
Gbass horn,sousaphone,tuba
Heuphonium
Hhelicon,bombardon
Gbugle
Gclarion
Gcornet,horn3,trumpet,trump3
Hserpent2
Gflugelhorn,fluegelhorn
Ghorn6
Gsaxhorn
Gtrombone
Hsackbut
Ffree-reed instrument
Gaccordion,squeeze box
Hpiano accordion
Hbutton accordion
Gconcertina2
Hbandoneon
Gharmonica,mouth organ,harp3,mouth harp
Fkazoo
Focarina,sweet potato
Forgan pipe,pipe4,pipework
Gflue pipe,flue2,labial pipe
Gorgan stop
Hdiapason,diapason stop
Hdulciana
Hflue stop
Hreed stop
Ivox humana
Hsourdine2
Hvox angelica,voix celeste
Greed pipe
Fpipe3
Gbagpipe
Hmusette,shepherd's pipe
Gchanter,melody pipe
Gdrone2,drone pipe,bourdon
Gfipple flute,fipple pipe,recorder2,vertical flute
Hflageolet,treble recorder,shepherd's pipe2
Itabor pipe
Hpennywhistle,tin whistle,whistle3
Gpanpipe,pandean pipe,syrinx
Gpitch pipe
Fpost horn
Fwhistle
Fwoodwind,woodwind instrument,wood
Gbeating-reed instrument,reed instrument,reed2
Hdouble-reed instrument,double reed
Ibassoon
Jcontrabassoon,contrafagotto,double bassoon
Jtenoroon
Icor anglais
Ikrummhorn,crumhorn,cromorne
Ioboe,hautboy,hautbois
Jheckelphone,basset oboe
Jmusette pipe
Joboe da caccia
Joboe d'amore
Jshawm
Kbombardon2,bombard
Hfree-reed
Hsingle-reed instrument,single-reed woodwind
Iclarinet
Jbass clarinet
Jbasset horn
Jlicorice stick
Ihornpipe,pibgorn,stockhorn
Isax,saxophone
Gflute,transverse flute
Hfife
Hnose flute
Hpiccolo
Dnest egg
Dnoisemaker
Ehorn
Ethunderer
Doptical device
Eautofocus
Ebiprism
Ecamera lucida
Ecoelostat
Ecollimator2
Ediffraction grating,grating3
Fechelon
Ediffuser2,diffusor2
Efinder,viewfinder,view finder
Elaser,optical maser
Elens,lense,lens system
Fanastigmat
Fanastigmatic lens
Fcamera lens,optical lens
Gcloseup lens
Gportrait lens
Gtelephoto lens,zoom lens
Gwide-angle lens,fisheye lens
Fcompound lens
Gachromatic lens
Fcondenser4,optical condenser
Fcontact2,contact lens
Fconverging lens,convex lens
Gsunglass
Fcrown lens
Fdiverging lens,concave lens
Feyepiece,ocular
Ffield lens
Fintraocular lens
Fmeniscus
Fmonocle,eyeglass
Fobjective,objective lens,object lens,object glass
Eplanetarium2
Epolarimeter,polariscope
Eprism,optical prism
Ferecting prism
Eprojector
Estereoscope
Eviewer
Doverride
Dpaper feed
Dpeeler
Dpick2,plectrum,plectron
Eguitar pick
Dpower takeoff
Dprod,goad
Eankus
Espur,gad
Dprompter,autocue
Dpull
Ebellpull
Dreflector
Emirror
Fcar mirror
Goutside mirror
Grearview mirror
Fcheval glass
Fhand glass,hand mirror
Flooking glass,glass3
Fpier glass,pier mirror
Fspeculum
Eparabolic reflector,paraboloid reflector
Fparabolic mirror
Esolar dish,solar collector,solar furnace
Drelease2,button3
Dremote control,remote
Dreset
Drestraint,constraint
Eairbrake,dive brake
Earrester,arrester hook
Eband7
Fbrake band
Fcollet3
Fligature
Fwithe
Ebrake
Fbrake system,brakes
Ghydraulic brake,hydraulic brakes
Hdisk brake,disc brake
Hdrum brake
Hfoot brake
Fcoaster brake
Fhand brake,emergency,emergency brake,parking brake
Fpower brake
Gairbrake2
Ebrake2
Ebrake pad
Ebrake shoe,shoe4,skid2
Ecatch,stop3
Fbench hook
Fdoorstop,doorstopper
Fpawl,detent,click,dog
Ftripper,trip
Echain2
Efastener,fastening,holdfast,fixing
Fbellyband2
Fbuckle
Gbelt buckle
Fbutton
Gcoat button
Gshirt button
Fcatch2
Ghasp
Ghood latch
Ghook
Glatch2
Fclasp
Fcleat2
Fclinch2
Fclip2
Gbicycle clip,trouser clip
Gbulldog clip,alligator clip
Ghair slide
Gpaper clip,paperclip,gem clip
Fclothespin,clothes pin,clothes peg
Fcorrugated fastener,wiggle nail
Fcotter,cottar
Gcotter pin
Fcringle,eyelet2,loop,grommet,grummet
Fdowel,dowel pin,joggle
Ffillet2,stopping
Fhook and eye
Fknot
Gbarrel knot,blood knot
Gbow,bowknot
Gcarrick bend
Gclove hitch
Gfigure eight,figure of eight
Gfisherman's bend
Gfisherman's knot,true lover's knot2,truelove knot
Ghalf hitch
Ghawser bend
Ghitch2
Hcat's-paw
Hrolling hitch
Imagnus hitch
Hsheet bend,becket bend,weaver's knot,weaver's hitch
Htimber hitch
Gloop knot
Hbowline,bowline knot
Glove knot,lovers' knot,lover's knot,true lovers' knot,true lover's knot
Goverhand knot
Gprolonge knot,sailor's breastplate
Gsheepshank
Gslipknot
Gsquare knot
Hreef knot,flat knot
Igranny knot,granny
Gstopper knot
Gsurgeon's knot
Flink,linkup,tie3,tie-in
Gbridge5,nosepiece3
Flock
Gcombination lock
Gcylinder lock
Gdoorlock
Hnight latch
Glatch,door latch
Glever lock
Gpadlock
Gsash fastener,sash lock,window lock
Flocker2
Fnail
Gbrad
Gclout nail,clout
Gdoornail
Geightpenny nail
Gfourpenny nail
Ghobnail
Gsixpenny nail
Gspike7
Gstaple2
Gstub nail
Gtack
Hcarpet tack
Hthumbtack,drawing pin,pushpin
Htintack
Gtenpenny nail
Fnut and bolt
Fpaper fastener
Gstaple3
Fpin5
Gbarrette
Gbitt pin
Ghairpin
Hbobby pin,hairgrip,grip3
Hbodkin2
Ghatpin
Glinchpin,lynchpin
Gpeg,nog
Htee2,golf tee
Htent peg
Htreenail,trenail,trunnel
Grivet2
Gsafety pin
Gskewer
Hspit
Ibrochette
Iturnspit
Gstraight pin
Gwrist pin,gudgeon pin
Fscrew3
Gbolt4
Hcarriage bolt
Hexpansion bolt
Hkingbolt,kingpin,swivel pin
Hmachine bolt
Hstove bolt
Gcap screw
Gmachine screw
Gmetal screw
Gsetscrew2
Gsetscrew
Gthumbscrew2
Gwoodscrew
Hlag screw,lag bolt
Hscrew eye
Gworm
Fseal4
Gbreak seal
Ggasket
Hhead gasket
Gpiston ring
Gwasher
Hlockring,lock ring,lock washer
Fsealing wax,seal
Fslide fastener,zip,zipper,zip fastener
Fsnap2,snap fastener,press stud
Ftoggle2
Ftoggle bolt
Egag,muzzle3
Eleash,tether,lead
Elock4,ignition lock
Emuzzle2
Esea anchor,drogue
Eshackle,bond,hamper,trammel4
Fball and chain
Ffetter,hobble
Fhandcuff,cuff2,handlock,manacle
Firons,chains
Etrammel3
Drouter
Drunner2
Eblade2
Eski
Fwater ski
Dscratcher
Ebackscratcher
Dshoehorn
Dshoetree
Dshooting stick
Dshredder
Dsignaling device
Ebuzzer2
Dsnowshoe
Dsounder
Dsource of illumination
Elamp
Fcandle,taper2,wax light
Gchandlery
Gdip
Grushlight,rush candle
Gvigil light,vigil candle
Fdischarge lamp
Felectric lamp
Garc lamp,arc light
Hcarbon arc lamp,carbon arc
Iklieg light
Gelectric-discharge lamp,gas-discharge lamp
Gflashlight,torch2
Hpenlight
Glight bulb,lightbulb,bulb,incandescent lamp,electric light,electric-light bulb
Gslit lamp
Fflash2,photoflash,flash lamp,flashgun,flashbulb,flash bulb
Ffluorescent lamp
Fgas lamp
Fhurricane lamp,hurricane lantern,tornado lantern,storm lantern,storm lamp
Flantern
Gdark lantern,bull's-eye
Gjack-o'-lantern
Flimelight,calcium light
Fneon lamp,neon induction lamp,neon tube
Foil lamp,kerosene lamp,kerosine lamp
Gsafety lamp
Fsodium-vapor lamp,sodium-vapour lamp
Fspirit lamp
Fspotlight,spot2
Fstreetlight,street lamp
Ftaillight,tail lamp,rear light,rear lamp
Elight,light source
Fanchor light,riding light,riding lamp
Fblinker,flasher2
Ffairy light
Fflood,floodlight,flood lamp,photoflood
Fheadlight,headlamp
Gfoglamp
Fhouselights
Fjacklight
Fnavigation light
Fnight-light
Fpanel light
Froom light
Fsconce3
Fsearchlight
Fsidelight,running light
Fstrip lighting
Ftheater light
Gfootlights
Ftorch
Gflambeau
Eultraviolet lamp,ultraviolet source
Fmercury-vapor lamp
Gquartz lamp
Gsunlamp,sun lamp,sunray lamp,sun-ray lamp
Dstabilizer2,stabiliser
Efin4
Fvane2
Egyrostabilizer,gyrostabiliser
Eoutrigger
Dstemmer2
Dstraightener
Dstrengthener,reinforcement
Dstylus
Ephonograph needle,needle3
Dsuction cup
Dsupport2
Eandiron,firedog,dog2,dog-iron
Earch support
Eback4,backrest
Fcantle
Fladder-back2
Ebackboard2
Ebaluster
Ebar7
Ebase4,pedestal,stand
Fbrass monkey
Fstaddle
Ftrivet2
Ftrivet
Ebearing2
Fball bearing,needle bearing,roller bearing
Ffifth wheel2
Fjournal bearing
Ghotbox
Fthrust bearing
Ebedpost
Ebookend
Ebrace
Fankle brace
Fback brace
Fknee brace
Fneck brace
Fskeg
Ebracket,wall bracket
Fangle bracket,angle iron
Fconsole3
Fcorbel,truss3
Fmodillion
Fsconce4
Fshelf bracket
Ebridge3
Efoot2
Efoothold,footing
Ftoehold
Ehandrest
Ehanger
Fcoat hanger,clothes hanger,dress hanger
Fstrap2
Eharness
Eharp2
Eheadstock
Eleg
Eperch
Froost2
Epier3
Epier2
Epillow block
Erack3,stand3
Fbier2
Gcatafalque
Fcruet-stand
Fdress rack
Fmagazine rack
Fmusic stand,music rack
Fspice rack
Ftripod
Gcamera tripod
Geasel
Erest
Farmrest
Garm3
Hwriting arm
Fchin rest
Fheadrest2
Erib
Fscrew thread,thread2
Erocker4
Eseat2
Fbackbench
Fbackseat
Gdickey,dickie,dicky,dickey-seat,dickie-seat,dicky-seat
Fbell seat,balloon seat
Fbicycle seat,saddle3
Fboatswain's chair,bosun's chair
Fbucket seat
Fcar seat
Gdeath seat
Fchair3
Fcockpit3
Fcrossbench
Fejection seat,ejector seat,capsule4
Ffront bench
Fhowdah,houdah
Fjump seat
Fpillion
Fplane seat
Frumble
Frumble seat
Fsaddle
Gpacksaddle
Gsidesaddle
Gstock saddle
Fsaddle seat
Fsliding seat
Eshelf
Fbookshelf
Fhob2
Fmantel,mantelpiece,mantle,mantlepiece,chimneypiece
Fovermantel
Espoke,wheel spoke,radius
Estep,stair
Fcorbel step,corbie-step,corbiestep,crow step
Estirrup,stirrup iron
Estructural member
Fbeam
Gbox beam,box girder
Gcantilever
Ggirder
Gheader3
Gheader,lintel
Gjoist
Hfloor joist
Htrimmer3,trimmer joist
Gkeel
Hbilge keel
Gkeelson
Grafter,balk,baulk
Grider plate
Gridge,ridgepole,rooftree
Gshore,shoring
Gtie2,tie beam
Gtimber
Hcoulisse2
Hsternpost
Hstringer2
Htwo-by-four
Gtrave,traverse,crossbeam,crosspiece
Fbrace6,bracing
Gcrosspiece2
Hcrossbar3
Hrundle,spoke2,rung2
Hrung,round2,stave2
Hthwart,cross thwart
Htransom2,traverse2
Gguy2,guy cable,guy wire,guy rope
Gstay2
Hbackstay
Hforestay
Imainstay
Gstringer
Gstrut
Gtie4,railroad tie,crosstie,sleeper
Fplate7
Gwall plate
Friser2
Fsill
Gdoorsill,doorstep,threshold2
Gwindowsill
Ftread3
Fupright,vertical
Gcolumn3,pillar2
Hatlas,telamon
Hcaryatid
Hnewel2
Hpilaster
Hpile2,spile,piling,stilt
Isheet pile,sheath pile,sheet piling
Hsupport column
Ilally,lally column
Gjamb
Hdoorjamb,doorpost
Gpost2
Hbollard,bitt
Iriding bitt
Hcarrick bitt
Hcorner post
Hgatepost
Ihinging post,swinging post
Ishutting post
Hgoalpost
Hhitching post
Hhop pole
Hking post
Hlamppost
Hmaypole
Hnewel post,newel
Hqueen post
Hrudderpost,rudderstock
Hstake2
Hstanchion
Hstandard
Hstump
Htelephone pole,telegraph pole,telegraph post
Htimber2
Hwhipping post
Gscantling,stud2
Gshaft4,scape
Gstile
Etailstock
Etee,football tee
Eyoke2
Dsweatbox2
Dsynchroflash
Dtake-up
Dteaser2
Dthrowing stick,throwing board,spear thrower,dart thrower
Dtilter
Dtongs,pair of tongs
Efire tongs,coal tongs
Eice tongs
Dtoy3
Dtrap
Eflytrap
Elobster pot
Emantrap
Emousetrap
Enet2
Fbrail
Ffishnet,fishing net
Gdrift net
Ggill net
Glanding net
Gseine
Hpurse seine
Gtrammel net,trammel
Gtrawl2,dragnet,trawl net
Epit4,pitfall
Epound net
Erattrap2
Esnare4,gin,noose
Esteel trap
Eweb,entanglement
Fspider web,spider's web
Dtrigger2
Eplutonium trigger,plutonium pit
Dvalve
Dvaporizer,vaporiser
Dventilator
Dwashboard
Dwater cooler
Cequipment
Dapparatus,setup
Eaerator
Eburner
Fblowtorch,torch3,blowlamp
Goxyacetylene torch
Fgas bracket
Fgas burner,gas jet
Gbunsen burner,bunsen,etna
Ggas ring
Gpilot burner,pilot light,pilot
Ecascade liquefier
Ecentrifuge,extractor2,separator
Fultracentrifuge
Echemical reactor
Fcatalytic cracker,cat cracker
Econdenser2
Freflux condenser
Eduplicator,copier
Ffacsimile2,facsimile machine,fax
Fhectograph,heliotype
Flithograph2,lithograph machine
Fmimeograph,mimeo,mimeograph machine
Fphotocopier
Fxerographic copier
Eelectrograph
Egenerator
Eheat pump
Eheliograph
Eincubator,brooder
Einstillator
Elighting
Fbacklighting
Eoptical bench
Ependulum
Fmetronome
Fphysical pendulum,compound pendulum
Gballistic pendulum
Hgun pendulum
Gclock pendulum
Fsimple pendulum
Epurifier
Fscrubber2
Ereformer
Esemaphore
Esequencer,sequenator
Esoda fountain2
Estill2
Esubmersible
Fbathyscaphe,bathyscaph,bathyscape
Fbathysphere
Fdiving bell
Fminisub,minisubmarine
Etelegraph,telegraphy
Etitrator
E
Ffluoroscope,roentgenoscope
Ftomograph
Dautomation
Dcooling system,engine cooling system
Delectrical system2
Delectronic equipment
Eamplifier
Faudio amplifier
Fbooster,booster amplifier,booster station,relay link,relay station,relay transmitter
Fmaser
Ggas maser
Eaudio system,sound system
Frecording system
Freproducer
Ghi-fi
Gstereo,stereophony,stereo system,stereophonic system
Hghetto blaster,boom box
Hquadraphony,quadraphonic system,quadriphonic system
Ecassette player
Ecentral processing unit,central processor,processor,mainframe2
Ecircuitry
Edetector3
Fcrystal detector
Fscanner3,electronic scanner
Eequalizer,equaliser
Elens2,electron lens
Emixer
Emodem
Facoustic modem
Emonitor4
Fcardiac monitor,heart monitor
Felectronic fetal monitor,electronic foetal monitor,fetal monitor,foetal monitor
Emonitor3
Ftelevision monitor,tv monitor
Eoff-line equipment,auxiliary equipment
Eoscilloscope,scope2,cathode-ray oscilloscope
Eperipheral,computer peripheral,peripheral device
Fdata input device,input device
Foutput device
Fprinter
Gdot matrix printer,matrix printer,dot printer
Hink-jet printer
Ibubble jet printer,bubble-jet printer,bubblejet
Hwire matrix printer,wire printer,stylus printer
Eplayback
Eradio-phonograph,radio-gramophone
Escrambler2
Eset2
Freceiver,receiving system
Gdirection finder
Hgoniometer
Hradio compass
Gradio receiver,receiving set,radio set,radio,tuner,wireless
Hclock radio
Hcrystal set
Hheterodyne receiver,superheterodyne receiver,superhet
Hpush-button radio
Gsatellite receiver
Gtelevision receiver,television2,television set,tv set,idiot box,boob tube,telly,goggle box
Ftransmitter,sender
Gjammer
Gradio transmitter
Hspark transmitter
Gsatellite transmitter
Gtelevision transmitter
Etape deck
Fcassette deck
Etape player
Etelephone,phone,telephone set
Fdesk phone
Fdial telephone,dial phone
Fextension,telephone extension,extension phone
Fhandset
Fpay-phone,pay-station
Fradiotelephone,radiophone,wireless telephone
Gcellular telephone,cellular phone,cellphone,cell3,mobile phone
Fspeakerphone
Etelevision equipment,video equipment
Ftelevision camera,tv camera,camera2
Gcamcorder
Eterminal3
Fjob-oriented terminal
Fremote terminal,link-attached terminal,remote station,link-attached station
Dfuel system
Dgame equipment
Ebackboard,basketball backboard
Eball
Fbaseball
Fbasketball
Fbilliard ball
Gcue ball
Gobject ball
Fbocce ball,bocci ball,boccie ball
Fbowl5
Fbowling ball,bowl4
Fcricket ball
Fcroquet ball
Ffield hockey ball
Ffootball
Fgolf ball
Fhandball
Fjack
Flacrosse ball
Fmarble
Gtaw,shooter
Fmedicine ball
Fninepin ball,skittle ball
Fping-pong ball
Fpolo ball
Fpool ball
Geight ball
Fpunching bag,punch bag,punching ball,punchball
Fracquetball
Froulette ball
Frugby ball
Fsoccer ball
Fsoftball,playground ball
Fsquash ball
Ftennis ball
Fvolleyball
Ebowling equipment
Fbowling pin,pin7
Gcandlepin
Gduckpin
Gheadpin,kingpin2
Gninepin,skittle,skittle pin
Gtenpin
Ecounter2
Fchip2,poker chip
Gblue chip
Ecrossbar2
Egame
Fpuzzle
Gjigsaw puzzle
Gtangram
Gcrossword puzzle,crossword
Egoal
Fbasket2,basketball hoop,hoop4
Fnet3
Gcage2
Ehorseshoe
Ejack3,jackstones
Eman,piece5
Fblack
Fchecker,chequer
Gking
Fchessman,chess piece
Gbishop
Gcastle3,rook
Gking3
Gknight,horse3
Gpawn
Gqueen2
Ftile2
Fwhite
Enet4
Fvolleyball net
Epinball machine,pin table
Equoit
Eroulette wheel,wheel4
Espinner
Dgear4,paraphernalia,appurtenance
Efishing gear,tackle2,fishing tackle,fishing rig,rig5
Ekit2,outfit2
Fcarpenter's kit,tool kit
Ffirst-aid kit
Flayette
Fmess kit
Fsewing kit
Eregalia
Fcrown jewels
Erig
Fdrill rig,drilling rig,oilrig,oil rig
Gdrilling platform,offshore rig
Erigging,tackle
Estable gear,saddlery,tack2
Fbit
Gbar bit
Gbridoon
Gcurb2,curb bit
Gsnaffle,snaffle bit
Fcaparison,trapping,housing3
Gbard
Ghorsecloth
Fcinch,girth
Fhame
Fharness2
Fheadgear3
Gbridle
Ghalter,hackamore
Fmartingale
Fsaddle blanket,saddlecloth,horse blanket
Gapishamore
Fyoke4
Dlife-support system2,life support2
Dlife-support system,life support
Dmaterial2
Epackaging
Fblister pack,bubble pack
Erailing2
Eroofing
Dmateriel,equipage
Ebaggage2
Fimpedimenta2
Emarching order
Dnaval equipment
Enaval radar
Fair search radar
Ffire control radar
Fsurface search radar
Eshipboard system
Fanti-submarine rocket
Fsurface-to-air missile system
Ftarget acquisition system
Dphotographic equipment
Ecamera,photographic camera
Fbox camera
Fcandid camera
Fdigital camera
Gwebcam
Fflash camera
Fmotion-picture camera,movie camera,cine-camera
Gsound camera
Fpoint-and-shoot camera
Fportrait camera
Freflex camera
Eclapperboard
Edeveloper
Fstop bath,short-stop,short-stop bath
Eenlarger
Elight meter,exposure meter,photometer2
Fcytophotometer
Ephotographic paper,photographic material
Ffilm,photographic film
Gfootage
Gmicrofilm
Hmicrofiche
Gmotion-picture film,movie film,cine-film
Hsound film
Gnegative
Gorthochromatic film
Gpanchromatic film
Gpositive
Greel
Groll
Groll film
Gsequence,episode
G
Hbitewing
Gfilm clip
Dradiotherapy equipment
Drecorder,recording equipment,recording machine
Eblack box
Ecassette recorder
Ecompact-disk burner
Emagnetic recorder
Ftape recorder,tape machine
Gvideocassette recorder
Fwire recorder
Emultichannel recorder
Eoscillograph
Drescue equipment
Eparachute,chute
Fdrogue2,drogue chute,drogue parachute2
Fdrogue parachute
Fparasail
Drobotics equipment
Dsatellite,artificial satellite,orbiter
Eastronomy satellite
Ecommunications satellite
Espace station,space platform,space laboratory
Esputnik
Espy satellite
Eweather satellite,meteorological satellite
Dsports equipment
Ebadminton equipment
Fshuttlecock,bird,birdie,shuttle
Ebaseball equipment
Fbase3,bag2
Gfirst base
Ghome plate,home base,home2,plate
Gsecond base
Gthird base,third2
Fbaseball glove,glove,baseball mitt,mitt
Fbatting cage,cage3
Fmound,hill2,pitcher's mound
Ebasketball equipment
Eboxing equipment
Fboxing glove,glove3
Ecricket equipment
Fcricket bat,bat2
Fwicket
Ecroquet equipment
Fwicket2,hoop3
Egolf equipment
Fgolf club,golf-club,golfclub,club3
Giron
Hdriving iron,one iron
Hlong iron
Hmashie,five iron
Hmashie niblick,seven iron
Hmidiron,two iron
Hniblick,nine iron
Hputter,putting iron
Hshort iron
Hwedge2
Ipitching wedge
Isand wedge
Gwood2
Hbrassie
Hdriver,number one wood
Hmetal wood
Hspoon2
Fpin4,flag2
Egymnastic apparatus,exerciser
Fbalance beam,beam3
Fhorizontal bar,high bar
Fhorse,gymnastic horse
Gpommel horse,side horse
Gvaulting horse,long horse,buck
Fparallel bars,bars
Guneven parallel bars,uneven bars
Frings
Fstall bar
Ftrampoline
Ehammer4
Emat3,gym mat
Fcanvas5,canvass4
Fwrestling mat
Emouthpiece3,gumshield
Eshot3
Eskate
Fice skate
Gfigure skate
Ghockey skate
Grocker3
Gspeed skate,racing skate
Fin-line skate
Froller skate
Espike
Fcrampon2,crampoon2,climbing iron,climber
Fpiton
Fpricket
Esporting goods
Estick3
Fhockey stick
Etarget,butt2
Fclay pigeon
Eweight,free weight,exercising weight
Fbarbell
Fdumbbell
Dstock-in-trade
Dteaching aid
Eaudiovisual,audiovisual aid
Dtest equipment
Cfurnishing2
Dappointment,fitting2
Dfurniture,piece of furniture,article of furniture
Ebaby bed,baby's bed
Fbassinet
Fcarrycot
Fcradle
Fcrib,cot2
Ebedroom furniture
Fbed
Gberth,bunk2,built in bed
Hlower berth,lower
Hupper berth,upper
Gbuilt-in bed
Gbunk3
Gbunk bed,bunk4
Gcot3,camp bed
Gcouch3
Gdeathbed
Gdouble bed
Gfour-poster
Ghammock,sack3
Gmarriage bed
Gplank-bed
Gplatform bed
Gsickbed
Gsingle bed
Hhospital bed
Gsleigh bed
Gtrundle bed,trundle,truckle bed,truckle
Gtwin bed
Gwater bed
Ebedstead,bedframe
Ebookcase
Ebuffet,counter4,sideboard3
Fcredenza,credence
Fminibar,cellaret
Ecabinet
Fchina cabinet,china closet
Fdresser3
Fmedicine chest,medicine cabinet
Echest of drawers,chest2,bureau,dresser
Fchiffonier,commode2
Fhighboy,tallboy
Flowboy
Edining-room furniture
Eetagere
Efitment
Ehallstand
Elamp2
Ffloor lamp
Freading lamp
Gstudent lamp
Ftable lamp
Elawn furniture
Enest2
Eoffice furniture
Ffile,file cabinet,filing cabinet
Gcard index,card catalog,card catalogue
Gvertical file
Eseat
Fbench
Gbanquette
Gflat bench
Gpark bench
Gpenalty box
Gpew,church bench
Gprie-dieu
Gsettle,settee
Gwindow seat
Fbench3
Fbox4,box seat2
Fbox seat
Fchair
Garmchair
Hcaptain's chair
Heasy chair,lounge chair,overstuffed chair
Iwing chair
Hfauteuil
Hrecliner,reclining chair,lounger
Gbarber chair
Gchair of state
Hthrone
Icathedra,bishop's throne
Imercy seat
Imusnud
Ipeacock-throne
Gchaise longue,chaise,daybed2
Gfighting chair
Gfolding chair
Hcamp chair
Hdeck chair,beach chair
Hyacht chair
Ghighchair,feeding chair
Gladder-back,ladder-back chair
Glawn chair,garden chair
Grocking chair,rocker
Hplatform rocker
Hshoofly
Gstraight chair,side chair
Gswivel chair
Gtablet-armed chair
Gwheelchair
Hbath chair
Hmotorized wheelchair
Fottoman,pouf,pouffe,puff3,hassock
Fsofa,couch,lounge
Gconvertible2,sofa bed
Hdavenport2
Ichesterfield
Hstudio couch,day bed
Gdaybed,divan bed
Gdivan
Glove seat,loveseat,tete-a-tete,vis-a-vis
Gsettee2
Gsquab
Fstool
Gcampstool
Gcutty stool
Gfootstool,footrest,ottoman2,tuffet
Gmilking stool
Gmusic stool,piano stool
Gstep stool
Gtaboret,tabouret
Ftoilet seat
Esectional
Esleeper4
Etable
Faltar,communion table
Fbooth
Fbreakfast table
Fcard table2
Fcard table
Fcoffee table,cocktail table
Fconference table,council table,council board
Fconsole table,console
Fcounter
Gbar2
Hcash bar
Hoyster bar
Hsalad bar
Hsnack bar,snack counter,buffet2
Icommissary2
Imilk bar
Hsoda fountain
Hsushi bar
Hwet bar
Hwine bar
Gcheckout,checkout counter
Gmeat counter
Gnotions counter
Greception desk
Fdesk
Gdavenport
Gsecretary,writing table,escritoire,secretaire
Gwriting desk2
Fdressing table,dresser2,vanity,toilet table
Fdrop-leaf table
Ggateleg table
Fgaming table
Fgueridon
Fkitchen table
Foperating table
Fpedestal table
Gtilt-top table,tip-top table,tip table
Fpier table
Fplaten
Fpool table,billiard table,snooker table
Fstand2
Glectern,reading desk
Ftable-tennis table,ping-pong table,pingpong table
Ftea table
Ftrestle table
Fworktable,work table
Gdrafting table,drawing table
Gworkbench,work bench,bench2
Hlab bench,laboratory bench
Etable2
Fdining table,board3
Gdining-room table
Gdinner table
Ghigh table
Grefectory table
Gtriclinium2
Ewall unit
Fentertainment center
Ewardrobe,closet3,press2
Farmoire
Fclothes closet,clothespress
Fcoat closet
Ewashstand,wash-hand stand
Chardware2,ironware
Cimplement
Dbar3
Ebelaying pin
Ebolt2,deadbolt
Fsafety bolt,safety lock2
Ebolt
Ecarpenter's level
Fplumb level
Echinning bar
Ecore3
Ecrossbar
Fdoubletree
Fwhiffletree,whippletree,swingletree
Edrawbar
Efret2
Egrab bar
Ehandlebar
Ehandspike
Eheaver
Elever
Fcompound lever
Gnutcracker
Fcrowbar,wrecking bar,pry,pry bar
Gjim crow
Gjimmy,jemmy
Fgun trigger,trigger
Ghair trigger
Fhand throttle
Fkey4
Gbackspace key,backspace,backspacer
Gcontrol key,command key
Greturn key,return
Gshift key,shift
Gspace bar
Gtab key,tab
Gtelegraph key
Fpeavey,peavy,cant dog,dog hook
Gcant hook
Fpedal,treadle,foot pedal,foot lever
Gaccelerator,accelerator pedal,gas pedal,gas,throttle2,gun4
Gbrake pedal
Gclutch2,clutch pedal
Gsoft pedal
Gsustaining pedal,loud pedal
Fpinch bar
Fripping bar
Frocker arm,valve rocker
Fspark lever
Fstick2,control stick,joystick
Ftappet
Ftiller
Erail4
Fhitchrack,hitching bar
Fledger board
Fpicture rail
Fplate rail
Fsplit rail,fence rail
Erotor2
Eshackle2
Eslice bar
Estabilizer bar,anti-sway bar
Etowel rail,towel bar
Etrack6,rail3,rails,runway
Fthird rail
Dbeater
Ecarpet beater,rug beater
Eeggbeater2,eggwhisk
Dbrush
Ebottlebrush
Ebristle brush
Eclothesbrush
Ehairbrush
Enailbrush
Epaintbrush
Esable,sable brush,sable's hair pencil
Frigger,rigger brush
Escrub brush,scrubbing brush,scrubber
Eshaving brush
Etoothbrush
Felectric toothbrush
Dbuff,buffer5
Dcandlesnuffer
Dcleaning implement,cleaning device,cleaning equipment
Ebroom
Fbesom
Fpush broom
Fwhisk2,whisk broom
Ecarpet sweeper,sweeper
Epipe cleaner
Epull-through
Esqueegee
Eswab2,swob,mop
Fdustmop,dust mop,dry mop
Fsponge mop
Deraser
Eblackboard eraser
Eink eraser
Erubber eraser,rubber,pencil eraser
Dfire iron
Epoker,stove poker,fire hook,salamander
Eshovel2
Dflail
Dhook3
Eboat hook
Ebuttonhook
Ecrotchet
Ecup hook
Efishhook
Egaff3
Egig3
Emeat hook
Eskyhook2
Diron2,branding iron
Dleather strip
Elash,thong
Estrap
Fbootstrap
Fcheekpiece
Fchin strap
Fcrupper
Flatchet
Fnoseband,nosepiece2
Frein
Gbearing rein,checkrein
Gleading rein
Fstrop
Ethong3
Dneedle2
Ecrochet needle,crochet hook
Edry point2
Ehypodermic needle
Eknitting needle
Epacking needle
Esewing needle
Fdarning needle,embroidery needle
Fsharp
Fupholstery needle
Doar
Epaddle4,boat paddle
Escull2
Escull
Esweep,sweep oar
Drod
Ebaton,wand2
Ebaton4
Econnecting rod
Fpiston rod
Econtrol rod
Efishing rod,fishing pole
Ffly rod
Fspinning rod
Ekickstand
Epole
Fbarge pole
Fboom,microphone boom
Fcaber
Fclothes tree,coat tree,coat stand
Fmast2
Fski pole
Fspar
Gboom2
Gbowsprit
Gdolphin striker,martingale2
Ggaff2
Gjibboom
Gmast
Hforemast
Hjiggermast,jigger2
Hjury mast
Hmainmast
Hmizzenmast,mizenmast,mizzen,mizen
Htopmast
Ifore-topmast
Imain-topmast
Iroyal mast
Itopgallant2,topgallant mast
Gsprit
Gyard3
Hmain yard
Fstilt2
Eramrod
Eramrod2
Erotating shaft,shaft6
Fcamshaft
Fcrankshaft
Fdriveshaft
Fspindle2,mandrel,mandril,arbor
Ftransmission shaft
Eshaft
Faxle
Gdead axle
Haxletree
Iaxle bar
Gjournal2
Glive axle,driving axle
Fthill
Estair-rod
Etie rod
Ewand
Dsharpener
Epencil sharpener
Esteel2
Estrickle
Dsnuffer
Dspear2,gig2,fizgig,fishgig,lance2
Eharpoon
Eleister
Dspike5
Dsports implement
Ebaton5
Ecue,cue stick,pool cue,pool stick
Emallet
Fcroquet mallet
Fpolo mallet,polo stick
Epole3
Eracket,racquet
Fbadminton racket,badminton racquet,battledore
Fcrosse
Fsquash racket,squash racquet,bat
Ftennis racket,tennis racquet
Dstick
Ebow2
Ffiddlestick,violin bow
Eclub
Fbat3
Gbaseball bat,lumber
Gpaddle
Htable-tennis racquet,table-tennis bat,pingpong paddle
Fbludgeon
Gblackjack,cosh,sap
Fcudgel
Gbastinado
Gshillelagh,shillalah
Fknobkerrie,knobkerry
Flathi,lathee
Ftruncheon,nightstick,baton2,billy,billystick,billy club
Edivining rod,dowser,dowsing rod,waterfinder,water finder
Edrumstick
Fmallet2,hammer3
Elinstock
Ematchstick
Emaulstick,mahlstick
Esinglestick,fencing stick,backsword
Espindle3
Estaff
Falpenstock
Fbaton3
Fcrook,shepherd's crook
Fcrutch
Fdistaff
Fflagpole2,flagstaff
Fpikestaff
Fquarterstaff
Estob
Eswizzle stick
Ewalking stick
Fcane
Gmalacca,malacca cane
Gswagger stick
Gsword cane,sword stick
Fsupplejack
Dstick4
Dstirrer
Dstrickle2
Dswab
Dswatter,flyswatter,flyswat
Dtool
Eabrader,abradant
Fabrading stone
Fsteel-wool pad
Ebender
Eclincher
Ecomb2
Fhatchel,heckle
Ecutting implement
Fbit3
Gbur,burr3
Gcenter bit,centre bit
Gchamfer bit
Gcounterbore,countersink2,countersink bit
Gdrilling bit,drill bit
Hcore bit
Hfishtail bit,blade bit
Hrock bit,roller bit
Gexpansion bit,expansive bit
Gpilot bit
Gspade bit
Gtwist bit,twist drill
Fblade4
Gknife blade
Grazorblade
Fcutter3,cutlery,cutting tool
Gbolt cutter
Gcigar cutter
Gdie3
Gedge tool
Hadz,adze
Haxe
Ibroadax,broadaxe
Jbattle-ax,battle-axe
Kpoleax2,poleaxe2
Icommon ax,common axe
Idouble-bitted ax,double-bitted axe
Ifireman's ax,fireman's axe
Ihatchet2
Jbroad hatchet
Jclaw hatchet
Jhalf hatchet
Iice ax,ice axe,piolet
Ipoleax,poleaxe
Hchisel
Iburin
Icold chisel,set chisel
Idrove,drove chisel
Ifirmer chisel
Iripping chisel
Iwood chisel
Hgouge
Hhand ax,hand axe
Hhob
Hknife
Ibarong
Ibolo2,bolo knife
Ibread knife
Ibutcher knife
Icarving knife
Icase knife2,sheath knife
Icleaver,meat cleaver,chopper2
Idrawknife,drawshave
Ihunting knife
Iletter opener,paper knife,paperknife
Ilinoleum knife,linoleum cutter
Iparang
Iparer,paring knife
Ipocketknife,pocket knife
Jclasp knife,jackknife
Jpenknife
Jswitchblade,switchblade knife,flick-knife,flick knife
Ipruning knife
Islicer2
Isurgical knife
Jcatling
Jlancet2,lance3
Jscalpel
Itable knife
Jbutter knife
Jcase knife
Jfish knife
Jsteak knife
Hpick4,pickax,pickaxe
Imattock
Hplane3,carpenter's plane,woodworking plane
Ibeading plane
Iblock plane
Ibullnose,bullnosed plane
Ichamfer plane
Icircular plane,compass plane
Icombination plane
Idovetail plane
Ifore plane
Ijack plane
Ijointer,jointer plane,jointing plane,long plane
Imatch plane
Iopenside plane,rabbet plane
Jdado plane
Irouter plane
Iscrub plane
Ismooth plane,smoothing plane
Ispokeshave
Hrazor
Isafety razor
Ishaver,electric shaver,electric razor
Istraight razor
Hscissors,pair of scissors
Iclipper4
Ishears
Jclipper3
Jpruning shears
Ksecateurs
Jsnips,tinsnips
Jthinning shears
Isnuffers
Hscythe
Hshear
Hsickle,reaping hook,reap hook
Hwire cutter
Gglass cutter
Gtile cutter
Fpaper cutter
Edrill
Fauger2,gimlet,screw auger,wimble
Fbore bit,borer,rock drill,stone drill
Gcross bit
Gstar drill
Gstraight flute,straight-fluted drill
Fbrace and bit
Fbreast drill
Fcore drill
Fdentist's drill,burr drill
Fhand drill,handheld drill
Freamer2
Ftrepan2
Eeolith
Efork2
Fhayfork
Egang
Egarden tool,lawn tool
Fedger
Fhedge trimmer
Flawn mower,mower
Ghand mower
Gpower mower,motor mower
Hriding mower
Egrapnel,grapple,grappler,grappling hook,grappling iron
Fcrampon,crampoon
Ehack
Ehand tool
Fawl
Gbradawl,pricker
Gscriber,scribe,scratch awl
Fbevel2,bevel square
Fbill,billhook
Fbodkin4,threader
Fbodkin3
Fcrank,starter2
Gcrank handle,starting handle
Fdibble,dibber
Ffile2
Gblunt file
Gflat file
Gnailfile
Grasp,wood file
Grat-tail file
Ground file
Gtaper file
Ffloat2,plasterer's float
Fgraver,graving tool,pointel,pointrel
Gscauper,scorper
Fgutter2
Fhammer2
Gball-peen hammer
Gbricklayer's hammer
Gcarpenter's hammer,claw hammer,clawhammer
Gmallet3,beetle
Hcarpenter's mallet
Hgavel
Gmaul,sledge2,sledgehammer
Gplexor,plessor,percussor
Gtack hammer
Fmarlinespike,marlinspike,marlingspike
Fmiter box,mitre box
Fopener
Gbottle opener
Hcap opener
Hcorkscrew,bottle screw
Gcan opener,tin opener
Hchurch key
Glatchstring
Fpallet2
Fpestle3
Fpick3
Gicepick,ice pick
Gtoothpick
Fpincer,pair of pincers,tweezer,pair of tweezers
Groach clip,roach holder
Fpipe cutter
Fpitchfork
Fpliers,pair of pliers,plyers
Glocking pliers
Gneedlenose pliers
Gpump-type pliers
Grib joint pliers
Gslip-joint pliers
Fplunger,plumber's helper
Fravehook
Fsandblaster
Fsaw
Gbucksaw
Gcrown saw
Gfolding saw
Ghacksaw,hack saw,metal saw
Ghandsaw,hand saw,carpenter's saw
Hbacksaw,back saw
Hcompass saw
Hcoping saw
Hcrosscut saw,crosscut handsaw,cutoff saw
Hkeyhole saw
Hpruning saw
Ipruner,pruning hook,lopper
Hripsaw,splitsaw
Gtwo-handed saw,whipsaw,two-man saw,lumberman's saw
Hpitsaw
Fscraper
Fscrewdriver
Gflat tip screwdriver
Gspiral ratchet screwdriver,ratchet screwdriver
Fshovel
Ghand shovel
Hcoal shovel
Hentrenching tool,trenching spade
Hspade2
Iditch spade,long-handled spade
Igarden spade
Hspud,stump spud
Gposthole digger,post-hole digger
Gscoop,scoop shovel
Fsoldering iron
Fspatula2
Gpalette knife
Gputty knife
Gslice
Fspreader
Fsquare2
Gcarpenter's square
Gtry square
Hset square
Fstraightedge
Ftire iron,tire tool
Ftrowel
Gbrick trowel,mason's trowel
Ggarden trowel
Gplastering trowel
Gpointing trowel
Gslick2
Fweeder,weed-whacker
Fwire stripper
Fwrench,spanner
Gadjustable wrench,adjustable spanner
Hcrescent wrench
Hmonkey-wrench,monkey wrench
Hpipe wrench,tube wrench
Ichain tongs
Jchain wrench
Hscrew wrench
Galligator wrench
Gbox wrench,box end wrench
Gbrace wrench
Gbulldog wrench
Gcarriage wrench
Gdog wrench
Ghook wrench,hook spanner
Glug wrench
Gopen-end wrench,tappet wrench
Gpin wrench
Gscrew key
Gsocket wrench
Gsparkplug wrench
Gtap wrench
Gtorque wrench
Ehoe
Fscuffle,scuffle hoe
Ejack6
Fbumper jack
Fjackscrew,screw jack
Eneolith
Epaleolith
Epestle2,muller,pounder
Eplow,plough
Fbull tongue
Fmoldboard plow,mouldboard plough
Glister,lister plow,lister plough,middlebreaker,middle buster
Epunch,puncher
Fcenter punch
Fpunch pliers
Erake
Fcroupier's rake
Fgarden rake
Eram2
Fbattering ram
Frammer
Erounder
Esaw set
Eshaping tool
Fdie2
Gstamp2
Estrickle3
Estylus2,style
Etamp,tamper,tamping bar
Fstemmer
Etap3
Eupset,swage
Dtuning fork
Dutensil
Eceramic ware
Fearthenware
Gdelft
Gfaience
Gmajolica,maiolica
Gterra cotta
Gterra sigillata
Fporcelain
Gchina
Hbone china
Hcrackle,crackleware,crackle china
Fpottery,clayware
Gagateware
Glusterware
Fstoneware
Ecopperware
Efunnel
Ekitchen utensil
Fcheese cutter
Fcookie cutter
Fcooking utensil,cookware
Gbaster
Gchafing dish
Gcooker
Hpopper2
Gcookie sheet,baking tray
Genamelware
Hcloisonne
Hgraniteware
Ggrid4,gridiron
Ggriddle
Gpan,cooking pan
Hdripping pan,drip pan
Hfrying pan,frypan,skillet
Ielectric frying pan
Ispider
Homelet pan,omelette pan
Hpatty-pan
Hroaster
Hsaucepan
Idouble boiler,double saucepan
Istewing pan,stewpan
Hwok
Gpoacher
Gpot
Hcaldron,cauldron
Hcoffeepot
Idrip pot
Ipercolator
Hdixie
Hkettle,boiler2
Iteakettle
Hmarmite
Hpottle
Hsaucepot
Hstockpot
Hteapot
Hurn2
Icoffee urn
Isamovar
Itea urn
Gskimmer
Gsteamer
Gturner,food turner
Hfish slice
Hpancake turner
Hspatula
Fgrater
Fkitchenware
Fmasher
Fmincer,mincing machine
Fmixer2
Gblender,liquidizer,liquidiser
Gelectric mixer
Gwhisk
Fricer
Frolling pin
Fseeder2
Fsqueezer
Greamer,juicer,juice reamer
Ftea ball
Eserver2
Dwriting implement
Echalk
Fdrawing chalk
Ftailor's chalk
Echarcoal,fusain
Ecrayon,wax crayon
Ecyclostyle
Emarker2
Fhighlighter2
Epen
Fballpoint,ballpoint pen,ballpen
Ffelt-tip pen,felt-tipped pen,felt tip
Ffountain pen
Fquill,quill pen
Epencil
Flead pencil
Fslate pencil
Esketcher
Cmeans
Csystem
Dcommunication system
Eground control
Eintercommunication system,intercom
Finterphone
Epublic address system
Eradio2,wireless2
Fradiotelegraph,radiotelegraphy,wireless telegraph,wireless telegraphy
Eradio link,link2
Fwalkie-talkie,walky-talky
Etelecommunication system,telecom system,telecommunication equipment,telecom equipment
Ftelevision,television system
Gcable3,cable television,cable system,cable television service
Gclosed-circuit television
Hsurveillance system
Gcolor television,colour television,color television system,colour television system
Hfield-sequential color television
Gsatellite television
Etelephone system,phone system
Dcomputer system,computing system
Ebackup system
Eplatform2
Dcontainment
Dcontrol system
Eclosed loop,closed-loop system
Eservo,servomechanism,servosystem
Ddata system,information system
Ddrainage system
Dexhaust,exhaust system
Dexplosive detection system
Dexplosive trace detection
Dguidance system,guidance device
Dhookup2,assemblage
Dinertial guidance system,inertial navigation system
Dlockage
Dmaze,labyrinth
Dmechanical system
Efuel injection,fuel injection system
Elinkage
Elubricating system,force-feed lubricating system,force feed,pressure-feed lubricating system,pressure feed
Eproduction line,assembly line,line8
Esuspension,suspension system
Eventilation,ventilation system,ventilating system
Dnavigational system
Eomnirange,omnidirectional range,omnidirectional radio range
Dnetwork4,electronic network
Ecomputer network
Finternet,net,cyberspace
Fintranet
Flocal area network
Gethernet
Gwireless fidelity
Fwide area network
Fweb2
Eearly warning system
Esuperhighway2,information superhighway
Dnetwork3
Ereseau2
Ereticle,reticule2,graticule
Ereticulation
Dpropulsion system
Dresonator3
Dscaffolding,staging
Dsecurity system
Efirewall
Dselsyn,synchro
Dsolar thermal system
Dsprinkler system
Dsynchromesh
Ctoiletry,toilet articles
Dantiperspirant
Dbath oil
Dbath salts
Dcosmetic
Edepilatory,depilator,epilator
Fepilating wax
Ehighlighter
Emakeup,make-up,war paint3
Fblackface
Feyebrow pencil
Feyeliner
Feyeshadow
Fgreasepaint
Fkohl
Flip-gloss
Flipstick,lip rouge
Fmascara
Frouge,paint2,blusher
Enail polish,nail enamel,nail varnish
Epencil2
Dcream,ointment2,emollient
Ecold cream,coldcream,face cream,vanishing cream
Ehand cream
Elanolin
Enard,spikenard
Esunscreen,sunblock,sun blocker
Ddeodorant,deodourant
Dhairdressing,hair tonic,hair oil,hair grease
Epomade,pomatum
Fbrilliantine
Dhair spray
Dlotion
Eafter-shave,after-shave lotion
Fbay rum
Ebody lotion
Ehand lotion
Etoner
Dmousse,hair mousse
Dperfume,essence
Ecologne,cologne water,eau de cologne
Epatchouli,patchouly,pachouli
Eperfumery
Epotpourri
Erose water
Etoilet water,eau de toilette
Dpowder
Eararoba,chrysarobin
Ebaby powder
Eface powder
Etoilet powder,bath powder,dusting powder
Ftalcum,talcum powder
Dshaving cream,shaving soap
Dshaving foam
Dgel,hair gel
Cweaponry,arms,implements of war,weapons system,munition
Dammunition,ammo
Ebelt3,belt ammunition,belted ammunition
Ecartridge
Fball cartridge
Fblank3,dummy2,blank shell
Fcartouche,cartouch
Ecase shot,canister,canister shot
Epowder and shot
Eround,unit of ammunition,one shot
Eshell
Fartillery shell
Fshotgun shell
Fshrapnel
Ftank shell
Fwhizbang,whizzbang,whizbang shell
Etracer3,tracer bullet
Darmament
Earsenal,armory,armoury
Eartillery,heavy weapon,gun2,ordnance2
Fcannon
Gbasilisk
Gculverin
Gharpoon gun
Ghigh-angle gun
Hmortar,howitzer,trench mortar
Glong tom
Ffield artillery,field gun
Ffour-pounder
Ebroadside
Elauncher,rocket launcher
Fbazooka
Emunition2,ordnance,ordnance store
Etorpedo4
Faerial torpedo
Fbangalore torpedo
Fhoming torpedo
Fsubmarine torpedo
Ddefense system,defence system
Dgunnery
Dhardware
Dnaval weaponry
Efire control system
Emissile defense system,missile defence system
Enaval gun
Fstern chaser
Enaval missile
Cmedium
Dcool medium,cold medium
Dhot medium
Dvehicle2
Dpaper5
Dfilm4,cinema2,celluloid2
Esilver screen2
Dprint media
Epress5,public press
Ffree press
Ggutter press
Fnewspaper2,paper4
Gdaily
Ggazette
Gschool newspaper,school paper
Gtabloid2,rag2,sheet6
Fmagazine5,mag
Gcolour supplement
Gcomic book
Gnews magazine
Gpulp2,pulp magazine
Gslick3,slick magazine,glossy2
Gtrade magazine
Ejournalism,news media
Fphotojournalism
Gnews photography
Grotogravure
Fyellow journalism,tabloid,tab5
Esamizdat,underground press
Dstorage medium,data-storage medium
Emagnetic storage medium,magnetic medium,magnetic storage
Dtelecommunication,telecom
Etelephone2,telephony
Fvoice mail,voicemail
Fcall,phone call,telephone call
Gcall-back
Gcollect call
Gcall-in
Gcrank call
Glocal call
Glong distance,long-distance call,trunk call
Htoll call
Gconference call
Hthree-way calling
Gwake-up call
Fcall forwarding
Fcall waiting
Etelegraphy2
Ewireless4
Fradiotelegraph2,radiotelegraphy2,wireless telegraphy2
Fradiotelephone2,radiotelephony,wireless telephone2
Ebroadcasting
Fradio3,radiocommunication,wireless3
Ftelevision3,telecasting,video2
Gcable television2,cable4
Ghigh-definition television
Freception
Gsignal detection,detection
Gdemodulation
Emultiplex2
Dalbum2,record album2
Econcept album
Ftribute album,benefit album
Blayer,bed3
Cbacking,mount2
Cblanket2
Ccourse,row
Ddamp-proof course,damp course
Drow of bricks
Ccushion2
Cinterlayer
Clift3
Dtop lift
Coverlay2
Cply2
Ctier2
Cwall2
Blemon,stinker2
Bline5
Cbecket
Ccord
Dagal
Dapron string
Dbowstring
Dcatgut,gut
Dchenille,chenille cord
Dclews
Dclothesline
Dfishing line
Ehandline,hand line
Enight-line
Etrawl,trawl line,spiller,setline,trotline
Dlace,lacing
Ebootlace
Eshoelace,shoe lace,shoestring,shoe string
Dlanyard2,laniard2
Dlanyard,laniard
Dlog line
Dpiping
Dplumb line,perpendicular
Elead line,sounding line
Eplumb rule
Dripcord2
Dripcord
Dsash cord,sash line
Dslack
Dstatic line
Dstring,twine
Echalk line,snap line,snapline
Epackthread
Dstring3
Esnare3
Dthread,yarn
Ecotton2
Flisle2,lisle thread
Edental floss,floss2
Efloss
Eligature2
Emetallic2
Epile3,nap
Epurl
Esuture2
Etinsel2
Ewarp
Ewoof,weft,filling,pick
Eworsted2,worsted yarn
Dtie5
Edrawstring,drawing string,string4
Fpurse string
Dwhipcord
Dwick2,taper
Ecandlewick
Dwick
Clanyard3,laniard3
Clifeline2
Dridge rope
Clifeline
Cmooring,mooring line
Dheadfast
Cpainter
Cratline,ratlin
Crope
Dbola2
Dbrace2
Eroyal brace
Dbrail2
Dbungee,bungee cord
Dcable2
Eground cable
Dcordage
Esennit
Dguide rope
Dhalyard,halliard
Dhangman's rope,hangman's halter,halter2,hemp,hempen necktie
Dharpoon line
Dhawser
Djump rope,skip rope,skipping rope
Dlashing
Dlasso,lariat,riata,reata
Dprolonge
Dsmall stuff
Emarline
Eseizing
Espun yarn
Dtier
Dtightrope
Ehigh wire
Dtrip line
Csheet3,tack3,mainsheet,weather sheet,shroud2
Dfuttock shroud
Cshroud
Cstrand
Dply
Drope yarn
Ctowline,towrope,towing line,towing rope
Ctrace2
Bmarker
Cbookmark,bookmarker
Cyard marker
Bmystification
Bopening
Caperture2
Dmouthpiece5,embouchure
Dmouthpiece
Cbell4
Cbreech,rear of barrel,rear of tube
Cexit,issue,outlet3,way out
Doutfall
Cfly2,fly front
Cgap,crack
Dlacuna,blank
Dspark gap2
Cgun muzzle,muzzle
Dpoint2,gunpoint
Chole
Dair hole
Darmhole
Dbunghole
Dbuttonhole,button hole
Dcountersink
Dcup2
Dear hole
Deye
Deyelet,eyehole2
Dfinger hole2
Ethumbhole2
Dfinger hole
Dhawse,hawsehole,hawsepipe
Dkeyhole
Dloophole
Dlubber's hole
Dmanhole
Dmortise,mortice
Dmouth hole
Dnail hole
Dpeephole,spyhole,eyehole
Ejudas
Dperforation
Dplughole
Dposthole,post hole
Dpuncture
Epinhole
Epinprick
Dsound hole
Dthumbhole
Dvent,venthole,vent-hole,blowhole
Esmoke hole
Cintake,inlet
Dair horn2
Dsiamese,siamese connection
Cinterstice
Clunette2,fenestella
Cmouth
Cneck2,neck opening
Dneckline
Ecrew neck,crew neckline
Edecolletage
Cpass-through
Cport,embrasure,porthole2
Cslit
Djag
Dslot
Ecoin slot
Email slot
Dvent2
Cspout
Dgargoyle
Dnozzle,nose3
Eshowerhead
Cthroat
Cwicket4,lattice,grille
Cwindow2
Dcar window
Equarterlight
Erear window
Cwindow5
Dticket window
Bpadding,cushioning
Ccushion3
Dair cushion2,inflatable cushion
Dgaddi
Dhassock2
Dheadrest,head restraint
Dpillow
Ebed pillow
Ebolster,long pillow
Dpincushion
Dseat cushion
Dthrow pillow
Cfalsie
Cpad2
Dcarpet pad,rug pad,underlay,underlayment
Eunderfelt
Dcleaning pad
Escouring pad
Esoap pad
Dmat5
Edrip mat
Fbeer mat
Emousepad,mouse mat
Eplace mat
Dmattress
Eair mattress
Efeather bed,featherbed
Efuton
Epaillasse,palliasse
Epallet3
Espring mattress
Etick
Dmattress pad
Dpanel2
Dplastron4
Dpotholder
Dpowderpuff,puff2
Drat
Dsanitary napkin,sanitary towel
Dtable mat,hot pad
Dtransdermal patch,skin patch
Eestradiol patch
Cstuffing
Dbatting,batten
Bplaything,toy
Cball3
Dbeach ball,beachball
Dsnowball
Cballoon2
Ccockhorse
Cdoll,dolly3
Dgolliwog,golliwogg
Dkachina
Dpaper doll
Dpuppet2
Ehand puppet,glove puppet,glove doll
Drag doll
Dsawdust doll
Dtoy soldier
Cdollhouse2,doll's house2
Chobby,hobbyhorse,rocking horse
Chula-hoop
Cjack-in-the-box
Cjumping jack
Ckaleidoscope
Ckite
Dbox kite
Dsport kite,stunt kite
Cpinata
Cpinwheel2,pinwheel wind collector
Cplayhouse,wendy house
Dtree house
Cpogo stick
Cpopgun
Crattle
Csandbox2,sandpile,sandpit
Cseesaw,teeter,teeter-totter,teetertotter,teeterboard,tilting board,dandle board
Cslide2,playground slide,sliding board
Cslingshot,sling,catapult
Cstick horse
Cteddy,teddy bear
Ctop2,whirligig,teetotum,spinning top
Dhumming top
Dpeg top
Dwhipping top,whip top
Ctrain set
Cwater pistol,water gun,squirt gun,squirter
Cyo-yo
Bready-made
Brestoration
Bsheet2,flat solid
Cblackboard,chalkboard
Cblank2
Cboard
Daquaplane
Dbreadboard,bread board
Dbulletin board2,notice board
Ecall-board
Dchopping board,cutting board
Ddrafting board,drawing board
Ddrainboard,draining board
Dfloorboard,floor board
Dironing board
Dkneeler
Dmortarboard,hawk
Dpalette,pallet4
Dplanchette
Dscoreboard
Dsideboard2
Dsideboard
Dskateboard
Dsnowboard
Dspringboard
Ediving board
Fhighboard
Dsurfboard
Dtrencher
Dwake board,wakeboard
Dwallboard,drywall,dry wall
Ebeaver board
Efiberboard,fibreboard,particle board
Eplasterboard,gypsum board
Dworkboard,work-board
Cfilm3,plastic film
Dshrink-wrap
Claminate
Dplastic laminate
Dplywood,plyboard
Cmembrane
Ddrumhead,head6
Dgelatin,gel2
Cpanel
Dcoffer,caisson,lacunar
Dfootboard2
Dheadboard
Dpaneling,panelling,pane2
Ewall panel
Dwainscot2,wainscoting2,wainscotting2
Dwainscot,dado
Dwindow3
Cplate2
Dbaffle,baffle board
Ediffuser,diffusor
Dcylinder head
Ddamper
Ddisk,disc3
Eacetate disk,phonograph recording disk
Ebrake disk
Edeadeye
Ediaphragm3
Ediscus,saucer3
Eplanchet,coin blank
Epuck,hockey puck
Etoken
Fsubway token
Dengraving2
Ecopperplate2,copperplate engraving
Eetching2
Egravure
Ehalftone2,halftone engraving,photoengraving
Elinecut2,line block,line engraving2
Esteel engraving2
Ewoodcut2,wood block,wood engraving2
Descutcheon2
Dfin keel
Ecenterboard,centreboard,drop keel,sliding keel
Fdaggerboard
Dfishplate
Dgrid2,storage-battery grid
Dgusset2,gusset plate
Dlamella
Dlicense plate,numberplate
Dnameplate
Edoorplate
Dplate iron
Eboilerplate
Esheet iron
Estovepipe iron
Etank iron
Dplaten2
Dpleximeter,plessimeter
Dtap2
Cplate6,photographic plate
Dquarter plate
Cplate glass,sheet glass
Dcover glass,cover slip
Dpane,pane of glass,window glass
Ewindowpane,window4
Dslide,microscope slide
Csheet metal
Dcorrugated iron
Dflashing
Dfoil
Ealuminum foil,aluminium foil,tin foil2
Echaff
Egold foil
Fgold leaf
Etinfoil,tin foil
Dtin plate,tinplate
Cstencil
Bsphere
Cglobe
Dcelestial globe
Earmillary sphere,armilla
Bsquare
Bsqueaker
Bstrip,slip
Cband2
Darmband
Darmlet,arm band
Dbackband
Dbellyband
Dcollar,neckband2
Echoker2,ruff,ruffle2,neck ruff
Ffraise
Eclerical collar,dog collar2
Erabato,rebato
Eturtleneck collar,polo-neck collar
Dcollar5
Edog collar
Dgarter,supporter
Dgirdle,cincture,sash2,waistband,waistcloth
Ecummerbund
Dheadband
Etaenia,tenia,fillet
Dheadstall,headpiece
Dhoop2,ring
Ecarabiner,karabiner,snap ring
Ecollar3
Ecurtain ring
Ekey ring
Enapkin ring
Enose ring
Erim2
Ffelloe,felly
Erim
Etire,tyre
Fcar tire,automobile tire,auto tire,rubber tire
Gretread,recap
Fpneumatic tire,pneumatic tyre
Gflat3,flat tire
Gradial,radial tire,radial-ply tire
Gsnow tire
Gtubeless,tubeless tire
Fwagon tire
Etowel ring
Drubber band,elastic band,elastic
Dstrap3,shoulder strap
Dsweatband
Dsweatband2
Dwatchband,watchstrap,wristband2,watch bracelet,bracelet
Dweed,mourning band
Dwristband
Dwristlet,wrist band
Cband6,ring4
Cband5
Ccramp2,cramp iron
Creef
Clead2,leading
Cmullion
Cribbon,typewriter ribbon
Cscreed
Cstay
Ctab2
Ctape
Dadhesive tape
Ecellulose tape
Educt tape
Efriction tape,insulating tape
Emasking tape,masking paper
Eplaster3,adhesive plaster,sticking plaster
Fcourt plaster
Dinkle
Dwebbing
Cweather strip,weatherstrip,weather stripping,weatherstripping
Bstructure,construction
Cairdock,hangar,repair shed
Caltar2
Dhigh altar
Carcade2,colonnade2
Dloggia
Carch2
Dabutment arch
Dbroken arch
Dcamber arch
Dcorbel arch
Dflat arch,straight arch
Dpier arch
Dpointed arch
Edrop arch
E
Flancet arch,lancet
Eogee arch,keel arch
Etrefoil arch
Dproscenium arch
Drampant arch
Dround arch
Ebell arch
Ehorseshoe arch
Esemicircular arch
Ethree-centered arch,basket-handle arch
Drowlock arch
Dsafety arch
Dscoinson arch,sconcheon arch
Dsegmental arch
Dshouldered arch
Dskeen arch,skene arch,scheme arch,diminished arch
Dskew arch
Dsquinch
Etrumpet arch
Dtrimmer arch
Dtriumphal arch
Dfour-centered arch
Carea
Daisle3
Dauditorium
Eassembly hall
Dbaggage claim
Dbox3
Ebatter's box
Dbreakfast area,breakfast nook
Dbullpen
Dchancel,sanctuary3,bema
Dchoir
Dcorner,nook
Eamen corner
Echimney corner,inglenook
Dcourt6,courtyard
Eatrium
Ebailey
Ecloister2
Efood court
Eforecourt
Eparvis
Ddead-air space
Ddining area
Denclosure
Ecage,coop2
Fbirdcage
Fhutch
Grabbit hutch
Fsquirrel cage
Ecargo area,cargo deck,cargo hold,hold4,storage area
Ecatchall
Echamber
Fairlock,air lock
Fbomb shelter,air-raid shelter,bombproof
Fcaisson4,pneumatic caisson,cofferdam
Fcamera obscura
Fcore2
Fcylinder,piston chamber
Gbrake cylinder,hydraulic brake cylinder,master cylinder
Ffiring chamber,gun chamber
Ffurnace
Gathanor
Gblast furnace
Gcrematory2,crematorium2,cremation chamber
Hgas oven
Gcupola
Gelectric furnace
Helectric-arc furnace
Gfirebox
Gforge
Ggas furnace
Gincinerator
Gkiln
Hbrickkiln
Hdry kiln
Hlimekiln
Hmuffle
Hoast
Goil burner,oil furnace
Gopen-hearth furnace
Greverberatory furnace
Gtank furnace
Fhyperbaric chamber
Fparticle detector
Gbubble chamber
Gcloud chamber
Gspark chamber,spark counter
Fresonator,cavity resonator,resonating chamber
Gsoundbox,body
Gsounding board,soundboard
Fsteam chest
Fstokehold,stokehole,fireroom
Fstuffing box,packing box
Ftokamak
Fvacuum chamber
Ecompound
Edock
Eecho chamber
Elock3,lock chamber
Enacelle
Epen2
Fcow pen,cattle pen,corral
Fcreep
Ffold,sheepfold,sheep pen,sheepcote
Fholding pen,holding paddock,holding yard
Fkraal
Fpaddock
Fpinfold
Frodeo
Fsty,pigsty,pigpen
Epit
Fcockpit2
Eplaypen,pen3
Eplenum
Epound,dog pound
Erecess,niche
Falcove,bay3
Gcarrel,carrell,cubicle2,stall5
Fapse,apsis
Gtribune
Fcolumbarium2,cinerarium
Ffireplace,hearth,open fireplace
Gfire
Hcookfire
Fmihrab2
Evivarium
Faquarium,fish tank,marine museum
Fterrarium
Eyard4
Fbarnyard
Fchicken yard,hen yard,chicken run,fowl run
Ffarmyard
Fstockyard
Dgoalmouth
Dhideaway,retreat
Dnave
Dorchestra pit,pit6
Dpanopticon
Eshowroom,salesroom,saleroom
Dpatio,terrace
Esuntrap,solar trap
Dpit3
Dpit2
Dpress gallery
Dpull-off,rest area,rest stop,layby,lay-by
Dquad2,quadrangle
Droom
Eanechoic chamber
Eanteroom,antechamber,entrance hall,hall2,foyer,lobby,vestibule
Fnarthex2
Eback room
Eballroom,dance hall,dance palace
Fdisco,discotheque
Ebarroom,bar,saloon,ginmill,taproom
Fbarrelhouse,honky-tonk
Fcocktail lounge
Fsawdust saloon
Fspeakeasy
Ebathroom
Ebedroom,sleeping room,sleeping accommodation,chamber3,bedchamber
Fboudoir
Fchild's room
Gnursery,baby's room
Hday nursery,day care center
Fdormitory2,dormitory room,dorm room
Fguestroom
Fhotel room
Gadjoining room
Gconnecting room
Fmaster bedroom
Fmotel room
Ebelfry2
Ebilliard room,billiard saloon,billiard parlor,billiard parlour,billiard hall
Eboardroom,council chamber
Fdivan2,diwan
Ecardroom
Ecell5,jail cell,prison cell
Fbullpen2,detention cell,detention centre
Fcooler2,tank4
Fdungeon2
Goubliette
Fguardroom
Fhold2,keep2
Fsweatbox
Ecell4,cubicle
Echamber2
Echeckroom,left-luggage office
Eclassroom,schoolroom
Fhome room,homeroom
Flecture room
Fstudy hall
Eclean room,white room
Ecloakroom2,coatroom
Ecloset4
Fbooth2,cubicle3,stall2,kiosk
Gconfessional
Gpolling booth
Gprompt box,prompter's box
Gshower stall,shower bath
Gtelephone booth,phone booth,call box,telephone box,telephone kiosk
Gtollbooth,tolbooth,tollhouse
Gvoting booth
Eclubroom
Ecompartment2
Fbay2
Fbay
Fbox5
Gjury box
Gpress box
Gwitness box,witness stand
Fbox2,loge2
Gskybox
Fcab
Fcabin3
Gpressure cabin
Fcabin
Gstateroom
Fcabinet2,locker,storage locker
Gglory hole,lazaretto2
Fcable car,car5
Fcar4,elevator car
Fcar3,gondola3
Fcockpit
Fcouchette
Fdrawing room2
Fglove compartment
Fluggage compartment,automobile trunk,trunk2,boot2
Fmodule
Gcommand module
Fpilothouse,wheelhouse
Gconning tower
Froomette
Fstall
Fwell4
Gbilge well
Gpump well
Econference room
Econtrol room
Ecourt,courtroom
Ecubby,cubbyhole2,snuggery,snug
Ecutting room
Edarkroom
Eden
Edinette
Edining room,dining-room
Fdining-hall
Grefectory
Fmess,mess hall
Gofficer's mess
Ftriclinium
Edoor4
Edressing room
Edurbar
Eengineering,engine room
Efloor4,trading floor
Efurnace room
Egallery3
Egallery2,art gallery,picture gallery
Fsalon
Egreenroom
Eguardroom2
Ehall3
Fbeer hall
Fconcert hall
Fexhibition hall,exhibition area
Gpalace2
Ffloor3
Fgreat hall
Gapadana
Ehospital room
Femergency room
Foperating room,operating theater,operating theatre,surgery2
Frecovery room
Ekitchen
Fgalley4,ship's galley,caboose,cookhouse
Gcuddy
Fgalley3
Fkitchenette
Elibrary
Eliving room,living-room,sitting room,front room,parlor2,parlour2
Fcommon room
Fmorning room
Fsalon3
Elocker room
Elounge2,waiting room,waiting area
Fcloakroom
Fdeparture lounge
Emanor hall,hall5
Epoolroom
Epresence chamber
Erathole
Ereading room
Fnewsroom2
Ereception room
Fdrawing room,withdrawing room
Fparlor,parlour
Erecreation room,rec room
Fcanteen4
Ffamily room
Frumpus room,playroom,game room
Erotunda2
Escriptorium
Escullery
Esewing room
Eshipping room
Eshower room
Esickbay,sick berth
Esickroom
Esmoking room
Esquad room2
Esquad room
Esteam bath,steam room,vapor bath,vapour bath
Fsauna,sweat room
Estoreroom,storage room,stowage
Fchandlery2
Flumber room
Fpantry,larder,buttery
Gstillroom,still room
Fstockroom,stock room
Fstrongroom
Gvault2,bank vault
Estudy
Esun parlor,sun parlour,sun porch,sunporch,sunroom,sun lounge,solarium
Esurgery
Etelevision room,tv room
Etest room,testing room
Etoilet,lavatory,lav,can3,john,privy,bathroom2
Fhead4
Fpublic toilet,comfort station,public convenience,convenience,public lavatory,restroom,toilet facility,wash room
Gladies' room,powder room
Glatrine
Gmen's room,men's
Fwashroom
Fwater closet,closet2,loo
Etorture chamber
Evestry,sacristy
Ewalk-in
Ewar room
Eworkroom
Dsecond balcony,family circle,upper balcony,peanut gallery
Dstorage space
Ecache
Ecellar3,wine cellar
Ecupboard,closet
Fairing cupboard
Fbroom closet
Fsafe2
Gmeat safe
Fsupply closet
Estacks
Dthreshing floor
Dturnaround
Cbalcony2
Dgallery5
Eamphitheater,amphitheatre
Echoir loft
Eorgan loft
Cbalcony
Dloge
Dmezzanine,first balcony
Cbascule
Cboarding
Dboards2
Dflashboard,flashboarding
Cbody2
Dbodywork
Dfuselage
Cbridge,span
Dcantilever bridge
Dcattle guard,cattle grid
Dcovered bridge
Ddrawbridge,lift bridge
Dfootbridge,overcrossing,pedestrian bridge
Egangplank,gangboard,gangway2
Ejet bridge
Doverpass,flyover
Dpontoon bridge,bateau bridge,floating bridge
Drope bridge
Dsteel arch bridge
Dsuspension bridge
Dtoll bridge
Dtrestle bridge
Dtruss bridge
Dviaduct
Cbuilding,edifice
Dabattoir,butchery,shambles,slaughterhouse
Dapartment building,apartment house
Etenement,tenement house
Ewalk-up2
Darchitecture
Daviary,bird sanctuary,volary
Dbathhouse,bathing machine
Dbowling alley
Dcenter2,centre
Eburn center
Ecall center,call centre
Ecommunity center,civic center
Econference center,conference house
Econtrol center
Eresearch center,research facility
Eservice club
Esettlement house
Estudent center
Dchapterhouse
Dclubhouse,club2
Dfarm building
Ebarn
Fcowbarn,cowshed,cow barn,cowhouse,byre
Ftithe barn
Echicken coop,coop,hencoop,henhouse
Estable,stalls,horse barn
Flivery stable
Dfeedlot
Dfiretrap
Dgambling house,gambling den,gambling hell,gaming house
Ecasino,gambling casino
Dgazebo,summerhouse
Ebelvedere
Dgovernment building
Ecapitol
Echancellery
Ecourthouse
Ecustomhouse,customshouse
Ediplomatic building
Fconsulate
Fembassy
Etown hall
Dgreenhouse,glasshouse
Econservatory2,hothouse,indoor garden
Dhall8
Ecity hall
Eguildhall
Fgildhall
Elyceum
Dhall7
Dhotel
Efleabag
Ehostel,hostelry,inn,lodge4,auberge
Fcaravansary,caravanserai,khan,caravan inn
Fimaret
Fposthouse,post house
Froadhouse
Emotor hotel,motor inn,motor lodge,tourist court,court3
Fmotel
Eresort hotel,spa
Eski lodge
Dhotel-casino2,casino-hotel2
Dhouse3
Ebathhouse2,bagnio2
Fsudatorium,sudatory2
Ecourthouse2
Efield house,sports arena
Eicehouse
Emeat house2
Eoast house
Epump house,pumping station
Fpump room
Esmokehouse,meat house
Estash house
Dlibrary3
Dmedical building,health facility,healthcare facility
Eclinic
Fdispensary
Ehospital,infirmary
Fcreche,foundling hospital
Flazaretto,lazaret,lazarette,lazar house,pesthouse
Fmaternity hospital
Fmental hospital,psychiatric hospital,mental institution,institution2,mental home,insane asylum,asylum2
Gbooby hatch,crazy house,cuckoo's nest,funny farm,funny house,loony bin,madhouse,nut house,nuthouse,sanatorium2,snake pit
Fmilitary hospital
Gfield hospital
Fsanatorium,sanatarium,sanitarium
Dministry
Dmorgue,mortuary,dead room
Ecrematory,crematorium
Efuneral home,funeral parlor,funeral parlour,funeral chapel,funeral church,funeral-residence
Dobservatory
Doffice building,office block
Dopium den
Doutbuilding
Ecoach house,carriage house,remise2
Egarage
Fcarport,car port
Ekennel,doghouse,dog house
Eouthouse,privy2,earth-closet,jakes
Eshed
Fapiary,bee house
Fboathouse
Fcoal house
Ftoolshed,toolhouse
Fwoodshed
Dpackinghouse
Dplace of worship,house of prayer,house of worship
Ebethel
Echapel
Fchantry
Flady chapel
Fside chapel
Echurch,church building
Fabbey
Fbasilica
Fcathedral
Gminster
Fcathedral2,duomo
Fkirk
Econventicle,meetinghouse
Emasjid,musjid
Emosque
Eshrine
Foracle
Fstupa,tope
Esynagogue,temple3,tabernacle3
Etemple
Fjoss house
Fpagoda
Fpantheon2
Dplanetarium
Dpresbytery
Drestaurant,eating house,eating place,eatery
Ebistro
Ebrasserie
Ecafe,coffeehouse,coffee shop,coffee bar
Fcaff
Fcybercafe
Fespresso shop
Festaminet
Fpull-in,pull-up
Ecafeteria
Fautomat2
Ecanteen5
Ecanteen3,mobile canteen
Ediner2
Egreasy spoon
Egrillroom,grill
Ehash house
Elunchroom
Erotisserie2
Esteakhouse,chophouse
Eteashop,teahouse,tearoom,tea parlor,tea parlour
Fbuttery2
Drest house
Drink,skating rink
Eice rink,ice-skating rink,ice2
Fice hockey rink,ice-hockey rink
D
Ebasilica2
Drotunda
Druin
Dschool,schoolhouse
Econservatory,conservatoire
Fart school
Fmusic school
Eday school
Dshooting gallery
Dsignal box,signal tower
Dskyscraper
Dstudent union
Dtavern,tap house
Ebeer garden
Ebucket shop
Epublic house,pub,saloon2,pothouse,gin mill,taphouse
Falehouse
Ffree house
Erathskeller
Eshebeen
Dtelecom hotel,telco building
Dtemple2
Eziggurat,zikkurat,zikurat
Dtheater,theatre,house2
Earena theater
Ecinema,movie theater,movie theatre,movie house,picture palace
Fbioscope
Ffleapit
Fmultiplex
Edinner theater,dinner theatre
Ehome theater,home theatre
Elittle theater,little theatre
Emusic hall,vaudeville theater,vaudeville theatre
Eopera,opera house
Dwhorehouse,brothel,bordello,bagnio,house of prostitution,bawdyhouse,cathouse,sporting house
Emassage parlor
Cbuilding complex,complex
Dcollege
Dplant,works,industrial plant
Ebottling plant
Ebrewery
Fbrewpub
Fmicrobrewery
Edistillery,still3
Efactory,mill,manufacturing plant,manufactory
Fassembly plant
Gmaquiladora
Fautomobile factory,auto factory,car factory
Fcannery
Fchemical plant
Ffoundry,metalworks
Garmory3,armoury3,arsenal3
Gbell foundry
Giron foundry
Flumbermill,sawmill2
Fpaper mill
Fstamp mill,stamping mill
Gbattery2,stamp battery
Gquartz battery,quartz mill
Fsteel mill,steelworks,steel plant,steel factory
Grolling mill
Fsweatshop
Ftextile mill
Gcotton mill
Emint
Epackinghouse2,packing plant
Erecycling plant
Erefinery
Foil refinery,petroleum refinery
Fsugar refinery
Esaltworks
Esewage disposal plant,disposal plant
Esmelter,smeltery
Dribbon development
Ccatchment
Ccoil,spiral2,volute2,whorl,helix
Dhank
Eskein
Ccolonnade
Dperistyle
Ccolumn2,pillar
Dobelisk
Dtotem pole
Ccorner3,quoin3
Ccross
Cdeathtrap
Cdefensive structure,defense,defence
Dcheval-de-frise,chevaux-de-frise
Dfortification,munition3
Ebastion2
Ebunker3,dugout3
Ffoxhole,fox hole
Ffunk hole
Ecastle2
Edefilade
Eentrenchment,intrenchment
Fretrenchment
Eescarpment,escarp,scarp,protective embankment
Efieldwork
Elunette
Epalisade
Eparapet2,breastwork
Fmachicolation
Eredoubt
Estockade
Dfortress,fort2
Emartello tower
Epresidio
Dline of defense,line of defence
Eabattis,abatis
Doutwork
Dstronghold,fastness
Ebastion,citadel
Facropolis
Fkremlin2
Eblockhouse
Ehold
Ekeep,donjon,dungeon
Eredoubt2
Cdoor3
Centablature
Cerection
Cestablishment
Dacademy
Dinstitution
Ehome3,nursing home,rest home
Eorphanage,orphans' asylum
Epenal institution,penal facility
Fbrig2
Fcamp3
Gconcentration camp,stockade2
Hdeath camp
Glabor camp,labour camp
Gprison camp,internment camp
Hgulag
Gwork camp,prison camp2,prison farm
Fcorrectional institution
Gdetention home,detention house,house of detention,detention camp
Gjail,jailhouse,gaol,clink,slammer,poky,pokey
Hbastille2
Hholding cell
Hhoosegow,hoosgow
Hhouse of correction
Hlockup
Hworkhouse2
Gpenitentiary,pen4
Gprison,prison house
Hchokey,choky
Hnick
Hpanopticon2
Hstate prison
Greformatory,reform school,training school
Hborstal
Fpenal colony
Dperfumery3
Dphrontistery
Dplace of business,business establishment
Ehealth spa,spa2,health club
Ffat farm
Ehotel-casino,casino-hotel
Emassage parlor2
Emercantile establishment,retail store,sales outlet,outlet
Fcountry store,general store,trading post
Fdepartment store,emporium
Fdiscount house,discount store,discounter,wholesale house
Fmarketplace,market place,mart,market2
Gagora,public square
Gbazaar2,bazar
Ggrocery store,grocery,food market,market
Hgreengrocery2
Hsupermarket
Ihypermarket
Gopen-air market,open-air marketplace,market square
Hfarmer's market,green market,greenmarket
Hsouk
Gslave market
Fplaza,mall2,center3,shopping mall,shopping center,shopping centre
Fshop,store
Gbarbershop
Gbazaar,bazar2
Gbetting shop
Gbodega
Gbookshop,bookstore,bookstall
Gbooth3
Hstall3,stand4,sales booth
Icoffee stall
Inewsstand
Gboutique,dress shop
Gbuilding supply store,building supply house
Gbutcher shop,meat market
Gcanteen2
Gchain store
Gcleaners,dry cleaners
Gclothing store,haberdashery,haberdashery store,mens store
Hslopshop,slopseller's shop
Gcommissary
Hpost exchange
Hslop chest
Hsmall stores
Gcomputer store
Gconfectionery,confectionary,candy store
Htuck shop
Gconvenience store
Gdelicatessen,deli,food shop
Hcharcuterie
Gdrugstore,apothecary's shop,chemist's,chemist's shop,pharmacy
Gflorist,florist shop,flower store
Ggift shop,novelty shop
Ghardware store,ironmonger,ironmonger's shop
Ghead shop
Gjunk shop
Gmillinery,hat shop
Goutfitter
Gpackage store,liquor store,off-licence
Gpawnbroker's shop,pawnshop,loan office
Gperfumery2
Gpet shop
Gpizzeria,pizza shop,pizza parlor
Grepair shop,fix-it shop
Hgarage2,service department
Gsalon2,beauty salon,beauty parlor,beauty parlour,beauty shop
Gshoe shop,shoe-shop,shoe store
Gspecialty store
Gthriftshop,second-hand store
Gtobacco shop,tobacconist shop,tobacconist
Gtoyshop
Fstrip mall
Eoffice,business office
Fbox office,ticket office,ticket booth
Fcountinghouse
Fgovernment office
Gjobcentre
Gland office
Fheadquarters,central office,main office,home office,home base2
Gmukataa
Flife office
Floan office2
Fnewsroom
Fshipping office
Espot
Fcabaret,nightclub,night club,club5,nightspot
Ghonkytonk,dive
Gsupper club
Fclip joint
Fhot spot,hotspot
Fjoint
Gjuke,jook,juke joint,jook joint,juke house,jook house
Dpoorhouse
Eworkhouse
Dschool system
Duniversity
Ecity university
Eredbrick university
Dwinery,wine maker
Cfalse bottom
Cfloor2,level3,storey,story
Dbasement,cellar
Ecellarage
Dground floor,first floor,ground level
Dloft2,attic,garret
Ecockloft
Ehayloft,haymow,mow
Dloft
Eartist's loft
Dmezzanine2,mezzanine floor,entresol
Cfountain
Ddrinking fountain,water fountain,bubbler
Cguide
Chouse of cards,cardhouse,card-house,cardcastle
Chousing,lodging,living accommodations
Dapartment,flat5
Ebedsitting room,bedsitter,bedsit
Ecold-water flat
Eduplex apartment,duplex2
Eefficiency apartment
Eflatlet
Emaisonette,maisonnette
Epenthouse
Erailroad flat
Estudio apartment,studio2
Esuite,rooms
Ewalk-up apartment,walk-up
Dbillet
Dblock2
Ecellblock,ward2
Fdeath house,death row
Eward,hospital ward
Fdetox
Fmaternity ward
Dcamp2
Etennis camp
Etrailer camp,trailer park
Dcondominium2
Ddwelling,home,domicile,abode,habitation,dwelling house
Ecliff dwelling
Econdominium,condo
Efixer-upper
Ehearth2,fireside
Ehermitage
Ehomestead
Ehouse
Fbeach house
Fboarding house,boardinghouse
Gbed and breakfast,bed-and-breakfast
Fbungalow,cottage
Fcabin2
Glog cabin
Fchalet
Fchapterhouse2,fraternity house,frat house
Fcountry house
Gchateau
Gdacha
Gshooting lodge,shooting box
Gsummer house
Gvilla3
Gvilla2
Fdetached house,single dwelling
Fdollhouse,doll's house
Fduplex house,duplex,semidetached house
Ffarmhouse
Fgatehouse
Glodge
Fguesthouse
Fhacienda
Flodge2,hunting lodge
Flodging house,rooming house
Gflophouse,dosshouse
Fmaisonette2,maisonnette2
Fmansion,mansion house,manse,hall6,residence2
Gmanor,manor house
Gpalace,castle
Gstately home
Franch house
Fresidence
Gcourt5
Gdeanery
Gmanse2
Gpalace3
Halcazar
Gparsonage,vicarage,rectory
Hglebe house
Greligious residence,cloister
Hconvent
Iabbey2
Inunnery
Hmonastery
Iabbey3
Icharterhouse
Ifriary
Ilamasery
Hpriory
Frow house,town house
Gbrownstone
Gterraced house
Fsafe house
Fsaltbox
Fsod house,soddy,adobe house
Fsolar house
Ftract house
Fvilla
Elake dwelling,pile dwelling
Elodge3,indian lodge
Fhogan
Fwickiup,wikiup
Fwigwam
Emessuage
Esemi-detached house
Evacation home
Eyurt
Dhospice
Dhostel2,youth hostel,student lodging
Dliving quarters,quarters
Eaccommodation
Fcabin class,second class,economy class
Ffirst class
Fstabling
Fsteerage
Ftourist class,third class
Ediggings2,digs2,domiciliation,lodgings,pad4
Edormitory,dorm,residence hall,hall4,student residence
Fhall of residence
Eforecastle,fo'c'sle
Eharem,hareem,seraglio,serail
Emilitary quarters
Fbarrack
Gcasern
Fcamp,encampment,cantonment,bivouac
Gboot camp
Ghutment
Glaager,lager
Fgun room
Fwardroom
Dpied-a-terre
Dquartering2
Drattrap
Dshelter3
Ecamp4,refugee camp
Dtract housing
Chull
Cjungle gym
Clamination
Clanding2,landing place
Ddock4,dockage,docking facility
Edry dock,drydock,graving dock
Ffloating dock,floating dry dock
Emarina
Clookout,observation tower,lookout station,observatory2
Dobservation dome
Dwidow's walk
Cmasonry
Dbrickwork
Enogging
Ddry masonry
Dstonework
Ecyclopean masonry
Cmemorial,monument
Dbrass3,memorial tablet,plaque
Dcenotaph,empty tomb
Dmegalith,megalithic structure
Edolmen,cromlech,portal tomb
Emenhir,standing stone
Dnational monument
Dpantheon
Cmound2,hill
Dbarbette
Dburial mound,grave mound,barrow,tumulus
Dembankment
Elevee2
Erampart,bulwark,wall4
Fbailey2
Fbattlement,crenelation,crenellation
Fearthwork
Gsconce2
Ffraise2
Fmerlon
Dsnowbank,snow bank
Cobstruction,obstructor,obstructer,impediment,impedimenta
Dbar4
Dbarrier
Ebannister,banister,balustrade,balusters,handrail
Ebarricade2
Ebreakwater,groin2,groyne,mole,bulwark3,seawall,jetty
Ebulwark2
Ecrash barrier
Edam,dike,dyke
Fmilldam
Fweir
Efence,fencing
Fbackstop
Fchainlink fence
Fhedge,hedgerow
Gprivet hedge
Gwindbreak,shelterbelt
Fpicket fence,paling
Frail fence,split-rail fence
Gworm fence,snake fence,snake-rail fence
Fstone wall
Gdry wall2,dry-stone wall
Fwall3
Gparty wall
Gretaining wall
Fweir2
Efender,wing3
Fmudguard,splash guard,splash-guard
Egrate2,grating
Fgrille2,radiator grille
Ehurdle
Emovable barrier
Fchicane
Fdoor
Gcar door
Hhatchback2,hatchback door,liftgate,hatch
Gcargo door
Gdouble door
Gfire door
Ginterior door
Hbi-fold door
Hfolding door,accordion door
Grevolving door,revolver2
Gscreen door
Gsliding door
Hbarn door
Gstorm door
Gswing door,swinging door
Hbatwing
Gtrap door
Fgate
Ghead gate2
Glock-gate
Glychgate,lichgate
Gportcullis
Gpostern
Gtailgate,tailboard
Gtail gate
Gtollgate,tollbar
Gturnpike
Gturnstile
Gwicket3,wicket door,wicket gate
Fhatch2
Gcargo hatch
Erailing,rail
Fbar9
Ffife rail
Fsafety rail,guardrail
Ftaffrail
Erevetment
Eroadblock,barricade
Estarting gate,starting stall
Dblockade
Dblockage,block5,closure,occlusion,stop4,stoppage
Ebreechblock,breech closer
Eplug,stopper2,stopple
Fbung,spile2
Fcork,bottle cork
Fdrainplug
Fearplug2
Ffipple
Ftampion,tompion
Ftampon
Ftap4,spigot
Evapor lock,vapour lock
Dhindrance,hinderance,hitch3,preventive2,preventative2,encumbrance,incumbrance,interference
Eclog2
Espeed bump
Dobstacle
Ehazard
Fbunker,sand trap,trap5
Fwater hazard
Estumbling block
Dtumbler2
Elever3,lever tumbler
Epin3,pin tumbler
Cpartition,divider
Dbrattice
Dbulkhead
Dscreen7
Ealtarpiece,reredos
Epurdah
Erood screen
Dwall
Eattic2
Ebearing wall
Ecavity wall
Echimney breast
Efirewall2
Egable,gable end,gable wall
Fbell gable
Fcorbie gable
Fpediment
Eparapet
Eproscenium2,proscenium wall
Esidewall2
Ewainscoting,wainscotting
Cplatform3,weapons platform
Dgun enclosure,gun turret,turret2
Cporch
Dback porch
Ddeck2
Esun deck
Dfront porch
Dportico
Enarthex
Dstoop2,stoep
Dveranda,verandah,gallery
Elanai
Cpost and lintel
Cprefab
Cprojection
Darm,branch,limb3
Dbrim2
Ebill2,peak,eyeshade,visor2,vizor2
Esnap brim
Dburr
Dcleat
Ecalk,calkin
Dcornice3
Ddrip,drip mold,drip mould
Edripstone,hoodmold,hoodmould
Dflange,rim3
Dfluke2,flue
Dhead5
Epinhead
Dknob,boss
Eknobble
Enailhead2
Dlobe
Dlug2
Doverhang
Eeaves
Efantail
Dprong
Etine
Dspike4
Dtenon
Dtooth
Ecog,sprocket3
Dtooth2
Cpublic works
Csail2
Cset-back,setoff,offset
Cshelter
Dcookhouse2
Ddugout
Dfallout shelter
Dhaven,oasis
Dhovel,hut2,hutch2,shack,shanty
Eigloo,iglu
Emudhif
Dhut,army hut,field hut
Dloft3,pigeon loft
Dmantelet,mantlet
Drefuge,sanctuary2,asylum
Eharbor,harbour
Esafehold
Dsconce
Dstorm cellar,cyclone cellar,tornado cellar
Dtent,collapsible shelter
Ebackpacking tent,pack tent
Ebell tent
Ecabana
Ecanvas tent,canvas3,canvass2
Fcircus tent,big top,round top,top5
Ffield tent
Fwall tent
Ecottage tent
Efly tent
Elean-to tent
Emountain tent
Epavilion,marquee
Epop tent
Epraetorium,pretorium
Epup tent,shelter tent
Epyramidal tent
Etepee,tipi,teepee
Etupik,tupek,sealskin tent
Etwo-man tent
Eumbrella tent
Cshoebox
Csignboard,sign
Dbillboard,hoarding
Dsandwich board
Dshingle
Cstadium,bowl3,arena,sports stadium
Damphitheater2,amphitheatre2,coliseum
Dballpark,park
Dbullring
Dcircus
Ddome,domed stadium,covered stadium
Dfootball stadium
Dhippodrome
Csuperstructure
Ddeck-house
Csupporting structure
Dframework,frame4
Eairframe
Earbor2,arbour,bower,pergola
Fgrape arbor,grape arbour
Ebustle
Ecasing3,case3
Eclimbing frame
Eclotheshorse
Ecoaming
Ecornice,valance,valance board,pelmet
Edeckle2
Ederrick
Edoorframe,doorcase
Efender2,buffer,cowcatcher,pilot2
Eframe5,framing
Eframe
Fchase
Egantry,gauntry
Egrate,grating2
Egrill2,grille3,grillwork2
Egun carriage
Fbarbette carriage
Ehandbarrow
Ehayrack2,hayrig
Ehoneycomb
Elattice2,latticework,fretwork
Ftrellis,treillage
Gespalier
Emounting
Fchassis
Gradio chassis
Fmat2,matting2
Fmount,setting3
Gpave
Fpasse-partout2
Eoxbow
Epicture frame
Erack
Fbarbecue,barbeque
Fbicycle rack
Fcarrier3
Gbomb rack
Gluggage carrier
Gluggage rack,roof rack
Gski rack
Fcoatrack,coat rack,hatrack
Fdish rack
Fhayrack
Fpipe rack
Fplate rack
Ftie rack
Ftoastrack
Ftowel rack,towel horse
Eribbing
Esash,window sash
Fcasement
Esawhorse,horse2,sawbuck,buck2
Ftrestle2
Estocks2
Estocks
Estretcher
Etambour,embroidery frame,embroidery hoop
Etenter
Etruss2
Eundercarriage
Flanding gear
Glanding skid
Ewalker3,baby-walker,go-cart
Ewalker2
Ewattle
Ewindow
Fbay window,bow window
Goriel,oriel window
Fcasement window
Fclerestory,clearstory
Fdisplay window,shop window,shopwindow,show window
Fdormer,dormer window2
Fdormer window
Goxeye
Fdouble glazing
Fdouble-hung window
Ffanlight3
Flancet window
Flouvered window,jalousie
Foeil de boeuf
Fpicture window
Fpivoting window
Fporthole
Frose window,rosette2
Fsash window
Fskylight,fanlight2
Fsliding window
Fstained-glass window
Fstorm window,storm sash
Ftransom,transom window,fanlight
Ewindow frame
Dskeleton,skeletal frame,frame3,underframe
Echassis2
Ehoop
Ffarthingale
Fpannier3
Dsupport
Eabutment
Earchitrave2
Ebasement2
Ebuttress,buttressing
Fflying buttress,arc-boutant
Efoundation,base2,fundament,foot,groundwork,substructure2,understructure
Fbed5
Grailroad bed
Groadbed
Fraft foundation,raft2,mat4
Epedestal2,plinth,footstall
Fsocle
Eprop
Fpitprop,sprag2
Ctower
Dbarbican,barbacan
Dbeacon2,lighthouse,beacon light,pharos
Dbell tower
Ecampanile,belfry
Dchurch tower
Dclock tower
Dcontrol tower
Dhigh-rise,tower block
Dminaret
Dmooring tower,mooring mast
Dpylon2,power pylon
Dpylon
Dshot tower
Dsilo
Dsteeple,spire
Epinnacle
Dsupporting tower
Etrestle
Dturret
Dwatchtower
Efire tower
Ctransept
Ctrestlework
Cvaulting
Dfan vaulting
Cways,shipway,slipway
Cwellhead
Cwind tunnel
Bsurface
Cbed4
Cboard6,gameboard
Dbackgammon board
Dcheckerboard,checker board
Echessboard,chess board
Dcribbage board
Ddartboard,dart board
Dgo board
Dmonopoly board
Dpegboard
Dpunchboard
Cface
Cground2
Chorizontal surface,level2
Dfloor,flooring
Ebell deck
Edance floor
Efloorboard2
Eparquet,parquet floor
Etruck bed
Fflatbed2
Dpaved surface
Eapron3
Epavement,paving
Fcurbside
Eroad surface
Erunway4
Eskidpan
Etarmacadam,tarmac,macadam
Etaxiway,taxi strip
Dplatform
Eauction block,block6
Ebandstand,outdoor stage,stand6
Ecatwalk
Ecrow's nest
Edais,podium,pulpit,rostrum,ambo,stump2,soapbox2
Edeck
Fafterdeck
Fflight deck,landing deck
Fforedeck
Fgun deck
Fhurricane deck,hurricane roof,promenade deck,awning deck
Flido deck
Flower deck,third deck
Fmain deck,second deck
Forlop deck,orlop,fourth deck
Fquarterdeck
Fupper deck
Gboat deck
Gbridge6,bridge deck
Hconning tower2
Hflying bridge,flybridge,fly bridge,monkey bridge2
Gfreeboard deck
Gweather deck,shelter deck
Hpoop deck
Htopside
Edock3,loading dock
Efly gallery,fly floor
Efootboard
Frunning board
Efootplate
Eforetop
Elanding
Elanding stage
Elaunching pad,launchpad,launch pad,launch area,pad3
Emonkey bridge
Epallet
Epier,wharf,wharfage,dock2
Flevee
Fquay
Ering2
Fboxing ring,prize ring
Fsumo ring
Fwrestling ring
Erunway3
Escaffold
Estage
Fdownstage
Fmise en scene,stage setting,setting
Fproscenium,apron2,forestage
Ftheater stage,theatre stage
Gboards
Gthrust stage
Fwing2,offstage,backstage
Estage3,microscope stage
Estairhead
Etop
Eturntable
Eturntable3
Cmeniscus2
Cmiter2,mitre2
Cplaster2,plasterwork
Dpargeting,pargetting,pargetry
Cscreen,silver screen,projection screen
Dwide screen
Cside
Dbeam2
Dbroadside2
Dedge
Ebevel,cant,chamfer
Fsplay
Ebezel
Ebrim,rim4,lip
Fcollar4,shoe collar
Ecurb,curbing,kerb
Edeckle edge,deckle
Efeatheredge
Egroin
Eknife edge,cutting edge
Eleading edge
Emilling
Erazor edge
Etrailing edge
Dfront
Ebow3,fore,prow,stem3
Efacade,frontage,frontal3
Ffrontispiece
Eface2
Fclock face,clock dial
Fdial
Efrontispiece2
Enose
Enose2
Enose cone,ogive
Eshirtfront
Fplastron2
Fplastron
Eshopfront,storefront
Dlarboard,port2
Dnearside
Dobverse
Ehead2
Drear,back
Estern,after part,quarter,poop,tail3
Etail2,tail assembly,empennage
Dreverse2,verso
Etail
Dsidewall
Dsoffit
Dstarboard
Dupper surface
Eceiling
Foverhead2
Cskin
Cspandrel,spandril
Csuperficies
Ctread
Cvertical surface
Dface3
Eperpendicular2
Cwork surface
Dtabletop
Ecountertop
Dwriting board
Eclipboard
Elapboard
Bthing
Cflagship
Cpill
Csnorter
Cstandby
Cvariation
Dbastard,mongrel
Cwobbler
Btrack
Crailroad track,railroad2,railway2
Dbroad gauge
Dgantlet3
Dnarrow gauge
Dsiding,railroad siding,turnout2,sidetrack
Dstandard gauge
Dswitch3
Ctramline,tramway2,streetcar track
Bway
Caccess,approach
Dentrance,entranceway,entryway,entry,entree
Earch,archway
Edoorway,door2,room access,threshold
Fexterior door,outside door
Gback door,backdoor,back entrance
Ghalf door
Gfront door,front entrance
Gside door,side entrance
Egateway
Ehatchway,opening2,scuttle2
Fescape hatch
Epithead
Eportal
Eporte-cochere
Eservice door,service entrance,servant's entrance
Estage door
Evomitory
Clane
Cpassage
Dadit
Daisle
Dchannel
Egutter,trough
Fchute2,slide4,slideway,sloping trough
Gmoulin,glacier mill
Gcoal chute
Grunway2
Gwater chute
Fcullis
Elimbers
Dconduit
Eaqueduct
Educt
Fair-intake
Fair passage,air duct,airway
Gregister2
Gsnorkel2,schnorkel,schnorchel,snorkel breather,breather
Gupcast
Eflue3
Fchimney
Gsmokestack,stack
Hfunnel2
Gstovepipe
Fchimneystack
Flamp chimney,chimney2
Emillrace,millrun
Esluice,sluiceway,penstock2
Espillway,spill,wasteweir
Etube,tubing
Fbarrel,gun barrel
Fblowgun,blowpipe2,blowtube2,blow tube2
Fblowtube,blow tube,blowpipe
Fcannula
Fcapillary,capillary tube,capillary tubing
Fcatheter
Gendotracheal tube
Hnasotracheal tube
Fcoil4
Gcondenser3
Fcolumn,chromatography column
Fdrain
Fhose3,hosepipe
Gairline,air hose
Gfire hose
Ggarden hose
Gradiator hose
Gwater cannon,watercannon
Finner tube
Fmouthpiece4
Fpea shooter
Fpipe2,pipage,piping2
Gchimneypot
Gdischarge pipe
Hhydrant2
Ifireplug,fire hydrant,plug4
Gdrain2,drainpipe,waste pipe
Hculvert
Hscupper
Hsewer,sewerage,cloaca
Hsoil pipe
Htrap2
Gdrilling pipe
Gelbow2
Gexhaust pipe
Gfuel line,gas line2,petrol line
Gmain
Helectric main
Hgas main
Hsewer main,sewer line
Hwater main
Gmanifold
Hexhaust manifold
Hinlet manifold
Hintake manifold
Gpipeline,line2
Hgas line
Hoil pipeline
Griser,riser pipe,riser pipeline,riser main
Gsparge pipe
Gstandpipe
Gsteam line,steam pipe
Gtailpipe
Fpipe,tobacco pipe
Gbriar,briar pipe
Gcalabash2,calabash pipe
Gcalumet,peace pipe,pipe of peace
Gclay pipe
Hdudeen
Ghookah,narghile,nargileh,sheesha,shisha,chicha,calean,kalian,water pipe,hubble-bubble,hubbly-bubbly
Gmeerschaum
Fsilencer
Fsiphon,syphon
Fspeaking tube
Fstem2
Fstent
Fstraw,drinking straw
Ftest tube
Ftorpedo tube
Fventuri
Fwell point,wellpoint
Ewaterspout
Dcul,cul de sac,dead end
Dfish ladder
Dpassageway
Eaisle2,gangway3
Earcade
Famusement arcade
Fpenny arcade
Eareaway
Ecorridor
Fgallery4
Fhallway,hall
Gconcourse
Edrift,heading,gallery6
Egangway
Egate3
Farrival gate
Fdeparture gate
Eshaft3
Felevator shaft
Fventilation shaft
Fwell3
Gstairwell
Etunnel
Fcatacomb
Frailroad tunnel
Funderpass,subway2
Ewalk-through
Dright of way
Dshaft5
Eair shaft,air well
Edowncast
Dthroat2
Cpath
Dbridle path,bridle road
Dcrossing2,crosswalk,crossover
Egrade separation
Epedestrian crossing,zebra crossing
Fpelican crossing
Fschool crossing
Dlane2
Ebowling alley2,alley2,skittle alley
Efree throw lane
Eseaway,sea lane,ship route,trade route
Etraffic lane
Fbus lane
Ffast lane
Fslow lane
Dpathway,footpath
Dtowpath,towing path
Dwalk,walkway,paseo
Eambulatory
Eboardwalk
Fduckboard
Ecatwalk2
Eflagging
Epromenade,mall
Fesplanade
Esidewalk,pavement2
Eskywalk
Croad,route
Daccess road,slip road
Dbyway,bypath,byroad
Dcauseway
Dclearway
Dcorduroy2
Ddetour,roundabout way
Ddrive4,parkway
Ddriveway,drive2,private road
Dhighway,main road
Earterial road
Ebeltway,bypass,ring road,ringway
Edivided highway,dual carriageway
Eexpressway,freeway,motorway,pike,state highway,superhighway,throughway,thruway
Fautobahn
Fautostrada
Fturnpike2,toll road
Ehighroad,trunk road
Einterstate,interstate highway
Dline3,railway line2,rail line
Ebranch line,spur track,spur2
Floop-line
Etrunk line,trunk route
Dpost road
Droadway
Ecarriageway
Dshortcut,cutoff,crosscut
Dside road
Dskid road
Dspeedway
Dthoroughfare
Eartery
Eblind alley,cul de sac2,dead-end street,impasse
Estreet
Falley,alleyway,back street
Favenue,boulevard
Fcross street
Flocal road,local street
Gfrontage road,service road
Fmain street,high street
Gmain drag
Fmews
Frue
Fside street
Estreet2
Fone-way street
Ftwo-way street
Dtrack7,cart track,cartroad
Eportage
Etrail
Fcattle trail
Fdeer trail
Fhorse-trail
Fmountain trail
Fski run,ski trail
Gpiste2
Dturnoff
Cstairway,staircase
Dbackstairs
Dcompanionway
Descalator,moving staircase,moving stairway
Dfire escape,emergency exit
Dflight,flight of stairs,flight of steps
Dghat
Dstairs,steps
Eladder
Farticulated ladder
Fextension ladder
Gaerial ladder
Fjack ladder,pilot ladder
Fmonkey ladder
Frope ladder
Fscaling ladder
Fsea ladder,sea steps
Gaccommodation ladder
Fstep ladder,stepladder
Dramp2
Cwatercourse,waterway
Dcanal
Ecut2
Eindustrial watercourse
Eraceway,race
Eship canal,shipway2
Dflume
Dheadrace
Dtailrace
Bweight2
Cbob2
Dkite tail
Dplumb bob,plumb,plummet
Dsounding lead
Ccounterweight,counterbalance,counterpoise,balance,equalizer2,equaliser2
Dsash weight
Dtare
Cload,loading,burden
Dburthen
Ddead load
Dlive load,superload
Dmillstone
Doverload2,overburden
Doverload
Cmakeweight2
Cpaperweight
Csinker
Bbuilding material
Cbuilding block
Dcinder block,clinker block,breeze block
Dkeystone,key3,headstone
Equoin2,coign2,coigne2
Dvoussoir
Cstone
Dashlar
Dcapstone,copestone,coping stone,stretcher4
Dcornerstone2
Dcornerstone
Dfoundation stone
Dgravestone,headstone2,tombstone
Dgrindstone
Dhearthstone
Dmillstone2
Dmonolith
Dpaving stone
Ecobble,cobblestone,sett
Ecurbstone,kerbstone
Eflag3,flagstone
Dspringer,impost
Dstele,stela
Dwhetstone
Ehone
Eoilstone
Cbricks and mortar
Ccement2
Dhydraulic cement
Cconcrete
Dcement
Dreinforced concrete,ferroconcrete
Ccovering material
Dfiberglass,fibreglass
Dlinoleum,lino
Dpuddle
Cfencing material,fencing2
Cflooring2
Cgunite
Cinsulant,insulation
Dlagging
Dcorkboard
Clath and plaster
Clumber2,timber3
Dstock3
Dstrip3
Ebatten2
Ecleat3
Efingerboard2
Efurring strip,furring
Ejackstraw,spillikin
Epicket2,pale
Eslat,spline2
Flath
Flouver,louvre2,fin2
Fsplat
Fstave,lag
Espline
Dboard7,plank
Ematchboard
Eskid
Ewale,strake
Fgarboard,garboard plank,garboard strake
Fgunwale,gunnel,gun rest
Echipboard,hardboard
Edeal
Dplanking2
Cmortar3
Croofing material
Dslate2,slating
Dthatch2
Dtile3,roofing tile
Ehip tile,hipped tile
Epantile
Eridge tile
Cshingle2,shake
Csiding2
Dclapboard,weatherboard,weatherboarding
Cstaff2
Csticks and stone
Cwattle and daub
Bpaving2,pavement3,paving material
Casphalt
Cblacktop,blacktopping
Cmacadam2
Ctarmacadam2,tarmac2
Afood,nutrient
Bcomfort food
Bcomestible,edible,eatable,pabulum,victual,victuals3
Ctuck3
Bfare
Cdiet2
Cdiet
Dallergy diet
Dbalanced diet
Dbland diet,ulcer diet
Ddiabetic diet
Ddietary supplement
Evitamin pill
Fmultivitamin,multivitamin pill
Dcarbohydrate loading,carbo loading
Dgluten-free diet
Dhigh-protein diet
Dhigh-vitamin diet,vitamin-deficiency diet
Dlight diet
Dliquid diet
Eclear liquid diet
Dlow-fat diet
Dlow-sodium diet,low-salt diet,salt-free diet
Dreducing diet,obesity diet
Efad diet
Elow-calorie diet
Dsoft diet,pap,spoon food
Dvegetarianism
Emacrobiotic diet
Cdietary
Cmenu2
Cchow,chuck2,eats,grub
Cboard8,table3
Dtraining table
Cration
Dfield ration
Bfoodstuff2,food product
Cstarches
Cbreadstuff2
Ccoloring,colouring,food coloring,food colouring,food color,food colour
Cconcentrate2
Dtomato concentrate
Cmeal2
Dkibble2
Dcornmeal
Dfarina
Dmatzo meal,matzoh meal,matzah meal
Doatmeal2,rolled oats
Dpea flour
Dpinole
Croughage,fiber3
Dbran2
Cflour
Dplain flour
Dwheat flour
Ewhole wheat flour,graham flour,graham,whole meal flour
Dsoybean meal,soybean flour,soy flour
Dsemolina
Cfrozen food,frozen foods
Ccanned food,canned foods,canned goods,tinned goods
Dcanned meat,tinned meat
Cdehydrated food,dehydrated foods
Ccarob,carob powder
Ctapioca
Ccocoa2
Dcriollo
Cgrain,food grain,cereal
Dcorn,edible corn
Esweet corn,green corn
Ehominy
Flye hominy
Fpearl hominy
Epopcorn
Dgrist
Dgroats
Dmillet
Dbarley,barleycorn
Epearl barley
Dbuckwheat
Dwheat,wheat berry
Ebulgur,bulghur,bulgur wheat
Ecracked wheat
Doat
Drice
Ebrown rice
Ewhite rice,polished rice
Epaddy
Dwild rice
Dmalt3
Ewort
Cingredient2,fixings2
Dflavorer,flavourer,flavoring,flavouring,seasoner,seasoning
Ecola extract
Eanchovy paste
Ebouillon cube
Econdiment
Frelish
Golive
Hblack olive,ripe olive
Hgreen olive
Gpickle
Hgherkin
Hcaper
Hdill pickle
Hsweet pickle
Gchowchow
Gpickle relish
Gpiccalilli
Fdip2
Gbean dip
Gcheese dip
Gclam dip
Gguacamole
Fmustard,table mustard
Fcatsup,ketchup,cetchup,tomato ketchup
Fchili sauce
Fchutney
Fsteak sauce
Ftaco sauce
Fsalsa
Fmint sauce
Fcranberry sauce
Fduck sauce,hoisin sauce
Fhorseradish
Fmarinade
Fsoy sauce,soy
Fvinegar,acetum2
Gchili vinegar
Gcider vinegar
Gwine vinegar
Fsauce
Ganchovy sauce
Ghot sauce
Ghard sauce
Ghorseradish sauce
Gtartare sauce,tartar sauce
Gwine sauce
Gmarchand de vin,mushroom wine sauce
Gbread sauce
Gplum sauce
Gpeach sauce
Gapricot sauce
Gpesto
Gravigote,ravigotte
Gremoulade sauce
Gdressing2,salad dressing
Hbleu cheese dressing,blue cheese dressing2
Hblue cheese dressing
Hvinaigrette,sauce vinaigrette
Hanchovy dressing
Hhalf-and-half dressing
Hmayonnaise,mayo
Igreen mayonnaise,sauce verte
Hsalad cream
Gaioli,aioli sauce,garlic sauce
Gbarbecue sauce
Ghollandaise
Gbearnaise
Gbordelaise
Gbourguignon,bourguignon sauce
Gbrown sauce2
Gbrown sauce
Gchocolate sauce,chocolate syrup
Hhot-fudge sauce,fudge sauce
Gcocktail sauce,seafood sauce
Gwhite sauce,bechamel sauce,bechamel
Hblanc
Hcheese sauce
Hcream sauce
Gdemiglace,demi-glaze
Ggravy
Gspaghetti sauce,pasta sauce
Hbolognese pasta sauce
Hcarbonara
Htomato sauce
Hmarinara
Gmole2
Ghunter's sauce,sauce chausseur
Gmushroom sauce
Gmustard sauce
Gshrimp sauce
Gpaprika sauce
Gpepper sauce
Gwhite onion sauce
Gbrown onion sauce
Gveloute
Gallemande,allemande sauce
Gcaper sauce
Gpoulette
Gcurry sauce
Gsnail butter
Fspread3,paste4
Gmargarine,margarin2,oleo,oleomargarine,marge
Gnut butter
Gpeanut butter
Gmarshmallow fluff
Gonion butter
Gpimento butter
Gshrimp butter
Globster butter
Gcheese spread
Ganchovy butter
Gfishpaste
Ggarlic butter
Gmiso
Ghummus,humus2,hommos,hoummos,humous
Gpate
Hduck pate
Hfoie gras
Gtapenade
Gtahini
Fwasabi
Eherb
Ffines herbes
Fbasil,sweet basil
Fbay leaf
Fborage
Fhyssop
Fcaraway
Fchervil
Fchives
Fcomfrey,healing herb
Fcoriander2,cilantro
Fcostmary
Ffennel2,common fennel
Flemon balm
Flovage
Fmarjoram,oregano
Fmint2
Fparsley
Frosemary
Frue2
Fsage
Gclary sage
Fsavory,savoury
Gsummer savory,summer savoury
Gwinter savory,winter savoury
Fsweet woodruff,waldmeister
Fsweet cicely
Ftarragon,estragon
Fthyme
Fangelica2
Fdill,dill weed
Ftea3,tea leaf
Gtea bag2
Gblack tea
Hcongou,congo,congou tea
Horange pekoe,pekoe
Hsouchong,soochong
Ggreen tea
Hhyson
Goolong
Espice2
Ffive spice powder
Fallspice
Fcinnamon
Gstick cinnamon
Fclove2
Ffennel3
Fginger,powdered ginger
Fmace2
Fnutmeg
Fstar anise,star aniseed
Epeppermint oil
Espearmint oil
Elemon oil
Ewintergreen oil,oil of wintergreen
Esalt2,table salt,common salt2
Ecelery salt
Egarlic salt
Eonion salt
Eseasoned salt
Esour salt
Eginger2,gingerroot
Epepper,peppercorn
Fblack pepper
Fwhite pepper
Esassafras
Ecoriander,coriander seed
Efennel seed
Efenugreek,fenugreek seed
Egarlic,ail
Fclove,garlic clove
Egarlic chive
Emustard seed
Enasturtium
Eturmeric
Ecardamom,cardamon,cardamum
Ecayenne,cayenne pepper,red pepper
Echili powder
Ecurry powder
Epaprika
Eangelica
Ealmond extract
Eanise,aniseed,anise seed
Ejuniper berries
Esaffron
Esesame seed,benniseed
Ecaraway seed
Epoppy seed
Edill seed
Ecelery seed
Elemon extract
Emonosodium glutamate
Evanilla bean
Evanilla,vanilla extract
Esweetening,sweetener
Faspartame
Fhoney
Fsaccharin
Fsugar,refined sugar
Gcaramel2,caramelized sugar
Glump sugar
Gsugarloaf,sugar loaf,loaf sugar
Gcane sugar2
Ggranulated sugar
Hpowdered sugar
Icastor sugar,caster sugar
Iicing sugar
Gbeet sugar2
Gcorn sugar2
Gbrown sugar
Hdemerara3,demerara sugar
Fsyrup,sirup
Gsugar syrup
Gmolasses
Gsorghum,sorghum molasses
Gtreacle,golden syrup
Ggrenadine
Gmaple syrup
Gcorn syrup
Emocha2
Ecassareep
Dtomato paste
Degg white,white3,albumen2,ovalbumin
Degg yolk,yolk
Dmalted milk2
Cegg,eggs
Cdairy product
Dmilk
Esour milk
Epasteurized milk
Ecows' milk
Eyak's milk
Egoats' milk
Eacidophilus milk
Eraw milk
Escalded milk
Ehomogenized milk
Ecertified milk
Epowdered milk,dry milk,dried milk,milk powder
Fnonfat dry milk
Eevaporated milk
Econdensed milk
Eskim milk,skimmed milk
Esemi-skimmed milk
Ewhole milk
Elow-fat milk
Ebuttermilk
Echocolate milk
Dcream2
Eclotted cream
Edouble creme,heavy whipping cream
Eheavy cream
Elight cream,coffee cream,single cream
Esour cream,soured cream
Ewhipping cream,light whipping cream
Dhalf-and-half
Dbutter
Estick6
Eclarified butter,drawn butter
Fghee
Ebrown butter,beurre noisette
Elemon butter
Eyak butter
Dyogurt,yoghurt,yoghourt
Efrozen yogurt
Eblueberry yogurt
Dwhey2
Dcurd2
Dclabber
Dcheese
Ecream cheese
Fdouble cream
Fmascarpone
Etriple cream,triple creme
Ecottage cheese,pot cheese,farm cheese,farmer's cheese
Eprocess cheese,processed cheese
Ebleu,blue cheese
Fgorgonzola
Ebrick cheese
Echeddar,cheddar cheese
Frat cheese,store cheese
Egoat cheese,chevre
Egrated cheese
Ehand cheese
Emozzarella
Equark cheese,quark
Ericotta
Estring cheese
E
Fsapsago
Cmilk2
Dcoconut milk2,coconut water
Dcoconut milk,coconut cream
Dsoya milk,soybean milk,soymilk
Dformula
Ccurd
Dbean curd,tofu
Cconcoction,mixture2,intermixture2
Dmincemeat
Dstuffing2,dressing3
Eturkey stuffing
Eoyster stuffing,oyster dressing
Eforcemeat,farce
Droux
Dbatter
Epuff batter,pouf paste,pate a choux
Epancake batter
Efritter batter
Ddough
Epastry,pastry dough
Fpuff paste,pate feuillete
Gphyllo
Ebread dough
Dmix,premix
Eself-rising flour,self-raising flour
Dfilling4
Elekvar
Cjuice
Dgravy2,pan gravy
Dlemon juice
Dlime juice
Dpapaya juice
Dtomato juice
Dcarrot juice
Cperishable,spoilable
Bnutriment,nourishment,nutrition,sustenance,aliment,alimentation,victuals2
Ccourse3
Dentree2,main course2
Eplate12
Dappetizer,appetiser,starter3
Eantipasto
Ecanape
Ecocktail2
Ffruit cocktail
Fcrab cocktail
Fshrimp cocktail
Ehors d'oeuvre
Fstuffed mushroom
Fpigs in blankets
Ecrudites
Fcelery stick
Fcarrot stick
Ddessert,sweet,afters
Eambrosia2
Eblancmange
Echarlotte
Fcharlotte russe
Ecompote,fruit compote
Edumpling2
Fapple dumpling
Eflan
Efrozen dessert
Fice5,frappe3
Gwater ice2,sorbet
Fice cream,icecream
Gchocolate ice cream
Hchoc-ice
Gpeach ice cream
Gstrawberry ice cream
Gtutti-frutti
Gvanilla ice cream
Fice-cream cone
Fsherbert,sherbet
Fice lolly,lolly2,lollipop,popsicle
Fice milk
Fsnowball3
Fsnowball2
Fparfait
Fice-cream sundae,sundae
Fsplit2
Gbanana split
Ffrozen pudding
Ffrozen custard,soft ice cream
Fice-cream cake,icebox cake
Ejunket
Emousse2
Fchocolate mousse
Epavlova
Epeach melba
Ewhip2
Fprune whip
Epudding3
Fflummery
Fplum pudding
Fsteamed pudding
Fduff,plum duff
Fvanilla pudding
Fchocolate pudding
Fpease pudding
Ftapioca pudding
Froly-poly,roly-poly pudding
Fsuet pudding
Gspotted dick
Epudding2,pud
Ftrifle2
Gtipsy cake
Esyllabub2,sillabub2
Etiramisu
Ezabaglione,sabayon
Cdainty,delicacy,goody,kickshaw,treat
Dchoice morsel,tidbit,titbit
Dsavory2,savoury2
Dsweet2,confection
Econfectionery2
Econfiture
Fcandied fruit,succade,crystallized fruit
Gcrystallized ginger
Gcandied citrus peel
Hgrapefruit peel
Hlemon peel2
Horange peel2
Fconserve,preserve,conserves,preserves
Gapple butter
Gchowchow2
Gjam
Hstrawberry jam,strawberry preserves
Glemon curd,lemon cheese
Gjelly2
Happle jelly
Icrabapple jelly
Hgrape jelly
Gmarmalade
Horange marmalade
Esweetmeat
Ecandy,confect
Fcandy bar
Fcarob bar
Fhard candy
Gbarley-sugar,barley candy
Gjawbreaker
Glemon drop
Gsourball
Fbrandyball
Fpatty3
Gpeppermint patty
Fbonbon
Fbrittle,toffee,toffy
Gpeanut brittle
Fbutterscotch
Fcandy cane
Fcandy corn
Fcaramel
Fcotton candy,spun sugar,candyfloss
Fdragee3
Fdragee2
Ffondant
Ffudge
Gchocolate fudge
Gdivinity,divinity fudge
Gpenuche,penoche,panoche,panocha
Fgumdrop
Gjujube2
Fhoney crisp
Fmint3,mint candy
Gpeppermint,peppermint candy
Fhorehound
Fjelly bean,jelly egg
Fkiss2,candy kiss
Gmolasses kiss
Gmeringue kiss
Gchocolate kiss
Flicorice,liquorice
Flollipop2,sucker2,all-day sucker
Flozenge2
Gcachou
Gcough drop,troche,pastille,pastil
Fmarshmallow
Fmarzipan,marchpane
Fnougat
Fnougat bar
Fnut bar
Fpeanut bar
Fpopcorn ball
Fpraline
Frock candy2
Frock candy,rock2
Fsugar candy
Fsugarplum
Ftaffy
Gmolasses taffy
Ftruffle2,chocolate truffle
F
Gchocolate egg
Gcandy egg
Ehardbake
Echewing gum,gum
Fgum ball
Fbubble gum
Ecandied apple,candy apple,taffy apple,caramel apple,toffee apple
Ecenter5,centre2
Ecomfit
Emaraschino2,maraschino cherry
Enonpareil
Dambrosia3,nectar3
Dgelatin3,jelly
Ecalf's-foot jelly
Egelatin dessert
Fjello
Easpic
Dmarrow2,bone marrow2
Cdish3
Dpiece de resistance2
Dadobo
Dside dish,side order,entremets
Emushy peas
Eraita
Dspecial
Dcasserole2
Echicken casserole
Fchicken cacciatore,chicken cacciatora,hunter's chicken
Dsoup
Esoup du jour
Ealphabet soup
Econsomme
Fmadrilene
Ebisque
Eborsch,borsh,borscht,borsht,borshch,bortsch
Ebroth2
Fbarley water
Fbouillon
Ebroth,stock6
Fliquor3,pot liquor,pot likker
Fbeef broth,beef stock
Fchicken broth,chicken stock
Fstock cube
Echicken soup
Ecock-a-leekie,cocky-leeky
Egazpacho
Egumbo3
Ejulienne2
Emarmite2
Emock turtle soup
Emulligatawny
Eoxtail soup
Epea soup
Epepper pot2
Epetite marmite,minestrone,vegetable soup
Epotage,pottage2
Eturtle soup,green turtle soup
Eeggdrop soup
Echowder
Fcorn chowder
Fclam chowder
Ffish chowder
Ewon ton2,wonton2,wonton soup
Esplit-pea soup
Egreen pea soup
Elentil soup
Evichyssoise
Dstew
Epottage
Ebigos
Eburgoo3
Eolla podrida
Emulligan stew,mulligan
Epurloo,chicken purloo,poilu
Egoulash,gulyas
Fbeef goulash
Fpork-and-veal goulash
Fporkholt
Ehotchpotch
Ehot pot,hotpot
Eoyster stew
Elobster stew
Elobscouse,lobscuse,scouse
Efish stew
Fbouillabaisse
Fmatelote
Efricassee
Fchicken stew
Fturkey stew
Ebeef stew
Eragout
Fsalmi
Eratatouille
Epot-au-feu
Eslumgullion
Dpaella
Dviand
Dmousse3
Efish mousse
Echicken mousse
Dpudding
Ecarrot pudding
Ecorn pudding
Dcustard
Ecreme caramel
Ecreme anglais
Ecreme brulee
Efruit custard
Dturnover
Eapple turnover
Eknish
Epirogi,piroshki,pirozhki
Esamosa
Dtimbale
Dfish stick,fish finger
Dbuffalo wing
Dbarbecued wing
Dbarbecue2,barbeque2
Dbiryani,biriani
Dsaute
Dpatty,cake2
Efish cake,fish ball2
Fcodfish ball,codfish cake
Dveal parmesan,veal parmigiana
Dveal cordon bleu
Dsandwich plate
Dsnack food
Esandwich
Fbutty
Fham sandwich
Fchicken sandwich
Fclub sandwich,three-decker3,triple-decker
Fopen-face sandwich,open sandwich
Fhamburger,beefburger,burger
Gcheeseburger
Ftunaburger
Fhotdog,hot dog,red hot
Gchili dog
Fbomber2,grinder3,hero,hero sandwich,hoagie,hoagy,poor boy,sub2,submarine2,submarine sandwich,torpedo5,wedge5,zep
Fgyro2
Fbacon-lettuce-tomato sandwich
Fwestern,western sandwich
Fwrap3
Epotato skin,potato peel,potato peelings
Echip4,crisp,potato chip
Ecorn chip
Ftortilla chip
Gnacho
Dsalad
Etossed salad
Fgreen salad
Fcombination salad
Gchef's salad
Esalmagundi
Esalad nicoise
Epotato salad
Epasta salad
Fmacaroni salad
Efruit salad
Eherring salad
Etuna fish salad,tuna salad
Echicken salad
Ecoleslaw,slaw
Emolded salad
Etabbouleh,tabooli
Dcurry
Elamb curry
Dapplesauce,apple sauce
Dboiled egg,coddled egg
Ehard-boiled egg,hard-cooked egg
Dpoached egg,dropped egg
Dscrambled eggs
Ddeviled egg,stuffed egg
Dshirred egg,baked egg,egg en cocotte
Domelet,omelette
Efirm omelet
Fwestern omelet
Efluffy omelet
Eegg foo yong,egg fu yung
Dsouffle
Echeese souffle
Dfried egg
Dcoq au vin
Dchicken provencale
Dchicken and rice
Earroz con pollo
Dbacon and eggs
Dbarbecued spareribs,spareribs
Dbitok
Dboiled dinner
Dbubble and squeak
Dpasta
Espaghetti
Ecannelloni
Elasagna,lasagne
Emacaroni and cheese
Dcarbonnade flamande
Dchicken cordon bleu
Dchicken paprika,chicken paprikash
Dchili,chili con carne
Dchop suey
Dchow mein
Dcoquille2
Dcroquette
Dcottage pie
Drissole
Ddolmas,stuffed grape leaves
Degg roll,spring roll
Denchilada
Dfalafel,felafel
Dfish and chips
Dfondue2,fondu2
Echeese fondue
Echocolate fondue
Dfondue,fondu
Ebeef fondue,boeuf fondu bourguignon
Dfried rice
Dfrittata
Dfrog legs
Dgalantine
Dgefilte fish,fish ball
Dhaggis
Dham and eggs
Dhash2
Ecorned beef hash
Djambalaya
Dkabob,kebab,shish kebab
Esouvlaki,souvlakia
Dkedgeree
Dlobster thermidor
Dlutefisk,lutfisk
Dmacedoine
Dmeatball
Eporcupine ball,porcupines
Dmeat loaf,meatloaf
Efish loaf
Fsalmon loaf
Dmoussaka
Dosso buco
Dpheasant under glass
Dpilaf,pilaff,pilau,pilaw
Ebulgur pilaf
Dpizza,pizza pie
Esausage pizza
Epepperoni pizza
Echeese pizza
Eanchovy pizza
Dpoi
Dpork and beans
Dporridge
Ehasty pudding
Egruel
Fcongee2,jook2
Fskilly
Floblolly
Eoatmeal,burgoo
Dpotpie
Drijsttaffel,rijstaffel,rijstafel
Drisotto
Droulade
Dsauerbraten
Dsauerkraut
Dscallopine,scallopini
Eveal scallopini
Dscampi
Dscrapple
Dspaghetti and meatballs
Dsteak tartare,tartar steak,cannibal mound
Dpepper steak2
Dsteak au poivre,peppered steak,pepper steak
Dstuffed cabbage
Dkishke,stuffed derma
Dstuffed peppers
Dstuffed tomato2,hot stuffed tomato
Dstuffed tomato,cold stuffed tomato
Dsuccotash
Dsukiyaki
Dsashimi
Dsushi
Dtamal,tamale
Dtamale pie
Dtempura
Dteriyaki
Dterrine
Drarebit
Dschnitzel
Dtaco
Echicken taco
Dburrito
Ebeef burrito
Equesadilla
Dtostada
Ebean tostada
Drefried beans,frijoles refritos
Dcouscous
Dramekin2,ramequin2
Dmold4,mould4
Cfast food
Cfinger food
Cingesta
Ckosher
Cmeal,repast
Dmess3
Dsquare meal
Dpotluck
Drefection
Dbreakfast
Econtinental breakfast,petit dejeuner
Dbrunch
Dlunch,luncheon,tiffin,dejeuner
Ebusiness lunch
Dtea2,afternoon tea,teatime
Ddinner
Ehigh tea
Dsupper
Dbuffet3
Esmorgasbord
Dpicnic
Ecookout
Fbarbecue3,barbeque3
Fclambake
Ffish fry
Fwiener roast,weenie roast
Fburgoo2
Dbite2,collation,snack
Erefreshment
Enosh
Ecoffee break,tea break
Dnosh-up
Dploughman's lunch
Dbanquet,feast,spread4
Cmess2
Cmince
Cpuree
Cstodge
Cwheat germ
Cvitamin
Dfat-soluble vitamin
Eantiophthalmic factor,axerophthol
Fretinol
Fdehydroretinol
Ecalciferol,viosterol,ergocalciferol,cholecalciferol
Etocopherol
Falpha-tocopheral
Enaphthoquinone,antihemorrhagic factor
Fphylloquinone,phytonadione
Fmenadione
Dwater-soluble vitamin
E
Fcholine
Finositol
Fpantothenic acid,pantothen
Fthiamine,thiamin,aneurin,antiberiberi factor
Fcobalamin,cyanocobalamin,antipernicious anemia factor
Friboflavin,lactoflavin,ovoflavin,hepatoflavin
Fpyridoxine,pyridoxal,pyridoxamine,adermin
Ffolate,folic acid,folacin,pteroylglutamic acid,pteroylmonoglutamic acid
Fniacin,nicotinic acid
Fbiotin
Ebioflavinoid,citrin
Eascorbic acid
Bcommissariat,provisions,provender2,viands,victuals
Cfood cache
Clarder2
Bfeed,provender
Cblood meal
Ccorn gluten feed
Ccattle cake
Ccreep feed
Cfodder
Deatage,forage,pasture,pasturage,grass
Dalfalfa
Dbroad bean,horse bean
Dhay
Etimothy
Dstover
Cfeed grain
Csilage,ensilage
Coil cake
Doil meal
Cslop,slops2,swill,pigswill,pigwash
Cmash2
Dchicken feed,scratch2
Ccud,rechewed food
Cbird feed,bird food,birdseed
Dcanary seed
Cpetfood,pet-food,pet food
Ddog food
Dcat food
Cmast3
Bmiraculous food,manna,manna from heaven
Bbeverage,drink2,drinkable,potable
Cwish-wash
Cpotion
Delixir3
Eelixir of life
Dphilter,philtre,love-potion,love-philter,love-philtre
Calcohol,alcoholic drink,alcoholic beverage,intoxicant2,inebriant
Dproof spirit
Dhome brew,homebrew
Dhooch,hootch
Epruno
Dkava,kavakava
Daperitif
Dbrew,brewage
Ebeer
Fdraft beer,draught beer
Fsuds
Flager2,lager beer
Gbock,bock beer
Glight beer
Gmalt2,malt liquor
Fale
Gwhite beer,wheat beer
Gbitter
Gpale ale
Gporter,porter's beer
Gstout
Ekvass
Emead
Fmetheglin
Ecassiri
Espruce beer
Dsake,saki,rice beer
Dnipa
Dwine,vino
Evintage
Ered wine
Fzinfandel
Ewhite wine
Fhock
Gliebfraumilch
Fsack5
Eblush wine,pink wine,rose,rose wine
Ealtar wine,sacramental wine
Esparkling wine
Fchampagne,bubbly
Fcold duck
E
Fclaret
Edessert wine
Fstraw wine
Ejug wine
Emacon,maconnais
Eplonk
Eretsina
Etable wine
Fvin ordinaire
Evermouth
Fsweet vermouth
Fdry vermouth
Egeneric2,generic wine
Evarietal,varietal wine
Efortified wine
F
Gmalmsey
Fport4,port wine
Fsherry
Fmuscat,muscatel,muscadel,muscadelle
Emulled wine
Fbishop2
Fnegus
Dliquor,spirits,booze,hard drink,hard liquor,strong drink
Eaqua vitae,ardent spirits
Eaquavit,akvavit
Earrack,arak
Ebitters
Ebrandy
Feau de vie
Fapplejack
Fgrappa
Fkirsch
Fmarc
Fslivovitz
Egin3
Fbathtub gin
Fsloe gin
Fgeneva
Eouzo
Erum
Fgrog
Fdemerara2,demerara rum
Eschnapps,schnaps
Emescal
Etequila
Evodka
Ewhiskey,whisky
Fblended whiskey,blended whisky
Fbourbon
Fcorn whiskey,corn whisky,corn2
Gmoonshine,bootleg2,corn liquor
F
Gpoteen
Frye,rye whiskey,rye whisky
Fmalt whiskey,malt whisky
Fsour mash2,sour mash whiskey
Efirewater
Elacing2
Dneutral spirits,ethyl alcohol2
Dpulque
Dliqueur,cordial
Eabsinth,absinthe
Eamaretto
Eanisette
Ebenedictine
Ecoffee liqueur
Ecreme de cacao
Ecreme de menthe
Ecreme de fraise
Eorange liqueur
Fcuracao,curacoa
Ftriple sec
Ekummel
Emaraschino,maraschino liqueur
Epastis
Epousse-cafe
Eratafia,ratafee
Esambuca
Dmixed drink
Ecocktail
F
Gbloody shame
Fbullshot
Fdaiquiri,rum cocktail
Gstrawberry daiquiri
Fgimlet2
Fgrasshopper2
Fmanhattan
Fmargarita
Fmartini
Gvodka martini
Fgin and it
Fold fashioned
Fpink lady
Fscrewdriver2
Fsidecar2
Fsour
Gwhiskey sour,whisky sour
Fstinger2
Fplanter's punch
Ehighball
Fcobbler
Fcollins
Fgin and tonic
Fjulep,mint julep
Fsling5
Gbrandy sling
Ggin sling
Grum sling
Fzombie,zombi
Espritzer
Eflip
Eswizzle
Ehot toddy,toddy
Emimosa,buck's fizz
Epina colada
Epunch2
Ffruit punch
Fmilk punch
Fcup4
Gchampagne cup
Gclaret cup
Fwassail
Ffish house punch
Feggnog
Fglogg
Erickey
Fgin rickey
Dperry
Drotgut
Dslug4
Dkoumiss,kumis
Chydromel
Coenomel
Cnear beer
Cginger beer
Cmixer3
Ccooler3
Crefresher
Csmoothie
Cfizz
Ccider,cyder
Dhard cider
Dscrumpy
Dsweet cider
Emulled cider
Ccocoa,chocolate,hot chocolate,drinking chocolate
Cfruit juice,fruit crush
Dnectar2
Dapple juice
Dcranberry juice
Dgrape juice
Emust
Dgrapefruit juice
Dorange juice
Efrozen orange juice,orange-juice concentrate
Dpineapple juice
Cfruit drink,ade
Dlemonade
Dlimeade
Dorangeade
Cmate3
Csoft drink
Dpop,soda2,soda pop,soda water2,tonic3
Dbirch beer
Dbitter lemon
Dcola,dope
Dcream soda
Degg cream
Dginger ale,ginger pop
Dorange soda
Dphosphate2
Droot beer
Dsarsaparilla
Dtonic2,tonic water,quinine water
Ccoffee,java
Dcoffee substitute
Echicory,chicory root
Dcafe au lait
Dcafe noir,demitasse2
Ddecaffeinated coffee,decaf
Ddrip coffee
Despresso
Ecaffe latte,latte
Dcappuccino,cappuccino coffee,coffee cappuccino
Diced coffee,ice coffee
Dinstant coffee
Dmocha3,mocha coffee
Dcafe royale,coffee royal
Ctea
Dcambric tea
Dcuppa,cupper
Dherb tea,herbal tea,herbal
Etisane
Fcamomile tea
Dice tea,iced tea
Dsun tea
Ctea-like drink
Cdrinking water
Dbottled water
Dsugar water
Dice water
Dsoda water,carbonated water,club soda,seltzer2,sparkling water
Dmineral water
Eseltzer
Elithia water
Bsoul food
Bmicronutrient
Bchyme
Bculture medium,medium2
Cagar,nutrient agar
Dblood agar
Afood2,solid food
Bleftovers
Bfresh food,fresh foods
Bconvenience food
Cready-mix
Dbrownie mix
Dcake mix
Dlemonade mix
Cdelicatessen2,delicatessen food
Ctakeout,takeout food,takeaway
Bchocolate2
Cbitter chocolate,baking chocolate,cooking chocolate
Cchocolate candy
Dchoc
Dchocolate bar
Djimmies,sprinkles
Dnonpareil2
Cchocolate liquor
Ccocoa butter2
Ccocoa powder
Cbittersweet chocolate,semi-sweet chocolate,dark chocolate
Ccouverture
Cmilk chocolate
Cwhite chocolate
Bbaked goods
Cpastry2
Dpie crust,pie shell
Ddowdy,pandowdy
Dfrangipane
Dstreusel
Dtart2
Eapple tart2
Dtimbale2,timbale case
Dpie
Etart
Fquiche
Fapple tart
Flobster tart
Ftartlet
Edeep-dish pie,cobbler2
Eshoofly pie
Emince pie
Eapple pie
Elemon meringue pie
Eblueberry pie
Erhubarb pie
Epecan pie
Epumpkin pie
Esquash pie
Epatty2
Emeat pie
Fpasty2
Gpork pie
Ftourtiere
Fshepherd's pie
Fkidney pie
D
Enapoleon
Dpatty shell,bouchee
Dsausage roll
Dtoad-in-the-hole
Dvol-au-vent
Dstrudel
Dbaklava
Dprofiterole
Dpuff4
Ecream puff,chou2
Feclair
Gchocolate eclair
Drugulah,rugelach,ruggelach
Ccake3
Dapplesauce cake
Dbaba
Ebaba au rhum,rum baba
Dbirthday cake
Dcheesecake2
Dchiffon cake
Dchocolate cake
Edevil's food,devil's food cake
Dcoconut cake
Dcoffeecake,coffee cake
Ebabka
Ecoffee ring
Dcrumb cake
Dcrumpet
Dcupcake
Dfruitcake
Esimnel2
Dgateau
Dsponge cake
Eangel cake,angel food cake
Ejellyroll
Dwedding cake,bridecake
Dwhite cake
Dspice cake
Dgingerbread
Dpound cake
Dlayer cake
Dtorte
Dpetit four
Dprune cake
Djumble,jumbal
Dsavarin
Dupside-down cake,skillet cake
Dhoney cake
Dmarble cake
Dgenoise
Dseedcake,seed cake
Dteacake2
Dcookie,cooky,biscuit2
Eteacake,tea biscuit
Edog biscuit
Ebutter cookie
Fshortbread,shortbread cookie
Espice cookie
Ealmond cookie,almond crescent
Ebrownie
Egingersnap,ginger snap,snap4,ginger nut
Fbrandysnap
Emacaroon
Fratafia2,ratafia biscuit
Fcoconut macaroon
Ekiss
Eladyfinger
Eanise cookie
Emolasses cookie
Eoreo,oreo cookie
Eraisin-nut cookie
Erefrigerator cookie
Eraisin cookie
Efruit bar
Fapricot bar
Fdate bar
Esugar cookie
Eoatmeal cookie
Echocolate chip cookie
Efortune cookie
Egingerbread man
Ewafer2
Egranola bar
Dfriedcake
Edoughboy
Edoughnut,donut,sinker2
Fraised doughnut
Gbismark,jelly doughnut
Gfastnacht
Ecruller,twister
Ebeignet
Efritter
Fapple fritter
Fcorn fritter
Dpancake,battercake,flannel cake,flannel-cake,flapcake,flapjack,griddlecake2,hotcake,hot cake
Ebuckwheat cake
Ebuttermilk pancake
Eblini,bliny
Eblintz,blintze
Ecrape2,crepe3
Epfannkuchen,german pancake
Epotato pancake,latke
Etortilla
Ftostada2
Dwaffle
Drock cake
Cbread,breadstuff,staff of life
Danadama bread
Dbap
Dbarmbrack
Dbreadstick,bread-stick
Egrissino
Dbrown bread2
Dbun,roll4
Etea bread
Efrankfurter bun,hotdog bun
Ehamburger bun,hamburger roll
Ebrioche
Ecrescent roll,croissant
Ehard roll
Esoft roll
Ekaiser roll
Eclover-leaf roll
Eonion roll
Fbialy,bialystoker
Esweet roll,coffee roll
Fcross bun,hot cross bun
Fbear claw2,bear paw
Fcinnamon roll,cinnamon bun,cinnamon snail
Fhoney bun,sticky bun,caramel bun,schnecken
Fpinwheel roll
Fdanish,danish pastry
Ebagel,beigel
Fonion bagel
Dcaraway seed bread
Dchallah,hallah
Dcinnamon bread
Dcracked-wheat bread
Dcracker3
Esaltine
Esoda cracker
Eoyster cracker
Ewater biscuit
Egraham cracker
Epretzel
Fsoft pretzel
Dcrouton
Ddark bread,whole wheat bread,whole meal bread,brown bread
Egraham bread
Dflatbread
Eflatbrod
Ebannock
Echapatti,chapati
Epita,pocket bread
Dgarlic bread
Dgluten bread
Dloaf of bread,loaf
Dmatzo,matzoh,matzah,unleavened bread
Dnan,naan
Donion bread
Draisin bread
Dquick bread
Ebanana bread
Edate bread
Edate-nut bread
Enut bread
Eoatcake
Eskillet bread,fry bread
Ecornbread
Fcorn cake
Fskillet corn bread
Fashcake,ash cake,corn tash
Fcornpone,pone
Fcorn dab,corn dodger,dodger
Fhush puppy,hushpuppy
Fjohnnycake,johnny cake,journey cake
Ghoecake
Fspoon bread,batter bread
Emuffin,gem4
Fbran muffin
Fcorn muffin
Fpopover
Escone
Fdrop scone,griddlecake
Ebiscuit
Frolled biscuit
Fdrop biscuit
Fbaking-powder biscuit
Gshortcake
Fbuttermilk biscuit,soda biscuit
Fhardtack,pilot biscuit,pilot bread,sea biscuit,ship biscuit
Drye bread
Eblack bread,pumpernickel
Elimpa
Dsalt-rising bread
Dsimnel
Dsour bread,sourdough bread
Dtoast
Ecinnamon toast
Eorange toast
Ezwieback,rusk,twice-baked bread
Dwafer3
Dwhite bread,light bread
E
Fbaguet,baguette
Bloaf2
Bmeat
Cstew meat
Cbird3,fowl2
Dpoultry2
Echicken,poulet,volaille
Fbroiler2
Fcapon
Ffryer,frier,pullet
Froaster2
Fspatchcock
Fhen3
Eguinea hen
Esquab2,dove2
Educk3
Fduckling
Egoose2
Eturkey2
Dwildfowl
Egrouse
Equail
Epartridge
Epheasant2
Cgame3
Dvenison
Dbuffalo2
Drabbit3,hare2
Cdark meat
Craw meat
Dgobbet
Cred meat
Cvariety meat,organs
Dgiblet,giblets
Doffal
Dheart3
Dliver2
Ecalves' liver,calf's liver
Echicken liver
Egoose liver
Etomalley
Dsweetbread,sweetbreads
Dbrain2
Ecalf's brain
Dstomach sweetbread
Dneck sweetbread,throat sweetbread
Dtongue4
Ebeef tongue
Ecalf's tongue
Dtripe
Ehoneycomb tripe
Dchitterlings,chitlins,chitlings
Dhaslet
Ccut4,cut of meat
Droast,joint5
Eblade roast
Epot roast
Fbottom round
Erib roast,standing rib roast
Etop round
Erump roast
Ebeef roast,roast beef
Eveal roast,roast veal
Fbreast of veal
Ffricandeau
Elamb roast,roast lamb
Frack of lamb,crown roast
Fleg of lamb,gigot
Epork roast,roast pork
Dconfit
Dchop
Emutton chop
Elamb chop,lamb-chop,lambchop
Eporkchop
Dchine
Dleg6
Eham hock
Dside3,side of meat
Eside of beef
Eside of pork
Fpork belly
Dforequarter
Dhindquarter
Dcut of beef
Echuck3
Echuck short ribs
Eplate11
Eflank
Ebeef loin
Ewedge bone
Eflat bone
Epin bone
Esirloin tip
Eblade5
Ebeef neck
Eshort ribs
Eround5
Erump
Eaitchbone
Drib4
Esparerib
Dentrecote
Dshank5
Eforeshank
Ehindshank
Dshin2,shin bone
Dbrisket
Dsteak
Efish steak
Fflitch
Ebeefsteak
Fflank steak
Fminute steak
Fsirloin steak
Ffillet3,filet2
Gtournedos
Gfilet mignon
Fclub steak
Fporterhouse,porterhouse steak
Fround steak
Frump steak
Fstrip steak
Fchopped steak,chop steak,chopsteak,hamburger steak,beef patty
Dloin
Eshort loin
Dsirloin
Dtenderloin,undercut3
Ebeef tenderloin
Epork tenderloin
Dneck4
Dshoulder4
Dcut of veal
Escrag2,scrag end
Dcut of mutton
Escrag
Dcut of lamb
Ebreast of lamb,poitrine d'agneau
Esaddle of lamb
Eloin of lamb
Dsaddle4
Drack4
Dcut of pork
Epork loin
Eham,jambon,gammon
Fprosciutto
Epicnic ham,picnic shoulder
Ebacon
Fflitch2,side of bacon
Fgammon2
Fbacon strip
Espareribs2
Ccold cuts
Dlunch meat,luncheon meat
Cbeef2,boeuf
Dground beef,hamburger2
Dbully beef,corned beef,corn beef
Dpastrami
Ccarbonado2
Chalal
Cjerky,jerked meat,jerk
Dbeef jerky
Dbiltong
Cpemmican,pemican
Cveal,veau
Dcalves' feet
Chorsemeat,horseflesh
Cmouton,mutton
Clamb2
Cpork,porc
Dcochon de lait,suckling pig
Dsalt pork
Efatback
Esowbelly
Dpigs' feet,pigs' knuckles
Csausage2
Dblood sausage,blood pudding,black pudding
Dbologna
Epolony
Dchipolata
Dchorizo
Dfrank,frankfurter,hotdog2,hot dog2,dog4,wiener,wienerwurst,weenie
Dheadcheese
Dknackwurst,knockwurst
Dliver pudding,liver sausage,liverwurst
Dpepperoni
Dpork sausage
Ebanger2
Ebratwurst,brat
Elinguica
Esaveloy
Dsalami
Dsouse
Csausage meat
Cescargot,snail2
Bpasta2,alimentary paste
Cfarfalle,bowtie pasta
Cnoodle
Degg noodle
Corzo
Cspaghetti2
Cspaghettini
Ctortellini
Cziti
Crigatoni
Cfedelline
Clinguine,linguini
Cfettuccine,fettuccini
Cvermicelli
Cmacaroni
Clasagna2,lasagne2
Cpenne
Cravioli,cappelletti
Ctagliatelle
Cmanicotti
Ccouscous2
Cdumpling,dumplings
Dgnocchi
Dmatzo ball,matzoh ball,matzah ball
Dwon ton,wonton
Cmostaccioli
Bhealth food
Bjunk food
Bbreakfast food
Ccereal2
Dhot cereal
Emush,cornmeal mush
Fatole
Fhasty pudding2
Fpolenta
Egrits,hominy grits
Ekasha
Efrumenty
Dcold cereal,dry cereal
Egranola
Eraisin bran
Ecorn flake
Ebran flake
Ewheatflake
Epuffed rice
Epuffed wheat
Cmuesli
Bproduce,green goods,green groceries,garden truck
Cedible fruit
Dfreestone
Dcling,clingstone
Dwindfall
Dapple
Ecrab apple,crabapple
Eeating apple,dessert apple
Ecooking apple
Dberry
Ebilberry,whortleberry
Ehuckleberry
Eblueberry
Ewintergreen,boxberry,checkerberry,teaberry,spiceberry
Ecranberry
Elingonberry,mountain cranberry,cowberry,lowbush cranberry
Ecurrant
Fgooseberry
Fblack currant
Fred currant
Eblackberry
Eboysenberry
Edewberry
Eloganberry
Eraspberry
Esaskatoon,serviceberry,shadberry,juneberry
Estrawberry
Esugarberry,hackberry
Epersimmon
Eacerola,barbados cherry,surinam cherry
Emulberry
Dlanseh,lansa,lansat,lanset
Dcarambola,star fruit
Dceriman,monstera
Dcarissa plum,natal plum
Dcitrus,citrus fruit,citrous fruit
Eorange
Ftemple orange
Fbitter orange,sour orange
Fsweet orange
Gnavel orange
Emandarin,mandarin orange
Fclementine
Fsatsuma
Ftangerine
Ekumquat
Elemon2
Elime4
Fkey lime
Egrapefruit
Epomelo,shaddock
Ecitrange
Ecitron
Dtangelo,ugli,ugli fruit
Dapricot
Dpeach
Dnectarine
Dpitahaya
Dplum
Edamson,damson plum
Egreengage,greengage plum
Ebeach plum
Esloe
Ddried fruit
Edried apricot
Eprune
Eraisin
Fseedless raisin,sultana2
Fseeded raisin
Fcurrant2
Dfig
Dpineapple,ananas
Danchovy pear,river pear
Dbanana
Dpassion fruit
Egranadilla
Esweet calabash
Ebell apple,sweet cup,water lemon,yellow granadilla
Dbreadfruit
Djackfruit,jak,jack7
Dcanistel,eggfruit
Dmelon
Emelon ball
Emuskmelon,sweet melon
Fcantaloup,cantaloupe
Fwinter melon
Ghoneydew,honeydew melon
Gcasaba,casaba melon
Fnet melon,netted melon,nutmeg melon
Ewatermelon
Dcherry
Esweet cherry,black cherry
Fbing cherry
Fheart cherry,oxheart,oxheart cherry
Gblackheart,blackheart cherry
Ecapulin
Esour cherry
Famarelle
Fmorello
Dcocoa plum,coco plum,icaco
Dgrape2
Emuscadine,bullace grape
Fscuppernong
Eslipskin grape
Ffox grape
Evinifera grape
Femperor
Fmuscat2,muscatel2,muscat grape
Fribier
Fsultana
F
Gflame tokay
Dcustard apple
Echerimoya,cherimolla
Esoursop,guanabana
Ebullock's heart
Esweetsop,annon,sugar apple
Eilama
Epond apple
Dpapaw,pawpaw
Dpapaya
Dkai apple
Dketembilla,kitembilla,kitambilla
Dackee,akee
Ddurian
Dfeijoa,pineapple guava
Dgenip
Dgenipap,genipap fruit
Dkiwi,kiwi fruit
Dloquat
Dmangosteen
Dmango
Dsapodilla,sapodilla plum,sapota
Dsapote,mammee2,marmalade plum
Dtamarind,tamarindo
Davocado,alligator pear,avocado pear,aguacate
Ddate
Delderberry
Dguava
Dmombin
Dhog plum2,yellow mombin
Dhog plum,wild plum
Djaboticaba
Djujube
Dlitchi,litchi nut,litchee,lichi,leechee,lichee,lychee
Dlonganberry,dragon's eye
Dmamey,mammee,mammee apple
Dmarang
Dmedlar2
Dmedlar
Dpear
Ebosc
Eanjou
Ebartlett,bartlett pear
Eseckel,seckel pear
Dplumcot
Dpomegranate
Dprickly pear
Dgarambulla
Dblade apple
Dquandong,quandang,quantong,native peach
Dquince
Drambutan,rambotan
Dpulasan,pulassan
Drose apple
Dsorb,sorb apple
Dsour gourd2
Dsour gourd,monkey bread
Cvegetable,veggie,veg
Djulienne,julienne vegetable
Draw vegetable,rabbit food
Dlegume
Epulse
Ebean,edible bean
Fgoa bean
Fmung bean,mung,green bean2,green gram,golden gram,moong,mash bean,munggo,monggo,green soy
Fcommon bean
Gkidney bean
Gnavy bean,pea bean,white bean
Gpinto bean
Gfrijole
Gblack bean,turtle bean
Gfresh bean
Hgreen bean
Isnap bean,snap3
Istring bean
Iscarlet runner,scarlet runner bean,runner bean
Iharicot vert,haricots verts
Hwax bean,yellow bean
Hshell bean
Ilima bean
Isieva bean,butter bean,butterbean,civet bean
Ifava bean,broad bean2
Igreen soybean
Gflageolet2,haricot
Fsoy2,soybean,soya,soya bean
Gfield soybean
Elentil
Epea
Fgreen pea,garden pea
Gsnow pea,sugar pea
Gsugar snap pea
Gsplit-pea
Fmarrowfat pea
Fcajan pea,pigeon pea,dahl
Ffield pea
Echickpea,garbanzo
Eblack-eyed pea,cowpea
Dpotherb
Dgreens,green,leafy vegetable
Echop-suey greens
Esprout
Fbean sprout
Falfalfa sprout
Ebeet green
Echard,spinach beet,leaf beet
Esalad green,salad greens
Flettuce2
Gbutterhead lettuce
Hbuttercrunch
Gcrisphead lettuce,iceberg lettuce,iceberg
Gcos,cos lettuce,romaine,romaine lettuce
Gleaf lettuce,loose-leaf lettuce
Fceltuce
Fchicory2,curly endive
Gradicchio
Fchicory escarole,endive,escarole
Gwitloof
Fcress
Gwatercress
Ggarden cress
Gwinter cress
Fsalad burnet
Edandelion green
Elamb's-quarter,pigweed,wild spinach2
Ewild spinach
Eturnip greens
Esorrel,common sorrel
Espinach
Dsolanaceous vegetable
Eeggplant,aubergine,mad apple
Epepper2
Fsweet pepper
Gbell pepper
Ggreen pepper
Gglobe pepper
Gpimento,pimiento
Fhot pepper
Gchili2,chili pepper,chilli,chilly,chile
Hjalapeno,jalapeno pepper
Ichipotle
Hcayenne2,cayenne pepper2
Gtabasco2,red pepper2
Etomato
Fbeefsteak tomato
Fcherry tomato
Gplum tomato
Etomatillo,husk tomato
Droot vegetable
Epotato,white potato,murphy,spud2,tater
Fbaked potato
Gjacket potato
Ffrench fries,french-fried potatoes,fries,chips
Fhome fries,home-fried potatoes
Fmashed potato
Eyam2
Esweet potato2
Fyam
Esunchoke
Ebeet,beetroot
Fsugar beet
Fmangel-wurzel
Ecarrot
Eceleriac,celery root
Esalsify
Foyster plant,vegetable oyster
Fscorzonera,black salsify
Eparsnip
Eradish
Eturnip
Fwhite turnip
Frutabaga,swede,swedish turnip,yellow turnip
Etaro,taro root,cocoyam,dasheen,edda
Dpieplant,rhubarb
Dcruciferous vegetable
Emustard2,mustard greens,leaf mustard
Ecabbage,chou
Fkale2,kail,cole
Gcollards,collard greens
Fcelery cabbage
Fbok choy,bok choi
Fhead cabbage
Gred cabbage
Gsavoy cabbage,savoy
Ebroccoli
Ecauliflower
Ebrussels sprouts
Ebroccoli rabe,broccoli raab
Ekohlrabi,turnip cabbage
Dsquash
Esummer squash
Fyellow squash
Gcrookneck,crookneck squash,summer crookneck
Fzucchini,courgette
Fmarrow3,vegetable marrow
Fcocozelle
Fpattypan squash
Fspaghetti squash
Ewinter squash
Facorn squash
Fbutternut squash
Fhubbard squash
Fturban squash
Gbuttercup squash
Fcushaw
Fwinter crookneck squash
Dcucumber,cuke
Egherkin2
Dartichoke,globe artichoke
Dartichoke heart
Dasparagus
Dbamboo shoot
Donion
Egreen onion,spring onion,scallion
E
Fpurple onion,red onion
Eshallot
Dleek
Dcardoon
Dcelery
Epascal celery
Dgumbo2,okra
Dmushroom
Dpumpkin
Dtruffle,earthnut2
Dplantain
Dfennel,finocchio
Ceater
Bcoconut,coconut meat
Ccopra
Bdika bread
Bfish2
Cpanfish
Cstockfish
Canchovy
Ceel
Dsmoked eel
Delver
Cmullet,grey mullet,gray mullet
Calewife
Cschrod,scrod
Chaddock
Dfinnan haddie,finnan haddock,finnan,smoked haddock
Chake
Ctrout
Drainbow trout
Dsea trout,salmon trout
Crock salmon
Csalmon2
Dred salmon,sockeye,sockeye salmon
Dchinook salmon,chinook,king salmon
Dsilver salmon,coho salmon,coho,cohoe
Dsmoked salmon
Elox
Dkippered salmon
Cshad
Csmelt
Drainbow smelt
Dsparling
Bseafood
Csaltwater fish
Dbream2,sea bream
Dsea bass,bass2
Estriped bass,striper
Dgrouper
Dcroaker
Dwhiting2
Dwhiting
Dcusk
Ddolphinfish,mahimahi
Dmonkfish
Dtuna,tuna fish,tunny
Ealbacore
Ebonito
Ebluefin,bluefin tuna
Dmackerel
Esmoked mackerel
Dpompano
Dblowfish,sea squab,puffer,pufferfish
Efugu
Dherring
Ekipper,kippered herring
Ebloater
Epickled herring
Frollmops
Ered herring,smoked herring
Esprat,brisling
Ewhitebait
Dkingfish
Dlingcod
Dbluefish2
Dswordfish
Dbutterfish
Dcod,codfish
Esalt cod
Dpollack,pollock
Dporgy,scup2
Dscup
Dflatfish
Eflounder
Fyellowtail flounder
Fplaice
Fturbot
Fsand dab
Flemon sole,winter flounder
Esole2,fillet of sole
Fgrey sole,gray sole
Flemon sole2
Ehalibut
Drockfish
Eredfish,rosefish,ocean perch
Dsailfish
Dweakfish
Dsardine,pilchard
Dsnapper2
Ered snapper
Dred rockfish
Cfreshwater fish
Dbream,freshwater bream
Dfreshwater bass,bass3
Elargemouth bass
Esmallmouth bass
Dcarp
Dbuffalofish
Dpike4
Emuskellunge
Epickerel
Dsucker
Dcatfish,mudcat
Dperch2
Dsunfish
Ecrappie
Dbrook trout,speckled trout
Dlake trout
Dwhitefish2
Elake herring,cisco
Csquid,calamari,calamary
Coctopus
Cperiwinkle,winkle
Cwhelk
Cshellfish
Dmussel
Dhuitre,oyster2
Ebluepoint,blue point
Dclam3
Equahaug,quahog,hard-shell clam,round clam
Flittleneck,littleneck clam
Fcherrystone,cherrystone clam
Esoft-shell clam,steamer3,steamer clam,long-neck clam
Dcockle
Dcrab2,crabmeat
Eblue crab
Ecrab legs
Esoft-shell crab,soft-shelled crab
Eking crab
Estone crab
Dcrayfish2,crawfish,crawdad,ecrevisse
Dlimpet
Dlobster
Elangoustine,scampo
Elobster tail
Dspiny lobster,langouste,rock lobster,crayfish
Dscallop,scollop,escallop
Esea scallop
Ebay scallop
Cprawn,shrimp
Driver prawn
Cwhitefish
Croe,hard roe
Dcoral2
Dcaviar,caviare
Ebeluga caviar
Dshad roe
Cmilt,soft roe
Bslop4
Amaterial3,stuff2
Bballast
Bbedding material,bedding2,litter2
Brind
Cbacon rind
Cpeel,skin4
Djacket5
Dbanana peel,banana skin
Dlemon peel,lemon rind
Elemon zest
Dorange peel,orange rind
Eorange zest
Ccheese rind
Brecycling
Bprecursor
Batom2,molecule2,particle,corpuscle,mote,speck
Cchylomicron
Cflyspeck
Cidentification particle
Bammunition2
Bfloccule,floc
Baggregate2
Braw material,staple5
Cfeedstock
Bsorbate
Cabsorbate
Cadsorbate
Bsorbent,sorbent material
Cabsorbent material,absorbent
Dsponge
Dabsorber
Cadsorbent,adsorbent material
Bdiamagnet
Bmineral
Cader wax,earth wax,mineral wax,ozokerite,ozocerite
Camblygonite
Camphibole
Dnephrite
Dactinolite
Danthophyllite
Dasbestos
Echrysotile
Etremolite
Dhornblende
Camphibole group
Capatite
Dfluorapatite
Caragonite
Cargentite
Cargyrodite
Carsenopyrite,mispickel
Casphalt2,mineral pitch
Caugite
Cbaddeleyite
Cbastnasite,bastnaesite
Cbauxite
Cberyl
Cborax
Cbornite,peacock ore
Ccarnallite
Ccassiterite
Ccelestite
Ccerussite,white lead ore
Cchalcocite,copper glance
Cchalcopyrite,copper pyrites
Cchlorite
Cchromite
Cchrysoberyl
Dalexandrite
Ccinnabar
Ccobaltite
Ccolumbite-tantalite,coltan
Ccordierite
Dwater sapphire
Ccorundom,corundum
Dalumina,aluminum oxide,aluminium oxide
Ealundum
Ccristobalite
Ccrocolite
Ccryolite
Ccuprite
Cdolomite2,bitter spar
Cearth color
Dsienna
Eburnt sienna
Eraw sienna
Docher,ochre
Esinopis,sinopia,sinoper
Eyellow ocher,yellow ochre
Dumber
Eraw umber
Eburnt umber
Cemery
Cerythrite,cobalt bloom
Cfergusonite
Cfluorite,fluorspar,fluor
Cgadolinite,ytterbite
Cgalena
Cgarnet
Dalmandite,almandine2
Dandradite
Edemantoid
Dcarbuncle
Dcinnamon stone,essonite,hessonite
Dpyrope
Drhodolite
Cgarnierite
Cgermanite
Cgibbsite
Cglauconite
Cgreenockite,cadmium sulphide
Cgypsum
Dalabaster
Dgesso
Dterra alba
Chausmannite
Cheavy spar,barite,barytes,barium sulphate2
Chemimorphite,calamine
Cilmenite
Cjadeite
Ckainite
Ckaolinite
Ckernite
Ckieserite
Ckyanite,cyanite
Clangbeinite
Cmagnesite
Cmalachite
Dazurite
Cmaltha,mineral tar
Cmanganite
Cmeerschaum2,sepiolite
Cmica,isinglass
Dbiotite
Elepidomelane
Dlepidolite
Dmuscovite
Edamourite
Dparagonite
Dphlogopite
Dzinnwaldite
Cmillerite
Cmolybdenite
Cmonazite
Cnepheline,nephelite
Cnephelinite
Cniobite,columbite
Cnitrocalcite
Colivine
Dchrysolite
Colivenite
Copal
Dblack opal
Dfire opal,girasol
Dharlequin opal
Core
Ddressed ore,concentrate
Diron ore
Egoethite,gothite
Echamosite
Ehematite,haematite
Elepidocrocite
Elimonite
Emagnetite,magnetic iron-ore
Eruddle,reddle,raddle
Esiderite,chalybite
Dlead ore
Emassicot,massicotite
Dpay dirt
Duranium ore
Ecarnotite
Euraninite,pitchblende
Corpiment
Cosmiridium,iridosmine
Cpentlandite
Cpericlase,magnesia,magnesium oxide
Cpinite
Cpollucite
Cpsilomelane
Cpyrite,iron pyrite,fool's gold
Cpyrolusite
Cpyromorphite,green lead ore
Cpyrophyllite
Cpyroxene
Cpyrrhotite,pyrrhotine,magnetic pyrites
Cquartz2
Dquartz crystal
Drock crystal,transparent quartz
Erhinestone
Dcairngorm,smoky quartz
Damethyst
Dchalcedony,calcedony
Eagate
Fmoss agate
Ebloodstone,heliotrope
Ecarnelian,cornelian
Eonyx
Fsardonyx
Eplasma
Esard,sardine3,sardius
Dcitrine
Drose quartz
Dsunstone,aventurine
Egoldstone
Dtopaz,false topaz,common topaz
Crealgar
Crhodochrosite
Crhodonite
Crutile
Csamarskite
Csapphirine
Cscheelite
Csmaltite
Csodalite
Cspar2
Dfeldspar,felspar
Eorthoclase
Eplagioclase,oligoclase
Falbite,white feldspar
Fanorthite
Dcalcite
Ealabaster2,oriental alabaster,onyx marble
Echalk2
Cspinel
Dspinel ruby,ruby spinel
Ealmandine
Ebalas,balas ruby
Erubicelle
Dpleonaste
Cspodumene
Dkunzite
Dhiddenite
Cstannite,tin pyrites
Cstibnite
Cstrontianite
Csylvanite,graphic tellurium
Csylvite,sylvine
Ctalc,talcum2
Dsoapstone,soaprock,soap-rock,steatite
Drensselaerite
Ctantalite
Cthorite
Cthortveitite
Ctridymite
Cturquoise
Cvanadinite
Cvermiculite
Cvesuvianite,vesuvian,idocrase
Cwolframite,iron manganese tungsten
Cwollastonite
Cwulfenite
Cwurtzite
Cxenotime
Czeolite
Dchabazite,chabasite
Dheulandite
Dnatrolite
Dphillipsite
Czinc blende,blende,sphalerite
Czinkenite
Czircon,zirconium silicate
Dhyacinth,jacinth
Djargoon,jargon
Brock,stone2
Cquartzite
Croad metal
Csedimentary rock
Dargillite
Darenaceous rock
Esandstone
Fgrit,gritrock,gritstone
Fbrownstone2
Fbluestone
Fgreensand
Fsiltstone
Dargillaceous rock
Drudaceous rock
Ebreccia
Dslate3
Dshale
Ehumic shale
Eoil shale
Csial
Csima
Cmetamorphic rock
Damphibolite
Dmarlite,marlstone
Dhornfels,hornstone
Dgneiss
Dschist
Cgravel,crushed rock
Dballast4
Dbank gravel,pit-run gravel,pit run
Dshingle3
Ccaliche2
Cshingling
Cpumice,pumice stone
Caphanite
Cclaystone
Cdolomite
Cemery stone,emery rock
Cpudding stone,conglomerate
Cfieldstone
Cgreisen
Ctufa,calc-tufa
Cmagma
Cigneous rock
Dandesite
Daplite
Dgroundmass
Dadesite
Dbatholith,batholite,pluton,plutonic rock
Egranite
Ddiorite
Dgabbro
Dpegmatite
Dperidotite
Ekimberlite
Drhyolite
Dvolcanic rock
Eagglomerate
Eamygdaloid
Edacite
Ebasalt
Evolcanic glass
Fobsidian
Fpitchstone
Ftachylite
Elava
Fpahoehoe
Fpillow lava
Etuff,tufa2
Dporphyry,porphyritic rock
Climestone
Drottenstone,tripoli
Cmarble3
Dverd antique,verde antique
Cmatrix2
Badhesive material,adhesive agent,adhesive
Cbirdlime,lime3
Cspirit gum
Cbinder4
Ccement3
Dglue,gum4,mucilage2
Eanimal glue
Ecasein glue
Efish glue
Emarine glue
Dputty
Diron putty
Dred-lead putty
Dmastic2
Cpaste3,library paste
Dwafer
Crubber cement
Bsealing material
Csealant,sealer
Dcaulk,caulking
Cfiller3
Dsize,sizing
Dstiffener
Clute2,luting
Banimal material
Canimal product
Dambergris
Dlac
Egarnet lac
Egum-lac
Eshellac2
Estick lac
Eseed lac
Danimal skin
Eparchment2,sheepskin2,lambskin2
Fvellum2
Ehide,fell2
Fcowhide3
Fgoatskin
Frawhide
Eleather
Fgrain2
Falligator
Fbuckskin2
Fbuff2
Fooze leather
Fcalf3,calfskin
Gbox calf
Fwhite leather,whit leather
Fchamois,chamois leather,chammy,chammy leather,shammy,shammy leather
Gwash leather
Fcordovan
Fcowhide2,cowskin
Fcrushed leather,crush
Fdeerskin
Fdoeskin2
Fglove leather
Fhorsehide
Fkid,kidskin
Fmocha
Fmorocco
Fpatent leather
Fpigskin
Fsheepskin,fleece3
Fshoe leather
Fsuede2,suede leather
Froan
Efur2,pelt
Fastrakhan
Fbearskin2
Fbeaver4,beaver fur
Fchinchilla2
Fermine
Ffox2
Flambskin
Gbroadtail
Flapin,rabbit2
Fleopard
Fmink2
Fmuskrat,muskrat fur
Ghudson seal
Fotter
Fraccoon
Fsable3
Fseal5,sealskin2
Fsquirrel2
Cdentine,dentin
Divory,tusk
Cbone2,osseous tissue
Chorn8
Dwhalebone,baleen
Dtortoiseshell
Cshell5
Dmother-of-pearl,nacre
Bfluff2
Bbimetal
Babrasive,abradant2,abrasive material
Ccarborundum
Csteel wool,wire wool
Cemery cloth
Cemery paper,sandpaper
Bchemical,chemical substance
Cexplosive
Dcharge2,burster,bursting charge,explosive charge
Eshot4
Eundercharge
Dexplosive compound
Ecordite
Edynamite
Fgelignite,gelly
Eplastic explosive,plastique
Etrinitrotoluene
Dexplosive mixture
Eblasting gelatin
Dpropellant explosive,impulse explosive
Dwarhead,payload,load3
Eatomic warhead,nuclear warhead,thermonuclear warhead,nuke
Dhigh explosive
Edisrupting explosive,bursting explosive
Dlow explosive
Efirework,pyrotechnic
Fcatherine wheel,pinwheel3
Ffirecracker,cracker,banger
Gcannon cracker
Gcherry bomb
Gwhizbang2,whizzbang2
Ffizgig2
Fmaroon
Fserpent
Fskyrocket,rocket3
Fsparkler
Fsquib
Ftorpedo2
Dgunpowder,powder3
Dsmokeless powder
Dtetryl,nitramine
Creactant
Cdaminozide
Ccarrier4
Cbactericide2,bacteriacide
Ccarbon tetrahalide
Ccongener
Ccompound2,chemical compound
Dvanillin
Dacceptor
Dadduct
Dantiknock
Etetraethyl lead,lead tetraethyl
Dacid
Ealkapton,alcapton,homogentisic acid
Earsenic acid
Ecerotic acid,hexacosanoic acid
Echloric acid
Echlorous acid
Emonobasic acid
Edibasic acid
Etribasic acid
Etetrabasic acid
Efulminic acid
Egamma acid
Ehydriodic acid
Ehydrocyanic acid,prussic acid
Ehydroxy acid
Fhydroxybenzoic acid
Fjuniperic acid
Fsalicylic acid
Ftartaric acid
Gracemic acid
Ehyponitrous acid
Elysergic acid
Emanganic acid
Emethacrylic acid
Eselenic acid
Esulfonic acid,sulphonic acid
Etitanic acid
Eperchloric acid
Ecarboxylic acid
Facetic acid,ethanoic acid
Gacetum
Gtrichloroacetic acid,trichloracetic acid
Gvinegar2
Fhexanedioic acid,adipic acid
Fmucic acid
Fsuberic acid,octanedioic acid
Fsuccinic acid
Fsaccharic acid
Fsebacic acid,decanedioic acid
Fsorbic acid
Fvaleric acid,pentanoic acid
Ffatty acid
Gsaturated fatty acid
Hmargaric acid,heptadecanoic acid
Hbutyric acid,butanoic acid
Ihydroxybutyric acid,oxybutyric acid
Hcapric acid,decanoic acid
Hcaproic acid,hexanoic acid
Hcaprylic acid
Hlauric acid,dodecanoic acid
Hmyristic acid,tetradecanoic acid
Hpalmitic acid,hexadecanoic acid
Hstearic acid,octadecanoic acid
Gunsaturated fatty acid
Hmonounsaturated fatty acid
Ielaidic acid
Ioleic acid
Hpolyunsaturated fatty acid
I
Jalpha-linolenic acid
Jdocosahexaenoic acid
Jeicosapentaenoic acid
I
Jlinolenic acid
Ilinoleic acid,linolic acid
Hricinoleic acid
Heleostearic acid,elaeostearic acid
Gtrans fatty acid
Fbenzoic acid
Fpropionic acid,propanoic acid
Flactic acid
Fpropenoic acid,acrylic acid
Eaminobenzoic acid
Enitric acid,aqua fortis
Enitrous acid
Eaqua regia,nitrohydrochloric acid
Ebarbituric acid,malonylurea
Elansoprazole
Eboric acid2,boracic acid
Fperboric acid
Eboric acid,orthoboric acid
Ebromic acid
Ecarbamic acid
Ecarbolic acid,phenol2,hydroxybenzene,oxybenzene,phenylic acid
Ecarbonic acid
Echromic acid
Ecitric acid
Ecyanamide,cyanamid
Ecyanic acid
Ecyanuric acid
Eferricyanic acid
Eferrocyanic acid
Efluoroboric acid
Efluosilicic acid,hydrofluosilicic acid
Eformic acid
Efumaric acid
Egallic acid
Eglyceric acid
Eglycolic acid,glycollic acid,hydroxyacetic acid
Ehydrobromic acid
Ehydrochloric acid,chlorohydric acid
Fmuriatic acid
Ehydrogen chloride
Ehydrofluoric acid
Ehydroiodic acid
Ehypochlorous acid
Eiodic acid
Eisocyanic acid
Eitaconic acid
Emaleic acid
Eoxalacetic acid,oxaloacetic acid
Eoxalic acid,ethanedioic acid
Eoxyacid,oxygen acid
Fhypophosphoric acid
Fhypophosphorous acid,phosphorous acid,orthophosphorous acid
Fpolyphosphoric acid
Gmetaphosphoric acid
Gpyrophosphoric acid
Fperiodic acid
Fphosphoric acid,orthophosphoric acid
Ftungstic acid
Fvanadium pentoxide,vanadic acid
Epara aminobenzoic acid
Epectic acid
Epermanganic acid
Ephthalic acid
Epicric acid
Epyruvic acid
Edichromic acid
Esilicic acid
Esulfanilic acid,sulphanilic acid
Ethiocyanic acid
Etoluic acid
Etriphosphoric acid
Eundecylenic acid
Euric acid
Evitriol,oil of vitriol,sulfuric acid,sulphuric acid
Fbattery acid,electrolyte acid
Exanthic acid
Darsenide
Dhydrogen cyanide
Danionic compound
Dbase10,alkali
Epyridine
Ftriphosphopyridine
Epurine2
Epurine
Fadenine
Fguanine
Eimidazole,iminazole,glyoxaline
Emelamine,cyanuramide
Epyrimidine
Fcytosine
Fthymine
Dbinary compound
Esodium chloride,common salt
Fhalite,rock salt
Eammonia2
Fammonium,ammonium ion
Ecalcium carbide
Ewater2
Ftap water
Fbath water
Fdishwater
Fdistilled water
Fholy water
Fground water,spring water,well water
Fhard water
Flimewater
Fmeltwater
Fseawater,saltwater,brine
Gred tide
Ffresh water,freshwater
Grain,rainwater
Gcondensate
Fslush
Fsoft water
Fbilge2,bilge water
Fwater of crystallization,water of crystallisation,water of hydration
Ehydride
Fhydrazoic acid,azoimide,hydrogen azide
Fcalcium hydride,hydrolith
Fsodium hydride
Dtaurine
Dchromogen
Eurobilinogen,stercobilinogen
Dmanganese tetroxide
Dmonomer
Dozonide
Dorganic compound
Ealdehyde
Fparaldehyde,ethanal trimer
Facetaldehyde,ethanal
Fformaldehyde,methanal
Ffurfural,furfuraldehyde
Fglyceraldehyde,glyceric aldehyde
Fpropanal,propionaldehyde
Fpropenal,acrolein
Ealiphatic compound
Facetylene,ethyne,alkyne
Falicyclic compound
Falkene,olefine,olefin
Gethylene,ethene
Htrichloroethylene,trichloroethane
Fmethane series,alkane series,alkane,paraffin series,paraffin2
Gbutane
Gamine,aminoalkane
Haniline,aniline oil,aminobenzine,phenylamine
Henamine
Hmonoamine
Imonoamine neurotransmitter
Jserotonin
Jdopamine
Hptomaine,ptomain
Iputrescine
Icadaverine
Gethane
Gheptane
Ghexane
Gmethane
Hmarsh gas
Ealkylbenzene
Ftoluene,methylbenzene
Ealkyl halide,haloalkane
Fhaloform
Gbromoform,tribromomethane
Gfluoroform,trifluoromethane
Giodoform2,tri-iodomethane
Eamino acid,aminoalkanoic acid
Falanine
Fasparagine
Faspartic acid
Fcanavanine
Fcitrulline
Fcysteine
Fcystine
Fdopa,dihydroxyphenylalanine
Glevodopa
Fessential amino acid
Garginine
Ghistidine
Gisoleucine
Gleucine
Glysine
Gmethionine
Gphenylalanine
Gthreonine
Gtryptophan,tryptophane
Gvaline
Fgamma aminobutyric acid
Fglutamic acid,glutaminic acid
Fglutamine
Fglycine
Fhydroxyproline
Fiodoamino acid
Giodotyrosine
Hmono-iodotyrosine
Hdi-iodotyrosine
Giodothyronine
Htri-iodothyronine
Fornithine
Fproline
Fcreatine,creatin
Fsarcosine
Fserine
Fthyronine
Ftyramine
Ftyrosine
Ediamine
Eenol
Ehalon
Epeptone
Equaternary ammonium compound
Eproenzyme,zymogen
Epropylthiouracil
Eether3
Eacetal
Ealdol,aldehyde-alcohol
Facetaldol
Ealkaloid
Fhyoscyamine
Fpilocarpine
Fscopolamine,hyoscine
Fphysostigmine
Fcinchonine
Fephedrine
Fergonovine
Fergotamine
Fpseudoephedrine
Fbetaine
Fcaffeine,caffein
Frauwolfia
Ftubocurarine,curare
Eamide
Facetamide,ethanamide
Facrylamide
Fpeptide
Gfibrinopeptide
Gpolypeptide
Fproprionamide,propanamide
Erennet
Eazadirachtin
Ethiazine
Fphenothiazine,thiodiphenylamine
Ecacodyl,tetramethyldiarsine
Eneurochemical
Fneurotransmitter
Gacetylcholine
Fendorphin
Gbeta endorphin
Genkephalin
Eacyl anhydrides,acid anhydrides
Eacyl halide,acid halide
Facetyl chloride,ethanoyl chloride
Ecreosote2,coal-tar creosote
Ecreosote
Enitrile,nitril,cyanide
Fpropenonitrile,acrylonitrile,vinyl cyanide
Ecyanohydrin
Eester
Fbanana oil
Fcellulose ester
Gcellulose nitrate,nitrocellulose,guncotton,nitrocotton
Hpyrocellulose
Hpyroxylin,pyroxyline
Gcellulose acetate
Hcellulose triacetate,triacetate
Gcellulose xanthate,viscose2
Fcyclohexanol phthalate
Fethyl acetate
Fglyceryl ester
Gbutyrin
Htributyrin
Gglyceride,acylglycerol
Gglycerin jelly
Gglycerite,glycerole
Gglycerogelatin,glycerogel
Gpalmitin
Gstearin
Gmargarin,glycerol trimargarate
Gtriolein,olein
Gtripalmitin,glycerol tripalmitate
Gtristearin,glycerol tristearate
Fmaleate
Fnucleotide,base9
Gbase pair
Gadenosine monophosphate,adenylic acid
Gadenosine diphosphate
Gadenosine triphosphate
Gdeoxyadenosine monophosphate
Gdeoxycytidine monophosphate
Gdeoxyguanosine monophosphate
Gdeoxythymidine monophosphate
Gmuton
Gpolynucleotide
Goligonucleotide,oligo
Guracil
Fpolyester3
Furethane
Efuran,furane,furfuran
Fnitrofuran
Eglycoside
Fglucoside
Gamygdalin
Hlaetrile
Gsaponin
Fnucleoside
Gadenosine
Ginosine
Gdeoxyadenosine
Gdeoxycytidine,cytidine
Gdeoxyguanosine,guanosine
Gdeoxythymidine,thymidine
Fstrophanthin
Eresin,rosin
Fkino gum2
Fnatural resin
Gsandarac2,sandarach
Gguaiacum
Gstorax
Gscammony2
Gacaroid resin,accaroid resin,accroides,accroides resin,accroides gum,gum accroides
Ganime2,gum anime
Gasafetida,asafoetida
Gcamphor
Gcannabin,cannabis resin
Gamber
Gcopal
Hcourbaril copal
Hcopalite,copaline,fossil copal
Hcongo copal,congo gum
Hkauri,kauri copal,kauri resin,kauri gum
Hanime
Gdammar,gum dammar,damar,dammar resin
Gcolophony
Gmastic
Goleoresin
Hlabdanum2,ladanum
Hbalsam2
Itolu,balsam of tolu,tolu balsam
Ibalm2
Hturpentine,gum terpentine
Hcopaiba,copaiba balsam,balsam capivi
Hlabdanum,gum labdanum
Holeoresin capiscum
Ggum resin
Helemi,gum elemi
Hmyrrh,gum myrrh,sweet cicely3
Hbenzoin,gum benzoin,benjamin,gum benjamin,asa dulcis
Hbdellium
Hgamboge
Gwood tar
Hpine tar
Fsynthetic resin
Gacrylic4,acrylic resin,acrylate resin
Hpolypropenonitrile
Hpolymethyl methacrylate
Iplexiglass
Gpolyethylene,polythene
Gallyl resin
Gurea-formaldehyde resin
Galkyd,alkyd resin
Gphenolic resin,phenolic,phenoplast
Gepoxy,epoxy resin,epoxy glue
Gmelamine resin
Gpolyester2
Hpolyester fiber
Gvinyl polymer,vinyl resin,polyvinyl resin
Hpolyvinyl acetate
Hpolyvinyl chloride
Hstyrene,cinnamene,phenylethylene,vinylbenzene
Ipolystyrene
Ehalocarbon
Ffluorocarbon
Gchlorofluorocarbon
Hhydrochlorofluorocarbon
Ghydrofluorocarbon
Gperfluorocarbon
Gtetrafluoroethylene
Ehemiacetal
Ehemolysin,haemolysin,erythrolysin,erythrocytolysin
Fstreptolysin
Ehumic substance
Ffulvic acid
Fhumic acid
Fhumin
Ehydrocarbon
Fchlorobenzene
Faromatic compound
Faromatic hydrocarbon
Gbenzene,benzine,benzol
Hbenzene formula,benzene ring,benzene nucleus
Findene
Fcymene
Fdioxin
Fbitumen
Gpitch,tar
Hcoal tar
Fbutadiene
Gchloroprene
Fnaphtha
Fnaphthalene
Fpyrene
Foctane
Fterpene
Glimonene
Fprovitamin
Gcarotene,carotin
Hbeta-carotene
Eketone
Facetone,propanone,dimethyl ketone
Fbutanone,methyl ethyl ketone
Fflavin
Fketone body,acetone body
Gacetoacetic acid
Gbeta-hydroxybutyric acid
Enitrobenzene
Eoxime
Epetrochemical
Ephosphocreatine,creatine phosphate,creatine phosphoric acid
Ephenol
Fpyrogallol,pyrogallic acid
Fcreosol
Fcresol,methyl phenol
Fnaphthol
Galpha-naphthol
Gbeta-naphthol
Fresorcinol
Ftannin,tannic acid
Gcutch,kutch
Gcatechin
Fthymol,thyme camphor,thymic acid
Epyrimidine2
Equassia
Esteroid
Fketosteroid
Fbile acid
Gcholic acid
Fcardiac glycoside,cardiac glucoside
Gdigitalis,digitalis glycoside,digitalin
Hdigitoxin
Hdigoxin
Enonsteroid,nonsteroidal
Fdiethylstilbesterol,stilbesterol
Ethiouracil
Eurea,carbamide
Eimide
Exanthine
Dammine
Danhydride
Eacetic anhydride
Ephthalic anhydride
Dazide
Ehydrazoite
Dbitter principle
Dbuffer6
Dcalcium-cyanamide,cyanamide2
Dcarbonyl
Dcarbon disulfide
Dcofactor
Dcementite,iron carbide
Dchloropicrin,nitrochloroform
Dcomplex2,coordination compound
Ehydrochloride
Dallomorph
Dcorrosive
Daluminate
Ddefoliant
Ddepilatory2
Dderivative
Ddimer
Dfixing agent,fixer2
Efixative2
Ehypo2,sodium thiosulphate,sodium thiosulfate
Dflavone
Dformulation,preparation
Ecleansing agent,cleanser,cleaner
Fbathroom cleaner
Fdentifrice
Gtoothpaste
Gtooth powder,toothpowder
Fdetergent
Gdishwasher detergent,dishwashing detergent,dishwashing liquid
Glaundry detergent
Gliquid detergent
Fshampoo
Fsoap
Gbar soap
Gcastile soap
Gliquid soap
Gsaddle soap,leather soap
Gsoap flakes
Gsoap powder,built-soap powder,washing powder
Gsoft soap,green soap
Gtoilet soap,face soap,bath soap
Eglycerinated gelatin
Enebula
Epolish
Fshoe polish,blacking
Estarch2
Esmelling salts
Denantiomorph,enantiomer
Dexotherm
Dgoitrogen
Dbenzofuran,coumarone,cumarone
Dsynthetic,synthetic substance
Ephosphor
Erubber5,synthetic rubber
Fsilicone rubber
Fneoprene
Fbuna,buna rubber
Fbutyl rubber
Dhydrate
Emonohydrate
Dhydroxide2
Dincense
Ejoss stick
Dinorganic compound
Ecarbide
Fsilicon carbide
Drepellent2,repellant2
Einsectifuge,insect repellent,insect repellant
Drepellent,repellant
Diodocompound
Disomer
Dhydroxide,hydrated oxide
Ealuminum hydroxide,aluminium hydroxide,hydrated aluminum oxide,hydrated aluminium oxide
Ecalcium hydroxide,lime,slaked lime,hydrated lime,calcium hydrate,caustic lime,lime hydrate
Emagnesium hydroxide
Epotash,caustic potash,potassium hydroxide
Esodium hydroxide,caustic soda
Dmenthol2
Dnitrogen mustard
Dnitride
Emagnesium nitride
Doxide
Epentoxide
Enitrogen oxide
Ecalcium oxide,quicklime,lime2,calx,calcined lime,fluxing lime,unslaked lime,burnt lime
Ecopper oxide
Edioxide
Fnitrogen dioxide
Fcarbon dioxide,carbonic acid gas
Gchokedamp,blackdamp
Fchlorine dioxide
Fsulfur dioxide,sulphur dioxide
Eferric oxide
Frust
Emonoxide
Fcarbon monoxide,carbon monoxide gas
Eperoxide2
Fbenzoyl peroxide
Ered lead,minium
Esilica,silicon oxide,silicon dioxide
Fchert
Gtaconite
Fflint
Ggunflint
Gfirestone
Gflintstone
Fsilex2
Esulfur oxide,sulphur oxide
Esuperoxide
Etetroxide
Etrioxide
Farsenic,arsenic trioxide,arsenous anhydride,arsenous oxide,white arsenic,ratsbane
Ezinc oxide,flowers of zinc,philosopher's wool,philosophers' wool
Ezirconium oxide,zirconia,zirconium dioxide
Dpolymer
Edeoxyribonucleic acid,desoxyribonucleic acid
F
Gprovirus
Fepisome
Fexon
Fintron
Frecombinant deoxyribonucleic acid
Fsticky end
Ftransposon,jumping gene
Eribonucleic acid
Ecopolymer
Epolyurethane,polyurethan
Fpolyfoam,polyurethane foam
Elignin
Epolyamide,polymeric amide
Etrimer
Dpreservative
Espice
Fstacte
Dquinone,benzoquinone
Eubiquinone
Dsalt
Eacetate2,ethanoate
Facetin
Flead acetate,sugar of lead
Ecitrate
Earsenate
Echlorate
Edibasic salt
Ehypochlorite
Fcalcium hypochlorite
Fsodium hypochlorite
Epyrophosphate
Esulfonate
Falkylbenzenesulfonate
Elactate
Eperchlorate
Ealkali2
Eammonium chloride,sal ammoniac
Ebenzoate
Fbenzoate of soda,sodium benzoate
Eborate
Eborosilicate
Ecalcium lactate
Ecalcium stearate,calcium octadecanoate
Ecarbamate
Fammonium carbamate
Ecarbonate
Fammonium carbonate
Fbicarbonate,hydrogen carbonate
Gbicarbonate of soda,sodium hydrogen carbonate,sodium bicarbonate,baking soda,saleratus
Gpotassium bicarbonate,potassium acid carbonate,potassium hydrogen carbonate
Gcalcium bicarbonate
Gmagnesium bicarbonate
Fpotassium carbonate
Gpearl ash
Fcalcium carbonate
Gdripstone2
Flithium carbonate
Fmagnesium carbonate
Efulminate
Fmercury fulminate,fulminate of mercury,fulminating mercury
Echromate
Flead chromate
Ecyanide2
Fsodium cyanide
Fpotassium cyanide
Epotassium bromide
Epotassium chlorate
Epotassium dichromate
Eferricyanide
Eferrocyanide
Fpotassium ferrocyanide
Efluoroboride
Efluosilicate
Eglutamate
Ehalide
Fbromide
Ghydrogen bromide
Gmethyl bromide
Gsilver bromide
Ffluoride
Gboron trifluoride
Ghydrogen fluoride
Gstannous fluoride
Gsulfur hexafluoride,sulphur hexafluoride
Fiodide
Gpotassium iodide
Ghydrogen iodide
Gsilver iodide
Gsodium iodide
Fchloride2
Gpotassium chloride,potassium muriate,potash muriate
Ftetrahalide
Eisocyanate
Ecalcium chloride
Ecalcium sulphate,calcium sulfate
Fplaster5
Emanganate
Etartrate
Fbitartrate
Eoxalacetate,oxaloacetate
Eoxalate
Furanyl oxalate
Epermanganate
Fpotassium permanganate,permanganate of potash
Ephosphate,orthophosphate,inorganic phosphate
Fcalcium phosphate
Fsodium phosphate,sodium orthophosphate
Epolyphosphate
Epropenoate,acrylate
Esalicylate
Fmethyl salicylate,birch oil,sweet-birch oil
Fsalol,phenyl salicylate
Edouble salt
Fpotassium sodium tartrate
Ebile salt
Ecream of tartar,tartar,potassium bitartrate,potassium hydrogen tartrate
Esodium chlorate
Ebichromate,dichromate
Emicrocosmic salt
Esilicate
Esodium carbonate,washing soda,sal soda,soda ash,soda
Esodium carboxymethyl cellulose
Esodium fluoride
Esulfate,sulphate
Fbarium sulphate,barium sulfate,blanc fixe
Fcopper sulfate,copper sulphate,cupric sulfate,cupric sulphate
Gblue vitriol,blue copperas,blue stone,chalcanthite
Fmagnesium sulfate
Gbitter salts
Fsodium lauryl sulphate,sodium lauryl sulfate
Fsodium sulphate,sodium sulfate
Fzinc sulfate,zinc sulphate,white vitriol,zinc vitriol
Ethiocyanate
Etungstate
Eurate
Ftophus,chalkstone
Evanadate
Exanthate
Dcaustic
Elye
Dnitrate
Ecalcium nitrate
Esodium nitrate,soda niter
Epotassium nitrate,saltpeter,saltpetre,niter,nitre
Enitroglycerin,nitroglycerine,trinitroglycerin,glyceryl trinitrate
Eammonium nitrate
Esilver nitrate
Flunar caustic
Euranyl nitrate
Dchloride
Ecalomel,mercurous chloride
Etrichloride
Fnitrogen trichloride
Edichloride,bichloride
Eperchloride
Firon perchloride
Ealuminum chloride,aluminium chloride
Emethylene chloride,dichloromethane
Eobidoxime chloride
Esilver chloride
Estannic chloride
Ehemin,protohemin
Dheterocyclic compound,heterocyclic,heterocycle
Echelate,chelate compound
Dsilicide
Dsiloxane
Esilicone,silicone polymer
Fbouncing putty
Dsolvate
Dsternutator,sternutatory
Dstripper2
Dsulfide,sulphide
Epyrites
Ehydrogen sulfide
Eiron disulfide
Ecadmium sulfide
Fzinc cadmium sulfide
Ezinc sulfide,zinc sulphide
Dtelluride
Dtenderizer,tenderiser
Dtetrachloride
Dtriazine
Dyellowcake
Denamel3
Dpregnanediol
Csoil conditioner
Cfertilizer,fertiliser,plant food
Dorganic,organic fertilizer,organic fertiliser
Ebonemeal
Eneem cake
Emanure
Fchicken manure
Fcow manure
Fgreen manure
Fhorse manure
Fnight soil
Efish meal
Cflux
Dsoldering flux
Cfumigant
Cherbicide,weedkiller,weed killer
Datrazine
Dlinuron
Dparaquat
Dsilvex
Dsimazine
Cintermediate
Cfraction2
Clarvicide
Cpesticide
Dacaricide,acaracide
Darsenical
Dinsecticide,insect powder
Epyrethrum
Edichlorodiphenyltrichloroethane
Elarvacide
Elead arsenate
Elindane
Eorganophosphate
Fchlorpyrifos
Eparathion
Erotenone
Dpediculicide
Dscabicide
Dsheep dip
Dspray3
Cphytochemical
Dcarotenoid
Ecarotene2
Elycopene
Exanthophyll,xanthophyl,lutein
Ezeaxanthin
Dflavonoid
Cproduct3
Dhydrolysate
Dfiltrate
Epercolate
Crestrainer
Cstabilizer3
Csoftener
Dconditioner
Dplasticizer,plasticiser
Dwater softener
Bcomposite material
Bconductor2
Csemiconductor2,semiconducting material
Binsulator,dielectric,nonconductor
Cbushing
Cmineral wool,rock wool
Cglass wool
Bcontaminant,contamination
Bparticulate,particulate matter
Cdust
Dchalk dust
Dfallout,radioactive dust
Bdust3
Belastomer
Bearth2,ground4
Cdiatomaceous earth,diatomite,kieselguhr
Csaprolite
Csoil,dirt
Dmarl
Dregosol
Dresidual soil,residual clay
Dtopsoil,surface soil
Dsubsoil,undersoil
Dalluvial soil
Dbog soil
Dclay
Eadobe2
Eargil
Echina clay,china stone,kaolin,kaoline,porcelain clay,terra alba3
Ered clay
Epipeclay,terra alba2
Ebentonite
Efireclay
Epotter's clay,potter's earth
Fslip5
Edaub2
Dclunch
Ddesert soil,desertic soil
Dcaliche,hardpan
Dfuller's earth
Dgilgai soil
Dgumbo,gumbo soil
Dhumus
Dindurated clay
Dlaterite
Dloam
Eregur,regur soil
Echernozemic soil
Dloess
Dmold3,mould3
Eleaf mold,leaf mould,leaf soil
Dmud,clay2
Ebleaching clay,bleaching earth
Emud pie
Eslop2,mire
Dpodzol,podzol soil,podsol,podsol soil,podsolic soil
Dprairie soil
Dsand
Dsedimentary clay
Dsilt
Dtill2,boulder clay
Dtundra soil
Dwiesenboden
Bdischarge,emission
Cexudate,exudation
Dgum3
Esweet gum2,liquidambar
Eeucalyptus gum,eucalyptus kino,red gum
Ebalata,gutta balata
Eammoniac,gum ammoniac
Ecarrageenin,carrageenan
Econima
Edragon's blood
Eeuphorbium,gum eurphorbium
Efrankincense,olibanum,gum olibanum,thus
Egalbanum,gum albanum
Eghatti,ghatti gum
Eagar2,agar-agar
Ealgin,alginic acid
Echerry-tree gum
Echicle,chicle gum
Eguar gum
Egum arabic,gum acacia
Egum butea,butea gum,butea kino
Ekino,gum kino,kino gum
Emesquite gum
Emucilage
Esterculia gum,karaya gum
Egutta-percha
Elacquer2
Eopopanax
Esangapenum,gum sangapenum
Etragacanth
Dlatex2
Erubber4,natural rubber,gum elastic,caoutchouc
Ffoam rubber
Fcrepe rubber
Fcold rubber
Fhard rubber,vulcanite,ebonite
Ctransudate,transudation
Ceffluvium
Crheum
Cvaginal discharge
Bdetritus2
Bwaste,waste material,waste matter,waste product
Cimpurity,dross
Cbody waste,excretion,excreta,excrement,excretory product
Dfecal matter,faecal matter,feces,faeces,stool3,ordure,dejection
Ecrap,dirt2,shit,shite,poop2,turd
Edroppings,dung,muck2
Fpigeon droppings
Fcow pie,cowpie
Emeconium
Emelena,melaena
Dfecula
Dwormcast
Dhuman waste
Durine,piss,pee,piddle,weewee,water4
Dvomit2,vomitus,puke,barf
Dguano
Cfilth,crud2,skank
Csewage,sewerage2
Ceffluent,wastewater,sewer water
Cgarbage2,refuse,food waste,scraps
Cpollutant
Crubbish,trash,scrap2
Dscrap metal
Ddebris,dust2,junk2,rubble,detritus
Eslack2
Dlitter3
Cslop3
Ctoxic waste,toxic industrial waste
Bfiber2,fibre2
Cbristle
Coptical fiber,glass fiber,optical fibre,glass fibre
Cloofa,loofah,luffa,loufah sponge
Ccantala,manila maguey
Cbassine
Ccoir
Craffia2
Cstring7
Cfibril,filament2,strand3
Dcobweb2,gossamer2
Drhizoid
Eleak fungus,ring rot fungus
Dhypha
Econidiophore
Erhizomorph
Dparaphysis
Clint2
Cman-made fiber,synthetic fiber
Dacrylic fiber,acrylic3
Dnylon2
Cnatural fiber,natural fibre
Dpandanus
Dbowstring hemp2
Dbast,bast fiber
Danimal fiber,animal fibre
Ehorsehair2
Esilk2
Ewool2
Fraw wool
Falpaca2
Fcashmere2
Ffleece2
Fshoddy
Fvicuna2
Fvirgin wool
Dplant fiber,plant fibre
Ebuntal
Eflax
Ecotton3,cotton fiber,cotton wool
Fabsorbent cotton
Flong-staple cotton
Fshort-staple cotton
Ehemp2
Fkenaf,deccan hemp
Fbowstring hemp
Fabaca
Ejute
Ekapok,silk cotton,vegetable silk
Ered silk cotton
Estraw2
Eraffia,raphia
Esisal,sisal hemp
Dstaple4,staple fiber,staple fibre
Coakum
Craveling,ravelling
Bfilling3,fill
Ccement4
Bfoam
Bhomogenate
Bhumate
Bimpregnation
Bpaper2
Ccard
Dplaying card
Eace
Face of clubs
Face of diamonds
Face of hearts
Face of spades
Eclub4
Edeuce,two
Ediamond
Edraw2
Eface card,picture card,court card
Fjack5,knave
Fking2
Fqueen
Egaming card
Eheart
Ehole card
Ejoker
Esingleton
Espade
Espot3
Feight-spot,eight
Ffive-spot,five
Ffour-spot,four
Fnine-spot,nine
Fseven-spot,seven
Fsix-spot,six
Ften-spot,ten
Estopper
Esuit2
Fmajor suit
Fminor suit
Ftrump2
Etrey,three
Etrump,trump card
Ewild card
Dpunched card,punch card
Dtarot card,tarot
Dtrading card
Ebaseball card
Cconfetti
Csheet5,piece of paper,sheet of paper
Dslip2,slip of paper
Dsignature
Dleaf2,folio2
Eflyleaf
Einterleaf
Epage
Ffull page
Fhalf page
Frecto
Fverso2
Ftitle page
Fhalf title,bastard title
Fsports page
Fspread5,spread head,spreadhead,facing pages
Gcenter spread,centre spread
Gcenterfold,centrefold
Ffoldout,gatefold
Dtear sheet
Dfoolscap
Dstyle sheet
Dworksheet
Drevenue stamp,stamp4
Cart paper
Cblotting paper,blotter
Cblueprint paper
Ccarbon paper,carbon3
Ccardboard,composition board
Dbinder's board,binder board
Dcard5
Etimecard
Dcorrugated board,corrugated cardboard
Dpaperboard,poster board,posterboard
Dpasteboard
Emillboard
Dstrawboard
Ccartridge paper2
Cchad
Ddimpled chad,pregnant chad,dimple
Dhanging chad
Dswinging chad
Dtri-chad
Ccomputer paper
Cconstruction paper
Ccrepe2,crepe paper
Cdrawing paper
Dcartridge paper
Cfilter paper
Cflypaper
Cgraph paper
Cgreaseproof paper
Clinen3,linen paper
Clitmus paper
Cmanifold paper,manifold2
Cmanila,manila paper,manilla,manilla paper
Cmusic paper,score paper
Cnewspaper3,newsprint
Coilpaper
Cindia paper
Cpad5,pad of paper,tablet4
Dmessage pad,writing pad
Dnotepad
Escratch pad,scratch paper,scribbling block
Cpaper tape
Cpaper toweling
Cpapier-mache,paper-mache
Cpapyrus
Cparchment
Crice paper
Croofing paper,tar paper
Cticker tape
Ctissue2,tissue paper
Dcigarette paper,rolling paper
Dfacial tissue
Dtoilet tissue,toilet paper,bathroom tissue
Etoilet roll
Ctracing paper
Ctransfer paper
Cwallpaper
Cwaste paper
Cwax paper
Cwrapping paper
Dkraft,kraft paper
Dbutcher paper
Dgift wrap
Cwriting paper
Dstationery,letter paper2
Eletterhead
Dnotepaper
Drag paper
Dbond3,bond paper
Dledger paper
Dlaid paper
Dwove paper
Dletter paper
Dola,olla
Dtypewriter paper,typing paper
Eonionskin,flimsy
Dvellum
Bpacking material,packing,wadding
Cexcelsior,wood shavings
Bcoloring material,colouring material,color,colour
Cindicator2
Dabsorption indicator
Dacid-base indicator
Elitmus,litmus test
Dalpha-naphthol test
Doxidation-reduction indicator
Cmordant
Dchrome alum
Dtartar emetic,antimony potassium tartrate
Dsodium dichromate,sodium bichromate
Cdye,dyestuff
Dacid dye
Emetallized dye
Dalizarin yellow
Danil,indigo,indigotin
Daniline dye
Dazo dye
Econgo red
Emethyl orange
Dbasic dye,basic color,basic colour
Dbluing,blueing,blue3
Dbromophenol blue,bromphenol blue,tetrabromo-phenolsulfonephthalein
Dbromothymol blue,bromthymol blue
Dcochineal
Dcyanine dye
Ddirect dye,substantive dye
Dfluorescein,fluoresceine,fluorescent dye,resorcinolphthalein
Eeosin,bromeosin
Dfluorochrome
Efluorescein isothiocyanate,fluorescein isocyanate
Dhair dye,hair coloring,tint
Ehenna
Erinse
Dlac dye
Dorchil,archil,cudbear
Dquercitron
Dradiopaque dye
Dsafranine,safranin,saffranine
Epheno-safranine
Dvat dye,vat color
Dwoad
Ctincture2
Dargent
Chematochrome
Cpigment2
Dtitanium dioxide,titanium oxide,titanic oxide,titania
Dcobalt blue,cobalt ultramarine
Dmosaic gold,stannic sulfide
Danimal pigment
Ebilirubin,hematoidin,haematoidin
Eurobilin
Eluciferin
Emelanin
Dcerulean blue
Dchrome green
Dchrome yellow
Dbister,bistre
Divory black
Diron blue2
Dalizarin,alizarine
Ealizarin carmine,alizarin crimson,alizarin red
Dbole
Dlake2
Dlake
Dorange2
Dwatercolor3,water-color3,watercolour3,water-colour3
Dretinene,retinal
Dsepia
Dporphyrin
Dheme,haem,hematin,haemitin,protoheme
Dhemosiderin,haemosiderin
Dultramarine,ultramarine blue
Dphotopigment
Eiodopsin
Evisual purple,rhodopsin,retinal purple
Dcadmium yellow
Ecadmium yellow pale
Ecadmium orange
Dverdigris2,cupric acetate
Dwhite lead,ceruse,lead carbonate
Dzinc white
Cpigment3
Cstain
Dgentian violet,crystal violet
Dmethylene blue,methylthionine chloride
Dcounterstain
Bplant material,plant substance
Ccutin
Cchaff2,husk,shuck,stalk,straw3,stubble
Dbran
Ccork3
Cplant product
Dcoca
Dphytohormone,plant hormone,growth regulator
Eauxin
Findoleacetic acid
Findolebutyric acid
Egibberellin
Fgibberellic acid
Ekinin,cytokinin
Cvegetable tallow
Cwood3
Dbentwood
Dpine2
Eknotty pine
Ewhite pine2
Eyellow pine2
Dlarch
Dfir
Edouglas fir
Dcedar2,cedarwood
Ered cedar4
Fpencil cedar2
Dspruce
Dhemlock3
Dcypress
Ecypress pine
Fblack cypress pine,red cypress pine
Fwhite cypress pine
Fstringybark pine
Ejuniper2
Fpencil cedar,pencil cedar tree
Geastern red cedar,red cedar2,red juniper
Fsouthern red cedar
Fdwarf juniper2,savin
Fcommon juniper
Fground cedar2,dwarf juniper
Fcreeping juniper
Fdrooping juniper
Esequoia,redwood2
Fcoast redwood
Fgiant sequoia,big tree
Ebald cypress2,swamp cypress,pond bald cypress,southern cypress
Epond cypress,bald cypress
Esandarac3,sandarac tree
Dredwood
Dsandarac,citronwood2
Dkauri3
Dyellowwood
Dyew
Dlancewood
Dtulipwood2,true tulipwood,whitewood,white poplar2,yellow poplar
Dzebrawood
Dcocuswood,cocoswood,granadilla wood2
Dshittimwood3
Dsabicu,sabicu wood
Dbamboo
Dtulipwood
Dbalsa,balsa wood
Dsilver quandong
Dobeche
Dbasswood,linden
Dbeefwood2
Dbriarwood,brierwood,brier-wood
Dbeech2,beechwood
Dchestnut3
Doak
Efumed oak
Eholm oak
Dbirch2
Dalder
Dhazel2
Dolive4
Dash3
Dironwood2
Dwalnut2
Dhickory
Dpecan2
Dpyinma
Dgumwood,gum5
Esweet gum,satin walnut,hazelwood,red gum4
Deucalyptus
Dtupelo
Dpoon
Dred lauan
Delm2,elmwood
Dbrazilwood
Dlocust2
Dlogwood
Drosewood
Eamboyna
Dkingwood
Dgranadilla wood
Dblackwood
Dquira
Druby wood,red sandalwood
Dblack locust
Dcherry2
Dfruitwood
Eapplewood
Dlemonwood
Dincense wood
Dmahogany
Ecigar-box cedar
Dsatinwood2
Dorangewood
Dcitronwood
Dguaiac wood,guaiacum wood
Dlignum vitae,guaiac,guaiacum2
Dpoplar
Dsandalwood
Dboxwood
Dmaple
Ebird's-eye maple
Dsumac
Debony
Dsycamore,lacewood
Dteak,teakwood
Ddogwood2
Dsapwood
Dheartwood,duramen
Dburl
Dbrushwood
Dcabinet wood
Ddriftwood
Dlog2
Enurse log
Esaw log
Dmatchwood2
Dmatchwood,splinters
Dsawdust
Dwicker2
Ddyewood
Dhardwood
Dsoftwood,deal2
Epulpwood
Draw wood
Dknot2
Bradioactive material
Cradioactive waste
Dhigh-level radioactive waste
Dlow-level radioactive waste
Bthickening,thickener
Btoner3
Btransparent substance,translucent substance
Chyaline,hyalin
Dkeratohyalin
Bundercut2
Bbuilder,detergent builder
Csodium pyrophosphate,tetrasodium pyrophosphate
Csodium tripolyphosphate
Ctrisodium phosphate,trisodium orthophosphate,tribasic sodium phosphate
Bvernix,vernix caseosa
Bwad
Aplant part,plant structure
Bbutton7
Bthallus
Ccrustose thallus
Bcap7,pileus
Bcalyptra
Bvolva
Bdomatium
Bpycnidium
Bstipule
Btepal
Bgynostegium
Bchalaza
Bnucellus
Bgerm tube
Bpollen tube
Bmentum3
Bcorona3
Blip3
Bmycelium
Csclerotium
Bplant organ
Creproductive structure
Dagamete
Espore
Fbasidiospore
Fendospore
Fcarpospore
Fchlamydospore
Gteliospore
Fconidium,conidiospore
Foospore
Fresting spore
Ftetraspore
Fzoospore
Ffern seed
Fpollen
Gpollinium
Fmicrospore
Fmegaspore,macrospore
Faeciospore
Fascospore
Fzygospore
Dfructification
Dgleba
Dhymenium
Dsporocarp,spore case2
Dflower2,bloom,blossom
Efloret,floweret
Eapetalous flower
Einflorescence
Fflower head
Fcatkin,ament
Fumbel
Fcorymb
Fflower cluster
Graceme
Hpanicle
Gthyrse,thyrsus
Fcyme
Gcymule
Gglomerule
Gscorpioid cyme
Fspike9
Eray flower,ray floret
Ebud
Frosebud
Echrysanthemum
Dstamen
Danther
Dpistil
Esimple pistil
Ecompound pistil
Epistillode
Ecarpel
Fmericarp
Dstyle2
Estylopodium
Ecornsilk,corn silk
Dstigma2
Dovary2
Dovule
Eamphitropous ovule
Eanatropous ovule
Ecampylotropous ovule
Eorthotropous ovule
Eseed2
Dplacenta2
Dplacentation
Eapical placentation
Eaxile placentation
Ebasal placentation
Efree central placentation
Elamellate placentation
Emarginal placentation,ventral placentation
Eparietal placentation
Dtesta,episperm,seed coat
Dendosperm
Dgemma
Dcone2,strobilus,strobile
Efir cone
Egalbulus
Epinecone
Dbasidium
Epromycelium
Dantheridium
Dsporangium,spore case,spore sac
Emegasporangium,macrosporangium
Emicrosporangium
Eeusporangium
Eleptosporangium
Etetrasporangium
Dascus
Dsporophore
Dgametangium
Dgametoecium
Egynoecium
Eandroecium
Dgametophore
Eantheridiophore
Dsorus2
Dsorus
Dfruit2
Ejuniper berry
Eachene
Fsamara,key fruit,key7
Egourd2
Fcalabash3
Eprairie gourd
Equandong3,blue fig
Eacorn
Eolive2
Ehip4,rose hip,rosehip
Ewild cherry
Emarasca
Ehagberry
Echokecherry
Erowanberry
Ebuffalo nut,elk nut,oil nut
Eear3,spike8,capitulum2
Fmealie
Efruitlet
Eseed
Fedible seed
Gpumpkin seed
Gbetel nut,areca nut
Gwater chinquapin
Gdika nut
Gsunflower seed
Gcumin,cumin seed
Fcoffee bean,coffee berry,coffee2
Fpip
Fbonduc nut,nicker nut,nicker seed
Foilseed,oil-rich seed
Gcastor bean
Gcottonseed
Gcandlenut2
Grapeseed
Glinseed,flaxseed
Fsafflower seed
Fgrain3,caryopsis
Gamaranth
Gbarleycorn2
Gwheat berry2
Gkernel2
Hcorn4
Grye2
Fash-key
Fcoquilla nut
Fbabassu nut
Fcohune nut
Fivory nut,vegetable ivory,apple nut
Fneem seed
Fbuckeye,horse chestnut2,conker
Fjumping bean,jumping seed
Fbean3
Gtonka bean,coumara nut
Galgarroba3,algarrobilla,algarobilla
Gcalabar bean,ordeal bean
Gdivi-divi
Gcarob2,carob bean,algarroba bean,algarroba,locust bean,locust pod
Gsoy3,soybean2,soya bean2
Gbroad bean3,fava bean2,horsebean
Gmung2,mung bean2,green gram2,golden gram2,moong2,mash bean2,munggo2,monggo2,green soy2,green bean3
Fnut3
Gedible nut
Hbunya bunya
Hpeanut,earthnut,goober,goober pea,groundnut2,monkey nut
Halmond
Hquandong nut
Hbeechnut
Hwalnut
Iblack walnut
Hbrazil nut,brazil
Hbutternut
Hsouari nut
Hcashew,cashew nut
Hchestnut
Hchincapin,chinkapin,chinquapin
Hhazelnut,filbert,cobnut,cob
Hcoconut2,cocoanut
Hgrugru nut
Hhickory nut
Hmacadamia nut
Hpecan
Hpine nut,pignolia,pinon nut
Hpistachio,pistachio nut
Gcembra nut,cedar nut
Gkola nut,cola nut
Gmast4
Gpalm nut,palm kernel
Gnutlet
Hpyrene2
Eberry2
Fbaneberry
Fsimple fruit,bacca
Eaggregate fruit,multiple fruit,syncarp
Fsyconium
Edrupe,stone fruit
Fdrupelet
Gacinus2
Epome,false fruit
Epod2,seedpod
Flegume3
Gchickpea2,garbanzo2
Glentil2
Gpea2
Hgarden pea2
Gfield pea2
Gcowpea2,black-eyed pea2
Fpeanut2
Fscrew bean
Fokra2
Fcowage
Floment
Epyxidium,pyxis2
Eaccessory fruit,pseudocarp
Ebuckthorn berry,yellow berry
Ecubeb2
Eschizocarp
Cseptum2
Cnectary,honey gland
Carchegonium
Chypanthium,floral cup,calyx tube
Cperianth,chlamys2,floral envelope,perigone,perigonium
Dfalls
Cmescal button,sacred mushroom,magic mushroom
Ccup5
Dcupule,acorn cup
Chypobasidium
Cgalea
Cgill,lamella3
Cfruiting body
Dascocarp
Eascoma
Eapothecium
Felf cup
Ecleistothecium,cleistocarp
Eperithecium
Dacervulus
Dbasidiocarp
Daecium
Croot2
Dcalamus2
Dtaro2,cocoyam2,dasheen2,eddo
Dginseng
Dhorseradish2,horseradish root
Dradish3
Dchicory3,chicory root2
Dsalsify2,oyster plant2
Dbriarroot
Dorrisroot,orris2
Dsarsaparilla root
Dlicorice root
Dsenega
Dmandrake root,mandrake
Dcassava2,manioc2
Dcarrot2
Dparsnip2
Dpneumatophore
Dtaproot
Dadventitious root
Drootlet
Dprop root
Croot cap
Croot hair
Cstolon,runner4,offset2
Cstalk2,stem4
Dgynophore
Dcarpophore
Dcornstalk,corn stalk
Dfilament4
Dfunicle,funiculus2
Dpetiolule
Dcane3
Esugarcane,sugar cane
Erattan3,rattan cane
Emalacca2
Dsporangiophore
Dcutting2,slip6
Equickset
Dtuber
Ewater chestnut
Egroundnut,potato bean,wild bean
Eyam3
Drhizome,rootstock,rootstalk
Daxis3
Erachis2
Espadix
Dcaudex2
Dbeanstalk
Dcladode,cladophyll,phylloclad,phylloclade
Dstock8,caudex
Dstipe
Dscape2,flower stalk
Epeduncle2
Fpedicel,pedicle
Gray2
Dpetiole,leafstalk
Ephyllode
Dbulb5
Eonion2
Eshallot2
Esquill
Ebulbil,bulblet
Dcorm
Dbranch2
Edeadwood
Elimb5,tree branch
Fstick8
Fbough
Ebranchlet,twig,sprig2
Fbrier
Fwand3
Fwithe2,withy
Gosier
Dculm
Dhaulm,halm
Dtrunk4,tree trunk,bole2
Ccapitulum,head12
Cleaf3,leafage,foliage2
Dcataphyll
Ecotyledon,seed leaf
Dfloral leaf
Epetal,flower petal
Esepal
Ddandelion green2
Dpitcher2
Dsporophyll,sporophyl
Emegasporophyll
Emicrosporophyll
Dblade7,leaf blade
Damplexicaul leaf
Dgreenery,verdure
Dleaflet3
Epinna2,pinnule
Dfrond
Dpad6
Elily pad
Dscale4,scale leaf
Esquamule
Dbetel leaf,betel
Dfig leaf2
Dsimple leaf
Eacerate leaf,needle4
Eacuminate leaf
Ecordate leaf
Ecuneate leaf
Edeltoid leaf
Eelliptic leaf
Eensiform leaf
Ehastate leaf
Elanceolate leaf
Elinear leaf,elongate leaf
Elyrate leaf
Eobtuse leaf
Eoblanceolate leaf
Eoblong leaf
Eobovate leaf
Eovate leaf
Eorbiculate leaf
Epandurate leaf,panduriform leaf
Epeltate leaf
Eperfoliate leaf
Ereniform leaf
Esagittate-leaf,sagittiform leaf
Espatulate leaf
Dcompound leaf
Etrifoliolate leaf
Equinquefoliate leaf
Epalmate leaf
Fpedate leaf
Epinnate leaf
Fbijugate leaf,bijugous leaf,twice-pinnate
Fbipinnate leaf
Feven-pinnate leaf,abruptly-pinnate leaf
Fodd-pinnate leaf
Edecompound leaf
Dentire leaf
Dcrenate leaf
Dserrate leaf
Ddentate leaf
Edenticulate leaf
Demarginate leaf
Derose leaf
Druncinate leaf
Dlobed leaf
Dparallel-veined leaf
Dparted leaf
Dprickly-edged leaf
Drosette3
Csprout2
Dshoot
Esucker4
Etiller3
Dbud2
Eleaf bud
Eflower bud
Fclove3
Emixed bud
Baril
Bduct3
Claticifer
Bveil4,velum2
Cuniversal veil
Cpartial veil
Dcortina
Bannulus,skirt3
Bplant tissue
Cperisperm
Cstroma3
Cstroma2
Cpulp4,flesh2
Cpith
Cparenchyma2
Dchlorenchyma
Clignum
Cvascular tissue
Dstele2
Dcambium
Dvascular bundle,vascular strand,fibrovascular bundle
Evein2,nervure
Fmidrib,midvein
Dvascular ray,medullary ray
Dxylem
Dtracheid
Dphloem,bast2
Dsieve tube
Cpseudophloem
Cgall
Doak apple
Cmeristem
Btendril
Ccirrus,cirrhus
Bstump4,tree stump
Cstool4
Bprophyll
Bstock9
Crootstock2
Breceptacle3
Cgynobase
Bkernel,meat2
Blobe3
Bligule
Adocument2,written document,papers
Bballot
Cabsentee ballot
Bbrevet
Bcapitulation
Bcertificate,certification,credential,credentials
Ccertificate of incorporation
Cbirth certificate
Cdiploma,sheepskin3
Ccommission,military commission
Cbill of health
Cregistration
Cteaching certificate,teacher's certificate
Cprobate,probate will
Bcharter
Cbank charter
Croyal charter
Bcommercial document,commercial instrument
Cstatement,financial statement
Dbank statement
Dbill4,account,invoice
Eelectric bill
Ehotel bill
Emedical bill,doctor's bill
Ephone bill,telephone bill
Ereckoning,tally
Etax bill
Echeck2,chit,tab4
Ccoupon,voucher2
Dbook token
Dmeal ticket,luncheon voucher
Dtwofer
Cticket
Dcommutation ticket,season ticket
Dplane ticket,airplane ticket
Dpass2
Dtransfer
Drailroad ticket,train ticket
Dtheater ticket,theatre ticket
Dbus ticket
Dround-trip ticket,return ticket
Eday return
Cappraisal,estimate,estimation
Doverestimate,overestimation,overvaluation,overappraisal
Corder2,purchase order
Dcredit order,bill-me order
Eopen account
Dindent
Dmarket order
Dproduction order
Dreorder
Dstop order,stop-loss order
Dstop payment
Dmail order
Bconfession
Bcopyright
Benclosure2,inclosure
Bform3
Capplication form
Cclaim form
Corder form
Cquestionnaire
Dpersonality inventory,personality assessment
Eself-report personality inventory,self-report inventory
Crequisition,requisition form
Ctax form
Ctelegraph form
Blegal document,legal instrument,official document,instrument3
Carticles of incorporation
Cderivative instrument,derivative2
Dfutures contract
Estock-index futures
Cnegotiable instrument
Cpassport
Cship's papers
Cmanifest
Cdebenture
Cpower of attorney
Dstock power
Dproxy
Cletters of administration
Cletters testamentary
Cworking papers,work papers,work permit
Cact,enactment
Dnullity
Ddecree,edict,fiat,order,rescript
Econsent decree
Ecurfew
Edecree nisi
Eimperial decree
Fukase
Fpragmatic sanction,pragmatic
Elegal separation,judicial separation
Eprogramma
Eprohibition2,ban,proscription
Fbanning-order
Finjunction,enjoining,enjoinment
Gmandatory injunction
Gpermanent injunction,final injunction
Gtemporary injunction,interlocutory injunction
Estay3
Fstay of execution
Ebull2,papal bull
Dlegislative act,statute
Efair-trade act
Eenabling act,enabling clause
Eordinance
Especial act
Claw
Danti-drug law
Danti-racketeering law
Dantitrust legislation,antitrust law
Dstatute of limitations
Dfundamental law,organic law,constitution2
Dpublic law
Dblue law
Dblue sky law
Dgag law
Dhomestead law
Dpoor law
Dprohibition
Cbill3,measure3
Dappropriation bill
Dbill of attainder
Dbottle bill
Dfarm bill
Dtrade bill
Cbrief,legal brief
Damicus curiae brief
Cwill,testament
Cliving will
Cdeed,deed of conveyance,title3
Dbill of sale
Ddeed poll
Denfeoffment
Dmortgage deed
Dtitle deed
Emuniments
Cassignment
Ctrust deed,deed of trust
Cconveyance2
Dquitclaim,quitclaim deed
Ctax return,income tax return,return2
Damended return
Destimated tax return
Dfalse return
Dinformation return
Djoint return
Clicense,licence,permit
Dbuilding permit
Ddriver's license,driver's licence,driving license,driving licence
Dfishing license,fishing licence,fishing permit
Dhunting license,hunting licence,hunting permit,game license
Dlearner's permit
Dletter of marque,letters of marque
Dliquor license,liquor licence
Eon-license
Dmarriage license,marriage licence,wedding license,wedding licence
Doccupation license,occupation licence
Dpass,liberty chit
Cpatent2,letters patent
Copinion,legal opinion,judgment,judgement
Dconcurring opinion
Ddissenting opinion
Dmajority opinion
Dfatwah
Dobiter dictum,dictum
Cacquittance,release3
Cwrit,judicial writ
Dcourt order
Edivestiture
Eexecution,writ of execution
Egag order
Egarnishment
Einterdict,interdiction
Dwarrant
Esearch warrant
Ebench warrant,arrest warrant
Fpickup5
Edeath warrant
Ecachet3,lettre de cachet
Ereprieve
Ecommutation
Epardon,amnesty
Dassize
Dcertiorari,writ of certiorari
Dhabeas corpus
Dvenire facias
Dmandamus,writ of mandamus
Dattachment3
Dfieri facias
Dscire facias
Dsequestration
Dwrit of detinue
Dwrit of election
Dwrit of error
Dwrit of prohibition
Dwrit of right
Dsummons,process
Ecitation3
Emonition,process of monition
Eticket2
Fspeeding ticket
Fparking ticket
Dsubpoena,subpoena ad testificandum
Dsubpoena duces tecum
Cmandate,authorization,authorisation
Cindictment,bill of indictment
Dmurder charge,murder indictment
Dtrue bill
Cimpeachment
Carraignment
Bpapyrus2
Bpatent,patent of invention
Bplatform5,political platform,political program,program
Bresignation
Cabdication,stepping down
Bresolution,declaration,resolve
Cjoint resolution
Bsource2
Csource materials
Cwell5,wellspring,fountainhead
Bspecification
Bvoucher
Breport,study3,written report
Cassay2
Ccase study
Cwhite book,white paper
Cblue book
Cgreen paper
Cprogress report
Cposition paper
Cmedical report
Acorrespondence
Bcard4
Cget-well card
Cgreeting card
Dbirthday card
Cpostcard,post card,postal card,mailing-card
Dlettercard
Dpicture postcard
Csympathy card
Dspiritual bouquet
Acard3,identity card
Bbusiness card
Bdonor card
Bkeycard
Bmembership card
Cunion card
Blibrary card,borrower's card
Bration card
Awriting,written material,piece of writing
Btitle4
Bcryptogram,cryptograph2,secret writing
Brewrite,revision2,rescript3
Bliterary composition,literary work
Cacrostic
Cbelles-lettres,belles lettres
Cdialogue2,dialog2
Cfiction
Ddystopia
Dnovel2
Emanga
Edetective novel,mystery novel
Edime novel,penny dreadful
Enovelette,novella
Eroman a clef
Eromance2
Fbodice ripper
Eroman fleuve
Dfantasy,phantasy
Escience fiction
Fcyberpunk
Dstory2
Eadventure story,heroic tale
Fthriller
Fsaga
Emystery,mystery story,whodunit
Fdetective story
Fmurder mystery
Elove story,romance
Elegend,fable2
Eshort story
Efable,parable,allegory,apologue
Emyth
Eparable2
Eplot
Faction2
Fstoryline,plot line
Dutopia
Cfictionalization,fictionalisation
Chagiology
Clucubration
Cpastoral2
Declogue,bucolic,idyll,idyl
Cpoem,verse form
Dabecedarius
Dballad,lay
Dballade
Dblank verse
Delegy,lament
Depic poem,heroic poem,epic,epos
Echanson de geste
Erhapsody
Eheroic verse,heroic meter,heroic
Dfree verse,vers libre
Dhaiku
Dlyric2,lyric poem
Eode
Fepithalamium
Fchoral ode
Drondeau,rondel
Eroundel3
Erondelet
Dsonnet
Dtanka2
Dterza rima
Dverse,rhyme
Eclerihew
Edoggerel,doggerel verse,jingle
Elimerick
Dversicle
Esursum corda
Cpotboiler
Ctushery
Bliterature
C
Dtantra
Dsutra
Bliterature2
Chistoriography
Bmatter
Cdictation
Ctext,textual matter
Dcolumn4
Dcookie2
Esession cookie
Eprecision cookie
Dcopy2,written matter
Edump2
Fcore dump
Efair copy
Efiller4
Ddraft5,draft copy
Delectronic text
Emachine-displayable text
Emachine-readable text
Fhypertext
Dinstallment,instalment
Efascicle,fascicule
Dletter,missive
Ebusiness letter
Ecovering letter,cover letter
Ecrank letter
Eencyclical,encyclical letter
Efan letter
Epersonal letter
Fnote,short letter,line10,billet2
Gexcuse
Flove letter,billet doux
Eform letter
Eopen letter
Echain letter
Epastoral
Eround robin
Eairmail letter,air letter,aerogram,aerogramme
Eepistle
Edead letter,dead mail
Eletter of intent
Dline9
Eopening line
Eheading2,header5,head9
Fcrossheading,crosshead2
Fheadline,newspaper headline
Gdropline,drop line,stepped line,stagger head,staggered head,stephead
Gscreamer
Gstreamer3,banner3
Flemma
Frubric2
Frunning head,running headline
Grunning title
Fsubheading,subhead
Gtitle2
Hcredit
Hcaption,legend2
Hsubtitle
Ftitle,statute title,rubric
Eline of poetry,line of verse
Facatalectic
Fcatalectic
Fhypercatalectic
Eby-line,credit line
Edateline
Everse2,verse line
Fiambic
Ftetrameter
Fpentameter
Fhexameter
Foctameter
Foctosyllable
Fdecasyllable
Epunch line,laugh line,gag line,tag line
Eactor's line,speech,words2
Faside
Fcue2
Gprompt,prompting
Fmonologue
Fsoliloquy
Fthrowaway
Eorphan
Esound bite
Dlipogram
Dlyric,words,language
Elove lyric
Dstanza
Ecouplet
Fclosed couplet
Fheroic couplet
Eoctave
Esestet
Eenvoy,envoi
Equatrain
Felegiac stanza
Fheroic stanza
Estrophe
Eantistrophe
Erhyme royal
Eottava rima
Ctext4
Ctypescript
Cfront matter,prelims
Cback matter,end matter
Csoft copy
Chard copy
Caddendum,supplement2,postscript
Dappendix
Eshirttail2
Ecodicil
Dsequel,continuation
Crecitation
Bcriticism,literary criticism
Cexplication de texte
Ctextual criticism
Dhigher criticism
Dlower criticism
Cnew criticism
Canalysis
Creview,critique,critical review,review article
Dbook review
Dnotice2
Drave
Bsection2,subdivision2
Clead6,lead-in2,lede
Ccanto
Cabove
Csports section
Carticle2,clause
Darbitration clause
Ddeductible
Ddouble indemnity
Descalator clause,escalator2
Djoker2
Dreserve clause
Drider
Cbook6
Cchapter
Cepisode2
Cspot5
Cspot4
Cinsert2
Cintroduction
Dexordium
Dopening3
Eteaser3
Esalutation
Dforeword,preface,prolusion
Dpreamble
Dprolegomenon
Dprologue
Cnarration
Cconclusion,end2,close,closing,ending
Danticlimax,bathos
Depilogue2,epilog2
Depilogue,epilog
Dperoration
Dfinale,coda
Cpassage2
Dexcerpt,excerption,extract2,selection
Echrestomathy
Eanalects,analecta
Eclipping,newspaper clipping,press clipping,cutting,press cutting
Ecut5,track8
Equotation,quote,citation2
Fepigraph
Fmimesis
Fmisquotation,misquote
Dlocus classicus
Dplace
Dpurple passage
Dtransition
Eflashback
Eflash-forward
Edissolve
Ecut3
Fjump cut
Ejump
Dtext2
Cmezuzah,mezuza
Csura
Cexposition
Cobbligato,obligato
Crecapitulation
Cdevelopment
Bparagraph
Bdiary2,journal3
Cweb log,blog
Binscription,lettering
Csuperscription
Cepigraph2
Cepitaph
Bmanuscript
Bautograph
Cmanuscript2,holograph2
Dcodex2,leaf-book
Dpalimpsest
Dscroll,roll5
Btreatise
Cdissertation,thesis
Ctract2,pamphlet2
Cmonograph
Badaptation,version
Cmodernization
Cversification
Bessay
Ccomposition3,paper3,report2,theme
Dterm paper
Cdisquisition
Cmemoir
Cthanatopsis
Bediting,redaction
Ccopy editing
Cdeletion,excision,cut6
Ccorrection
Derasure
Crewriting,revising
Drevision,revisal,revise,rescript2
Drewording,recasting,rephrasing
Eparaphrase,paraphrasis
Ftranslation
Bsacred text,sacred writing,religious writing,religious text
Cscripture2,sacred scripture
Dcanon2
Cevangel
Cprayer
Cservice book
Csapiential book,wisdom book,wisdom literature
Cmantra
Cpsalm
Bscreed2
Bdramatic composition,dramatic work
Cplay,drama,dramatic play
Dplaylet
Dmiracle play
Dmorality play
Dmystery play
Dsatyr play
Cact2
Cscene4
Cscript,book4,playscript
Dpromptbook,prompt copy
Dcontinuity
Ddialogue,dialog
Eduologue
Dlibretto
Dscenario
Dscreenplay
Dshooting script
Bplagiarism
Btranscript
Alabel
Aposter,posting,placard,notice,bill6,card6
Bshow bill,show card,theatrical poster
Bflash card,flashcard
Aaward,accolade,honor,honour,laurels
Btrophy,prize
Capple of discord
Cbooby prize
Dwooden spoon
Cbronze medal
Ccup3,loving cup2
Cgold medal
Csilver medal,silver2
Baliyah
Bacademic degree,degree
Cassociate degree,associate
Cbachelor's degree,baccalaureate
Chonours,honours degree
Dfirst2,first-class honours degree
Edouble first
Cmaster's degree
Cdoctor's degree,doctorate
Claw degree
Chonorary degree,honoris causa
Bpennant2,crown7
Bcachet2,seal6,seal of approval
Bcitation,commendation
Bdistinction
Bmention,honorable mention
Bletter2,varsity letter
Bdecoration2,laurel wreath2,medal,medallion3,palm2,ribbon3
Btrophy2
Abadge
Bmerit badge
Binsignia
Ccaduceus
Cinsignia of rank
Cshoulder flash
Cservice stripe,hashmark,hash mark
Ccordon2
Cwings
Bblack belt
Bblue ribbon,cordon bleu
Bbutton5
Bchevron2,stripe3,stripes,grade insignia
Bstripe2
Areceipt
Bstub2,ticket stub
Crain check
Bbill of lading,waybill
Alist,listing
Bagenda,agendum,order of business
C
Dorder paper,order book2
Bbibliography
Bbill7
Cbill of entry
Cbill of goods
Cmenu,bill of fare,card7,carte du jour,carte
Da la carte
Dprix fixe
Dtable d'hote
Cplaybill
Bblacklist,black book,shitlist
Bcalendar
Cdocket
Bcalorie chart
Bcanon
Bcatalog2,catalogue
Cdiscography
Clibrary catalog,library catalogue
Dcard catalog2,card catalogue2
Cparts catalog,parts catalogue
Cseed catalog,seed catalogue
Bcharacter set
Calphabet
Dphonetic alphabet,sound alphabet
Evisible speech2
Dmanual alphabet,finger alphabet
Calphanumerics,alphanumeric characters
Bchart2
Bchecklist
Bclass list,honours list
Bcodex
Bcontents,table of contents
Bcorrigenda
Bcriminal record,record2
Bdirectory2
Csubdirectory
Bdistribution list
Benumeration,numbering
Bfree list
Bgrocery list,shopping list2
Bhit list
Bhit parade
Bindex
Cconcordance
Bkey6
Ckey word
Bkey5
Binventory2,stock list
Cparts inventory
Bmailing list
Bmasthead2,flag4
Bmenu3,computer menu
Cdrop-down menu
Chierarchical menu,cascading menu,submenu
Bnecrology
Bplaylist,play list
Bportfolio2
Bposting2
Bprice list
Bpush-down list,push-down stack,stack3
Bqueue
Cpush-down queue
Broll3,roster
Cbatting order,card8,lineup
Cdeath-roll
Cmuster roll
Cchurch roll
Crota
Cwaiting list
Bschedule
Cnetwork programming
Dlineup2
Ctimetable2
Ctimetable
Bshopping list
Cgrocery list2
Bshort list,shortlist
Bsick list
Bslate4,ticket3
Bstanding
Bwish list
Asheet music
Blead sheet
Bpiano music
Bscore,musical score
Asign2,mark
Btoken3
Aprinting
Adrug
Babortifacient,aborticide,abortion-inducing drug
Cabortion pill,mifepristone
Bagonist
Banesthetic,anaesthetic,anesthetic agent,anaesthetic agent
Cgeneral anesthetic,general anaesthetic
Dinhalation anesthetic,inhalation anaesthetic,inhalation general anesthetic,inhalation general anaesthetic
Echloroform,trichloromethane
Ecyclopropane
Eether,ethoxyethane,divinyl ether,vinyl ether,diethyl ether,ethyl ether
Fenflurane
Ehalothane
Eisoflurane
Enitrous oxide,laughing gas
Dketamine,ketamine hydrochloride
Cintravenous anesthetic
Ddibucaine
Dtribromoethanol,tribromoethyl alcohol
Dtruth serum,truth drug
Clocal anesthetic,local anaesthetic,local2,topical anesthetic,topical anaesthetic
Danesthyl
Dantipruritic
Dbenzocaine,ethyl aminobenzoate
Dbutacaine,butacaine sulfate
Dethyl chloride
Dprocaine
Eprocaine hydrochloride,novocaine
Dtetracaine
Cspinal anesthetic,spinal anaesthetic
Dpiperocaine,piperocaine hydrochloride
Bantagonist
Cestrogen antagonist,tamoxifen
Cnarcotic antagonist
Dnalorphine
Dnaloxone
Dnaltrexone
Bantisyphilitic
B
Cetanercept
Cinfliximab
Cleflunomide
Bbotanical
Bbrand-name drug,proprietary drug
Bcontrolled substance
Cclub drug
Dflunitrazepan
Dgamma hydroxybutyrate
Dmethylenedioxymethamphetamine
Bdilator
Cvasodilator,vasodilative
Damlodipine besylate
Damyl nitrate
Dbutyl nitrite,isobutyl nitrite
Ddiazoxide
Dminoxidil
Dpentaerythritol
Dtolazoline
Bdiuretic drug,diuretic,water pill
Cchlorthalidone
Cethacrynic acid
Cfurosemide
Cindapamide
Cmannitol
Cthiazide
Dchlorothiazide
Dhydrochlorothiazide
Dhydroflumethiazide
Dtrichlormethiazide
Bdrug of abuse,street drug
Cgateway drug
Csoft drug
Dbhang
Dcannabis,marijuana,marihuana,ganja
Dhashish,hasheesh,haschisch,hash
Ctobacco,baccy
Dfiller2
Droll of tobacco,smoke
Ecigar
Fcheroot
Fcigarillo
Fclaro
Fcorona
Fpanatela,panetela,panetella
Fstogy,stogie
Ecigarette,cigaret,coffin nail,butt3,fag
Fcubeb,cubeb cigarette
Ffilter-tipped cigarette
Fjoint3,marijuana cigarette,reefer,stick5,spliff
Dsmoking mixture
Dsnuff
Erappee
Dshag2
D
Elatakia
Bfertility drug
Cclomiphene,clomiphene citrate
Bintoxicant
Blevallorphan
Bmedicine,medication,medicament,medicinal drug
Cacyclovir
Calendronate
Callopurinol
Camrinone
Canalgesic,anodyne,painkiller,pain pill
Dacetaminophen
Dacetanilide,acetanilid,phenylacetamide
Dacetophenetidin,acetphenetidin,phenacetin
Daminopyrine,amidopyrine
Daspirin,acetylsalicylic acid
Easpirin powder,headache powder
Ebuffered aspirin
Eenteric-coated aspirin
Dcolchicine
Dhydromorphone hydrochloride,hydromorphone
Dpentazocine
Dphenazopyridine
Dpropoxyphene,propoxyphene hydrochloride
Dsodium salicylate
Cangiogenesis inhibitor
Cantiarrhythmic,antiarrhythmic drug,antiarrhythmic medication
Damiodarone
Dencainide
Dflecainide
Dmexiletine
Dquinidine
Dtocainide
Cantibacterial,antibacterial drug,bactericide
Dantibiotic,antibiotic drug
Eactinomycin
Eamphotericin
Eantimycin
Eantineoplastic antibiotic
Fmithramycin
Eaztreonam
Ebacitracin
Ecarbomycin
Ecephaloglycin
Ecephaloridine
Ecephalosporin
Fcefadroxil
Fcefoperazone
Fcefotaxime
Fceftazidime
Fceftriaxone
Fcefuroxime
Fcephalexin
Fcephalothin
Echloramphenicol
Echlortetracycline
Eciprofloxacin
Ecycloserine
Edihydrostreptomycin
Edoxorubicin
Edoxycycline
Eerythromycin
Egentamicin
Egramicidin
Ekanamycin
Elincomycin
Emitomycin
Emycomycin
Eneomycin,fradicin
Enovobiocin
Eoxytetracycline,hydroxytetracycline,oxytetracycline hydrochloride
Epenicillin
Famoxicillin
Fampicillin
Fgriseofulvin
Fmethicillin
Fpenicillinase-resistant antibiotic
Gnafcillin
Goxacillin
Fbenzylpenicillin
Fphenoxymethyl penicillin
Fpiperacillin
Epolymyxin
Epyocyanase
Epyocyanin
Espectinomycin
Estreptomycin
Estreptothricin
Esubtilin
Etobramycin
Etyrocidine,tyrocidin
Etyrothricin
Evancomycin
Eviomycin
Dazithromycin
Ddapsone
Ddicloxacillin
Dhexachlorophene
Disoniazid
Dmethenamine
Dnalidixic acid
Dnitrofurantoin
Drifampin
Dsulfa drug,sulfa,sulpha,sulfonamide
Esulfacetamide
Esulfadiazine
Esulfamethazine,sulfamezathine
Esulfamethoxazole
Esulfanilamide
Esulfapyridine
Esulfisoxazole
Dtetracycline
Edemeclocycline hydrochloride
Eminocycline
Canticholinergic,anticholinergic drug
Doxyphencyclimine
Canticholinesterase
Dneostigmine
Canticoagulant,anticoagulant medication,decoagulant
Ddicumarol,dicoumarol
Dheparin
Dwarfarin
Canticonvulsant,anticonvulsant drug,antiepileptic,antiepileptic drug
Dethosuximide
Dgabapentin
Dhydantoin
Ediphenylhydantoin,phenytoin
Dmephenytoin
Dmetharbital
Dphensuximide
Dprimidone
Dvalproic acid
Cantidepressant,antidepressant drug
Dmonoamine oxidase inhibitor
Eiproclozide
Eisocarboxazid
Ephenelzine
Etranylcypromine
Dnefazodone
Dnontricyclic,nontricyclic drug,nontricyclic antidepressant,nontricyclic antidepressant drug
Etrazodone,trazodone hydrochloride
Dreboxetine
Dselective-serotonin reuptake inhibitor
Efluoxetine,fluoxetine hydrocholoride
Eparoxetime
Esertraline
Dtricyclic,tricyclic antidepressant,tricyclic antidepressant drug
Eamitriptyline,amitriptyline hydrochloride
Eclomipramine
Edesipramine
Edoxepin,doxepin hydrochloride
Eimipramine,impramine hydrochloride
Enortriptyline
Eprotriptyline
Etrimipramine
Cantidiabetic,antidiabetic drug
Dglipizide
Dglyburide
Dmetformin
Dsulfonylurea
Etolazamide
Etolbutamide
Cantidiarrheal,antidiarrheal drug
Cantidiuretic,antidiuretic drug
Dlypressin
Cantiemetic,antiemetic drug
Cantihistamine
Dbrompheniramine maleate
Dchlorpheniramine maleate
Dcyproheptadine
Ddimenhydrinate
Ddiphenhydramine
Dmeclizine,meclizine hydrochloride
Dmethapyrilene
Dpheniramine
Dphenyltoloxamine
Dpromethazine
Dpyrilamine
Cantihypertensive,antihypertensive drug
Dangiotensin-converting enzyme inhibitor
Ecaptopril
Eenalapril
Elisinopril
Eramipril
Etrandolapril
Dclonidine
Ddoxazosin
Dguanabenz
Dhydralazine
Dmethyldopa,alpha methyl dopa
Dprazosin
Dreserpine
Dterazosin
Canti-inflammatory,anti-inflammatory drug
D
Ecelecoxib
Erofecoxib
Evaldecoxib
Dhydroxychloroquine
Dnonsteroidal anti-inflammatory,nonsteroidal anti-inflammatory drug
Ediclofenac potassium
Ediclofenac sodium
Ediflunisal
Eetodolac
Efenoprofen,fenoprofen calcium
Eflurbiprofen
Eibuprofen,isobutylphenyl propionic acid
Eindomethacin
Eketoprofen
Eketorolac
Eketorolac tromethamine
Emeclofenamate,meclofenamate sodium
Emefenamic acid
Enabumetone
Enaproxen
Enaproxen sodium
Eoxaprozin
Epiroxicam
Esulindac
Etolmetin sodium
Doxyphenbutazone
Dphenylbutazone
Cantiprotozoal,antiprotozoal drug
Dantimalarial,antimalarial drug
Echloroquine
Emefloquine,mefloquine hydrochloride
Eprimaquine
Equinacrine,quinacrine hydrochloride,mepacrine
Equinine
Dmetronidazole
Cantipyretic,febrifuge
Cantiseptic
Dchloramine
Dchlorhexidine
Diodoform,triiodomethane
Dmerbromine
Dmild silver protein
Dthimerosal,sodium ethylmercurithiosalicylate
Cantispasmodic,spasmolytic,antispasmodic agent
Datropine
Ebelladonna
Cantitussive
Cantiviral,antiviral agent,antiviral drug
Ddideoxycytosine,zalcitabine
Ddideoxyinosine,didanosine
Dinterferon
Ealpha-interferon
Ebeta-interferon
Egamma-interferon
Dprotease inhibitor
Eindinavir
Enelfinavir
Eritonavir
Esaquinavir
Dreverse transcriptase inhibitor
E
Fdelavirdine
Fnevirapine
E
Fzidovudine
Flamivudine
Dribavirin
Castringent,astringent drug,styptic
Dalum
Catomic cocktail
Cazathioprine
Cblocker,blocking agent
Dalpha blocker,alpha-blocker,alpha-adrenergic blocker,alpha-adrenergic blocking agent
Dbeta blocker,beta-blocking agent,beta-adrenergic blocker,beta-adrenergic blocking agent
Eacebutolol
Eatenolol
Ecarvedilol
Eesmolol
Emetoprolol
Enadolol
Epindolol
Epropanolol
Etimolol
Dlabetalol,labetalol hydrochloride
Dneuromuscular blocking agent
Egallamine
Cbronchodilator
Dalbuterol
Daminophylline
Dipratropium bromide
Dmetaproterenol
Dtheophylline
Ccalcium blocker,calcium-channel blocker
Ddiltiazem
Dnifedipine
Dverapamil
Ccarminative
Cclofibrate
Cclopidogrel bisulfate
Ccold medicine
Ccounterirritant
Ccytotoxic drug
Dantineoplastic,antineoplastic drug,cancer drug
Ealkylating agent
Fchlorambucil
Eantimetabolite
Ffluorouracil
Fmercaptopurine
Fmethotrexate,methotrexate sodium,amethopterin
Easparaginase
Efloxuridine
Elomustine
Emelphalan
Eperiwinkle plant derivative
Fvinblastine
Fvincristine
Eprocarbazine
Ethioguanine
Ethiotepa
Cdecongestant
Dnasal decongestant
Cdemulcent
Cdiaphoretic
Cdisulfiram
Cdose,dosage
Dbooster3,booster dose,booster shot,recall dose
Ddraft3,draught
Dhit
Dlethal dose
Dpill2,lozenge,tablet3,tab3
Ebolus
Ecapsule2
Edragee
Cdrug cocktail
Cexpectorant,expectorator
Cfixed-combination drug
Cgemfibrozil
Chematinic,haematinic
Cherbal medicine
Chistamine blocker
Dcimetidine
Dfamotidine
Dranitidine
Cimmunosuppressant,immunosuppressor,immunosuppressive drug,immunosuppressive,immune suppressant drug
Cinhalant,inhalation
Cisoproterenol
Cisosorbide
Clipid-lowering medicine,lipid-lowering medication,statin drug,statin
Datorvastatin
Dcerivastatin
Dfluvastatin
Dlovastatin
Dpravastatin
Dsimvastatin
Cmethacholine
Cnux vomica
Cover-the-counter drug,over-the-counter medicine
Coxytocic,oxytocic drug
Cparegoric
Cpatent medicine
Dnostrum2
Cpenicillamine
Cpentylenetetrazol,pentamethylenetetrazol
Cpharmaceutical,pharmaceutic
Dradiopharmaceutical
Dthrombolytic,thrombolytic agent,clot buster
Etissue plasminogen activator
Cplacebo
Dactive placebo
Cprescription drug,prescription,prescription medicine,ethical drug
Drefill
Cprobenecid
Cpurgative,cathartic,physic,aperient
Daloes,bitter aloes
Dcastor oil
Dlaxative
Ephenolphthalein
Dmilk of magnesia
Cremedy,curative,cure,therapeutic
Dacoustic
Dantidote,counterpoison
Demetic,vomit,vomitive,nauseant
Eipecac
Epowdered mustard,dry mustard
Dlenitive
Dlotion2,application
Eblackwash,black lotion
Ecalamine lotion
Eeye-lotion,eyewash,collyrium
Eliniment,embrocation
Ementhol
Erubbing alcohol
Ewitch hazel,wych hazel
Dmagic bullet
Dointment,unction,unguent,balm,salve
Earnica
Ebaby oil
Ebalsam
Ecarron oil
Ecerate
Fcamphor ice
Echrism,chrisom,sacramental oil,holy oil
Elip balm
Ementholated salve
Emercurial ointment
Ezinc ointment
Dpalliative,alleviant,alleviator
Dpanacea,nostrum,catholicon,cure-all
Dpreventive,preventative,prophylactic
Crubefacient
Csedative,sedative drug,depressant,downer
Dchloral hydrate
Eknockout drops
Dglutethimide
Dsedative-hypnotic,sedative-hypnotic drug
Ebarbiturate
Famobarbital
Gamobarbital sodium,blue2,blue angel,blue devil
Fbarbital,veronal,barbitone,diethylbarbituric acid,diethylmalonylurea
Fmephobarbital
Fpentobarbital sodium,pentobarbital,yellow jacket
Fsecobarbital sodium,secobarbital,red devil
Fsodium thiopental,phenobarbital,phenobarbitone,purple heart
Fthiopental,thiopental sodium,thiopentobarbital sodium
Eethchlorvynol
Emethaqualone
Ethalidomide
Csoothing syrup
Cspecific
Csucralfate
Csudorific,sudatory
Csuppository
Ctincture
Dtincture of iodine,iodine
Darnica2
Ctonic,restorative
Dbracer2,pick-me-up2
Ctyrosine kinase inhibitor
Cvermicide
Cvermifuge,anthelmintic,anthelminthic,helminthic
Dmebendazole
Dpiperazine
Dtetrachlorethylene,tetrachloroethylene,ethylene tetrachloride,carbon dichloride
Bmiotic drug,myotic drug,miotic,myotic
Bmydriatic,mydriatic drug
Bnarcotic
Chard drug
Dcocaine,cocain
Ebasuco
Ecrack2,crack cocaine,tornado
Cmeperidine,meperidine hydrochloride
Cmethadone,methadone hydrochloride,methadon,dolophine hydrochloride,fixer,synthetic heroin
Copiate
Dcodeine
Dheroin,diacetylmorphine
Dlaudanum,tincture of opium
Dmorphine,morphia
Eapomorphine
Copium
Crecreational drug
Bpentoxifylline
Bpsychoactive drug,mind-altering drug,consciousness-altering drug,psychoactive substance
Cdesigner drug
Cdronabinol
Ceuphoriant
Challucinogen,hallucinogenic drug,psychedelic drug,psychodelic drug
Dlysergic acid diethylamide
Dmescaline,peyote
Dphencyclidine,phencyclidine hydrochloride,angel dust
Dpsilocybin,psilocin
Dsalvinorin
Ctetrahydrocannabinol
Bpsychotropic agent
Ctranquilizer,tranquillizer,tranquilliser,antianxiety agent,ataractic drug,ataractic agent,ataractic
Dmajor tranquilizer,major tranquillizer,major tranquilliser,antipsychotic drug,antipsychotic agent,antipsychotic,neuroleptic drug,neuroleptic agent,neuroleptic
Echlorpromazine
Eclozapine
Ediphenylbutyl piperidine
Fpimozide
Efluphenazine
Ehaloperidol
Eloxapine
Emolindone
Eprochlorperazine
Ethioridazine
Ethiothixene
Dminor tranquilizer,minor tranquillizer,minor tranquilliser,antianxiety drug,anxiolytic,anxiolytic drug
Ebenzodiazepine
Falprazolam
Fchlordiazepoxide
Fdiazepam
Festazolam
Florazepam
Fmidazolam
Fnitrazepam
Ftemazepam
Ftriazolam
Ebuspirone
Eflurazepam,flurazepam hydrochloride
Ehydroxyzine hydrochloride,hydroxyzine
Emeprobamate
Eoxazepam
Eperphenazine
Brelaxant
Cmuscle relaxant
Dcyclobenzaprine
Dmethocarbamol
Dorphenadrine
Dpapaverine
Dprocyclidine
Dsuccinylcholine
Bsoporific,hypnotic
Cnarcoleptic
Csleeping pill,sleeping tablet,sleeping capsule,sleeping draught
Bstimulant,stimulant drug,excitant
Camphetamine,pep pill,upper3,speed
Damphetamine sulfate,amphetamine sulphate
Dbennie
Ddextroamphetamine sulphate
Canaleptic
Caphrodisiac
Ckat,khat,qat,quat,cat
Cmethylphenidate
Cpopper
Bsuppressant,appetite suppressant
Bsynergist
Bvirility drug,anti-impotence drug
Cphentolamine
Csildenafil,sildenafil citrate
Ctadalafil
Cvardenafil
Afuel
Bbiomass
Bcharcoal3,wood coal2
Bcoal gas
Ctown gas
Bcoke
Bdiesel oil,diesel fuel
Cderv
Bfire3
Bfossil fuel
Ccoal
Danthracite,anthracite coal,hard coal
Dbituminous coal,soft coal
Ecannel coal
Esea coal
Dlignite,brown coal,wood coal
Ejet3
Dsteam coal
Cnatural gas,gas4
Bgasohol
Bgasoline,gasolene,gas3,petrol
Cleaded gasoline,leaded petrol
Cnapalm
Cunleaded gasoline,unleaded petrol
Billuminant
Bkerosene,kerosine,lamp oil,coal oil
Cparaffin3,paraffin oil
Bnuclear fuel
Bred fire
Bcombustible,combustible material
Bwater gas
Bfirewood
Ccordwood
Cbacklog
Cbrand2,firebrand
Cpine knot
Bigniter2,ignitor2,lighter3
Cfirelighter
Ckindling,tinder,touchwood,spunk,punk2
Cpunk
Apoison,toxicant,poisonous substance
Btoxin
Canimal toxin,zootoxin
Dvenom
Ekokoi venom
Esnake venom
Cbacterial toxin
Depsilon toxin
Danatoxin,toxoid
Dbotulin,botulinus toxin,botulismotoxin
Ccytotoxin
Denterotoxin
Estaphylococcal enterotoxin
Cendotoxin
Cexotoxin
Chepatotoxin
Cnephrotoxin
Cneurotoxin,neurolysin
Dbotulinum toxin
Ddomoic acid
Dsaxitoxin
Dtetrodotoxin
Cplant toxin,phytotoxin
Dnicotine
Dstrychnine
Dbrucine
Dhemlock
Dmycotoxin
Eaflatoxin
Asolvent,dissolvent,dissolver,dissolving agent,resolvent
Bcarbon tetrachloride,carbon tet,tetrachloromethane,perchloromethane
Bmenstruum
Bremover
Balkahest,alcahest,universal solvent
Bxylene,xylol
Aantifreeze
Bethylene glycol,glycol,ethanediol
Bpropylene glycol,propanediol
Acoagulant,coagulator
Achemical agent
Bactive agent,active
Breagent
Bdesiccant,drying agent,drier2,siccative
Boxidant,oxidizer,oxidiser,oxidizing agent
Chydrogen peroxide,peroxide
Breducing agent,reducer2,reductant
Chydrazine
Bscavenger
Bwetting agent,wetter,surfactant,surface-active agent
Cemulsifier
Cdetergent2
Danionic detergent,anionic,non-ionic detergent
Dcationic detergent,invert soap
Ecetrimide
Bvesicant,vesicatory
Acoin
Bchange4
Bbawbee
Bbezant,bezzant,byzant,solidus
Bdenier
Bducat
Breal
Bpiece of eight
Bshilling
Bcrown6
Bhalf crown
Bdime
Bnickel2
Bquarter3
Bhalf dollar,fifty-cent piece
Bhalfpenny,ha'penny
Bpenny,cent,centime
Ccopper2
Cnew penny
Bslug3
Btenpence
Btwopence,tuppence
Bthreepence
Bfourpence,groat
Bfivepence
Bsixpence,tanner
Beightpence
Bninepence
Bdollar2
Csilver dollar,cartwheel2
Bdouble eagle
Beagle2
Bhalf eagle
Bguinea
Bfarthing
Bdoubloon
Blouis d'or
Bmedallion
Bstater
Bsou
Amoney
Bappropriation
Cpork barrel,pork2
Bfund,monetary fund
Cmutual fund
Dexchange traded fund
Dindex fund
Crevolving fund
Csinking fund
Csavings,nest egg2
Cpension fund,superannuation fund
Cwar chest
Cslush fund
Ctrust fund
Cdeposit2,bank deposit
Ddemand deposit
Cbudget
Doperating budget
Cpetty cash
Bboodle,bread2,cabbage2,clams,dinero,dough2,gelt,kale,lettuce,lolly,lucre,loot,moolah,pelf,scratch,shekels,simoleons,sugar3,wampum2
Bshinplaster
Bsubsidization,subsidisation
Btoken money
Amoney2
Bpile5,bundle2,big bucks,megabucks,big money
Amoney3
Bsterling
Acurrency
Bcash,hard cash,hard currency2
Cchange5
Cchange3
Csmall change,chickenfeed,chump change
Cpocket money,pin money,spending money
Cready cash,cold cash,ready money
Bhard currency
Bpaper money,folding money,paper currency
Cfractional currency
Cfiat money
Cbill5,note2,government note,bank bill,banker's bill,bank note,banknote,greenback
Dsilver certificate
Dhundred dollar bill,c-note
Dfifty dollar bill,fifty
Dtwenty dollar bill,twenty
Dtenner,ten dollar bill
Dfiver,five-spot2,five dollar bill
Enickel3,nickel note
Dtwo dollar bill
Ddollar,dollar bill,one dollar bill,buck3,clam2
Bcoinage,mintage,specie,metal money
Aanimal,beast,brute,creature,fauna
Bpest
Cvermin
Bcritter
Bcreepy-crawly
Bdarter2
Bpeeper2
Bhomeotherm,homoiotherm,homotherm
Bpoikilotherm,ectotherm
Bvarmint,varment
Bscavenger2
Cbottom-feeder
B
Cjument
Dsumpter
Bdomestic animal
Cfeeder3
Cstocker
Chead8
Cstray
Bfeeder4
Bmigrator
Bmolter,moulter
Bpet
Bstayer
Bstunt
B
Cby-catch,bycatch
Bfemale
Chen4
Cdam2
Bmale
Csire
Badult
Byoung,offspring
Chatchling
Corphan2
C
Dbaby
Dpup,whelp
Epuppy
Dcub
Dkit3
Dsuckling
Dcalf
Edogie,dogy,leppy
Emaverick
Dcalf4
Dkitten,kitty
Dfoal
Efilly
Ecolt2
Fridgeling,ridgling,ridgel,ridgil
Dpiglet,piggy,shoat,shote
Dlamb
Elambkin
Ebaa-lamb
Ehog,hogget,hogg
Eteg
C
Dfledgling,fledgeling
Dnestling
Cspat2
C
Dparr2
Dwhitebait2
Dbrit,britt
Dparr
Bthoroughbred2,purebred,pureblood
Bgiant
Bsurvivor
Bmutant
Bherbivore
Binsectivore2
Bacrodont
Bpleurodont
Bzooplankton
Bembryo,conceptus
Cblastula,blastosphere
Dblastocyst
Cgastrula
Cmorula
Bchordate
Ccephalochordate
Dlancelet,amphioxus
Ctunicate,urochordate,urochord
Dascidian
Dsalp,salpa
Ddoliolum
Dlarvacean
Dappendicularia
Cvertebrate,craniate
Dfetus,foetus
Emonster,teras
Eabortus
Damniote
D
Eagnathan
Fostracoderm
Fheterostracan
Fosteostracan,cephalaspid
Fanaspid
Fconodont
Fcyclostome
Flamprey
Fhagfish,hag
Geptatretus
Eplacoderm
Efish
Fbottom-feeder2,bottom-dweller
Fchondrichthian
Gholocephalan,holocephalian
Hchimaera
Irabbitfish
Gelasmobranch,selachian
Hshark
I
Jporbeagle
Jmako
Jman-eater
Ithresher2,thrasher3
I
Jsoupfin,soup-fin
Idogfish2
J
Ksmoothhound
Ihammerhead2
Jshovelhead,bonnethead
Iangelfish3,monkfish3
Hray
Icrampfish,numbfish,torpedo6
Isawfish
Iguitarfish
Istingray
Imanta2,devilfish3
Iskate2
Ffingerling
F
Ggroundfish
Gbarracouta,snoek
Fmouthbreeder
Fspawner
F
Gcrossopterygian,lobefin
Hcoelacanth
Glungfish
Hceratodus
Gteleost,teleostan
Hmalacopterygian
I
Jloach
Jcyprinid
Kcarp2
Ktench
Kdace
Kchub
Kshiner2
Lsilversides2
Kroach3
Krudd
Kminnow
Kgudgeon2
Kgoldfish
Lsilverfish2
Jcatostomid
Ksucker3
Lbuffalofish2
Lredhorse
Jcyprinodont
Kkillifish
Lmummichog
Lmayfish
Lrivulus
Lflagfish
Kswordtail,helleri,topminnow2
Kguppy
Jtopminnow,poeciliid,live-bearer
Kmosquitofish
Kplaty
Kmollie,molly
Jcharacin,characid
Ktetra
Kpiranha,pirana,caribe
Icatfish3
Jsilurid
Ksheatfish
Jbullhead2
Khornpout,pout2
Jmudcat2,goujon
Igadoid
Jcod2,codfish2
Kcodling
Kburbot,eelpout2,ling3,cusk3
Kscrod2,schrod2
Jwhiting6
Jhaddock2
Jpollack2,pollock2
Jhake2
Kwhiting5
Kling2
Jling
Jcusk2,torsk
Jgrenadier,rattail
Ieel2
Jelver2
Jtuna3
Jmoray
Jconger
Isandfish2
Iclupeid
Jshad2
Kallice,allis
Jalewife2
Jmenhaden
Jherring2
Jsardine2
Ksild
Kbrisling2,sprat2
Jpilchard2,sardine4
Ianchovy2
Isalmonid
Jsalmon
Kblackfish2
Kredfish3
Ksockeye2
Kchinook2
Kchum2
Kcoho2,cohoe2
Jtrout2
Jchar2,charr
Iwhitefish3
Jcisco2
Ismelt2
Jsparling2
Jcapelin,capelan,caplin
Itarpon
Jladyfish,tenpounder
Ibonefish
Iargentine
Ilanternfish
Ilizardfish,snakefish,snake-fish
Igreeneye
Ilancetfish,wolffish2
Iopah,moonfish2
Iribbonfish2
Jdealfish
Ioarfish,ribbonfish
Hcornetfish
Hpipefish,needlefish2
Iseahorse2
Hsnipefish
Hshrimpfish,shrimp-fish
Htrumpetfish
Hneedlefish,gar2,billfish4
Itimucu
Hhalfbeak
Hsaury,billfish3
Hacanthopterygian
Isquirrelfish2
Jsoldierfish,soldier-fish
Ianomalops
Idory3
Iboarfish2
Iboarfish
Istickleback,prickleback2
Ibatfish
Igoosefish,angler,anglerfish,monkfish2,lotte,allmouth
Itoadfish
Joyster-fish,oysterfish
Ifrogfish
Ipercoid,percoidean
Jperch4
Jperch3
Kpike-perch
Lwalleye,dory2
Jsandfish
Jcusk-eel
Jbrotula
Jpearlfish,pearl-fish
Jrobalo
Ksnook
Jpike5
Kmuskellunge2
Kpickerel2
Jsunfish3,centrarchid
Kcrappie2
Kbream4
Lbluegill
Lstumpknocker
Kpumpkinseed
K
Lsmallmouth
Llargemouth
Jbass4
Jserranid
K
Lstriper2,rockfish3
Lwreckfish
Lgrouper2
Mconey
Mhind
Mcreole-fish
Mjewfish2
Ksoapfish
Jsurfperch,surffish2
Jbigeye
Jcatalufa
Jcardinalfish
Kflamefish
Kconchfish
Jtilefish2
Jbluefish
Jcobia
Jcarangid
Kjack8
Lrunner3
Lleatherjacket2,leatherjack
Lthreadfish,thread-fish
Lamberjack,amberfish
Lyellowtail2
Lrudderfish2
Lkingfish5
Kmoonfish,horsefish,horsehead,horse-head,dollarfish2
Llookdown
Kpompano2
Lpermit2
Kpilotfish
Kscad
Lsaurel2
Lsaurel
Lgoggle-eye
Lcigarfish,quiaquia
Jdolphinfish2,dolphin,mahimahi2
Jblanquillo,tilefish
Jcichlid
Kbolti
Jsnapper4
Kmuttonfish
Kschoolmaster
Kyellowtail
Jgrunt
Kmargate
Ktomtate
Kcottonwick
Ksailor's-choice2
Kporkfish,pork-fish
Kpompon2
Kpigfish2,hogfish2
Jsparid
Ksheepshead
Kpinfish,sailor's-choice,squirrelfish
Ksnapper3
Jbream3
Kpomfret
Kporgy2
Lscup4
Lscup3
Jsciaenid
Kdrum4,drumfish
Ljackknife-fish
Lmademoiselle
Lredfish2
Kmulloway,jewfish
Kmaigre,maiger
Kcroaker2
Lsurffish
Lchenfish,kingfish3
Lqueenfish
Kwhiting4
Lkingfish4
Lcorbina
K
Lweakfish2
Jmullet3
Kgoatfish,surmullet
Jmullet2
Kliza
J
Krudderfish
Jspadefish,angelfish2
J
Kchaetodon
Kangelfish
Jdamselfish,demoiselle
Kbeaugregory
Jwrasse
Kpigfish
Khogfish
Kpuddingwife,pudding-wife
Kbluehead
Krazor-fish
Ktautog,blackfish
Kcunner,bergall
Jparrotfish,pollyfish
Jthreadfin
Kbarbu
Jjawfish
Jstargazer
Jblennioid
Kblenny
Lshanny
Kclinid
Kpikeblenny
Kgunnel2
Lbutterfish3
Kprickleback
Lsnakeblenny
Leelblenny
Kwrymouth,ghostfish
Kwolffish,catfish2
Keelpout,pout
Jgoby,gudgeon
Kmudskipper,mudspringer
Jsleeper5
Jflathead2
Jarcherfish
Jsurgeonfish
Kdoctorfish,doctor-fish
Jgempylid
Kescolar
Koilfish
Jcutlassfish,hairtail
Jscombroid
Kmackerel2
Lshiner
Ltinker
Lwahoo
L
Mcavalla,cero2
Mcero,pintado,kingfish2
Msierra
Ktuna2,tunny2
Lalbacore2
Lbluefin2
Lyellowfin
Kbonito3
Lskipjack2
Kskipjack
Kbonito2
Kswordfish2
Ksailfish2
Kbillfish2
Lmarlin
Lspearfish
Klouvar
Ksquaretail
Jbutterfish2,stromateid
Kdollarfish
Kpalometa
Kharvestfish
Kdriftfish2
Kdriftfish
Kbarrelfish
Jclingfish
Kskilletfish
Jtripletail
Jmojarra
Jwhiting3
Iremora,suckerfish
Jsharksucker
Jwhalesucker
Isilversides,silverside
Jjacksmelt
Ibarracuda
Ilaunce
Idragonet
Iscorpaenoid
Jlingcod2
Jscorpaenid
Kscorpionfish
Klionfish
Kstonefish
Krockfish2
Lrasher
Lrosefish2
Jsculpin
Kbullhead
Kmiller's-thumb
Kgrubby
Jlumpfish
Klumpsucker
Jsnailfish,seasnail
Jpoacher2
Kpogge
Kalligatorfish
Jgreenling
Kconvictfish
Jflathead
Jgurnard
Ksearobin
Jbutterflyfish
Iplectognath
Jtriggerfish
Koldwench,oldwife
Jfilefish
Kleatherjacket,leatherfish
Jboxfish,trunkfish
Kcowfish
Jpuffer2,pufferfish2,blowfish2,globefish
J
Kporcupinefish
Kballoonfish
Kburrfish
Jsunfish2,mola,headfish
Iflatfish2
Jflounder2
J
Kplaice2
Jhalibut2,holibut
J
Kwhiff
Kwindowpane2
Kbrill
Kturbot2
Jtonguefish,tongue-fish
Jsole4
Khogchoker
Hsweeper2
Hganoid
Ibowfin,grindle,dogfish
Ipaddlefish,duckbill
Isturgeon
Jbeluga,hausen
Igar,garfish,garpike,billfish
Dgnathostome
Dbird2
Edickeybird,dickey-bird,dickybird,dicky-bird
Ecock5
Fgamecock
Ehen2
Enester
Eprotoavis
Earchaeopteryx,archeopteryx
Earchaeornis
Eratite
Fostrich
Fcassowary
Femu
Fkiwi2,apteryx
Frhea2
Frhea,nandu
Faepyornis
Fmoa
Ganomalopteryx
Ecarinate
Epasserine
Foscine
Gsongbird,songster
Ghoneysucker
Gaccentor
Hsparrow2,dunnock
Glark3
Hskylark
Gwagtail
Gpipit,titlark,lark2
Gfinch
Hchaffinch
Hbrambling
Hgoldfinch2
Hlinnet2,lintwhite
Hsiskin
Hredpoll2
Hredpoll
Hgoldfinch,yellowbird2
Hlinnet
Hcanary
Hserin
Hcrossbill
Hbullfinch
Hjunco,snowbird3
H
Iwhitethroat3
Hbunting2
Iortolan
Iyellowhammer2
Isnowbird2,snowflake
Hgrosbeak,grossbeak
Ihawfinch
Hcardinal,redbird2
Hpyrrhuloxia
Htowhee
Ichewink,cheewink
Hhoneycreeper
Imamo
Ghoneycreeper2
Gweaver,weaverbird
Hbaya
Hwhydah,whidah
Hricebird2
Havadavat,amadavat
Hgrassfinch
Gflycatcher
Hthickhead,whistler3
Gthrush
Hmavis,throstle2
Hfieldfare,snowbird
Hredwing2
Hblackbird2,merl,merle,ouzel,ousel
Hrobin2
Hveery
Hnightingale
Ibulbul
Hchat2
Istonechat
Iwhinchat
Hsolitaire3
Hredstart2,redtail2
Hwheatear
Hbluebird2
Hrobin,redbreast
Hbluethroat
Gwarbler
Hgnatcatcher
Hkinglet
Igoldcrest
H
Iblackcap3
Ireedbird2
Itailorbird
Hwhitethroat2
Hwhitethroat
H
I
Jredstart
Iyellowbird
Iblackpoll
Ichat
Iovenbird
Iyellowthroat
Gbabbler,cackler2
G
Hriflebird
Goriole2
H
Ihangbird,firebird2
Hmeadowlark,lark
Hcacique,cazique
Hbobolink,ricebird,reedbird
Hblackbird
Igrackle2
Icowbird
Iredwing
Goriole
Hfig-bird
Gstarling
Hmyna,mynah,mina,minah
Igrackle
G
Hcrow
Hraven
Hrook2
Hjackdaw,daw
Hchough
Hjay
I
Jjaybird
Hnutcracker3
Hmagpie
G
Hbutcherbird2
Hcurrawong
Gmockingbird,mocker
Gcatbird2
Gthrasher2
Gcreeper
Htichodrome
Gnuthatch,nutcracker2
Gtitmouse,tit3
Hchickadee
Iblackcap2
Htomtit
Hbushtit
Hwren-tit
Hverdin
Gbluebird
Gswallow2
Hmartin
Gtanager
Hredbird,firebird
Gshrike
Hbutcherbird
Gbowerbird,catbird
Gdipper3
Gvireo
Gwaxwing
Hcedarbird
Fsparrow
Flyrebird
Fscrubbird,scrub-bird
Fbroadbill4
Ftyrannid
Gflycatcher2
Hkingbird
Ipetchary
Hpewee,peewee,peewit2,pewit3
Hphoebe
Hfirebird3
Hcotinga,chatterer
Ibellbird
Hscissortail
Gmanakin2
Govenbird2
Gantbird
Gwoodhewer,woodcreeper,wood-creeper
Gpitta
Fwren
Eraptor
Fhawk2
Geyas
Gtiercel,tercel,tercelet
Ggoshawk
Gbuteonine
Gredtail,red-tailed hawk
Groughleg
Gbuzzard2
Gkite2
Gharrier2
Gfalcon
Hperegrine
Ifalcon-gentle,falcon-gentil
Hgyrfalcon,gerfalcon
Hkestrel2
Hkestrel
Hmerlin
Hhobby2
Hcaracara
Icarancha
Gosprey,fish hawk
Feagle
Geaglet
Gharpy2,harpy eagle
G
Hringtail4
G
Hern,erne
Fvulture
G
Hgriffon3
Hlammergeier,lammergeyer
Gcathartid
Hbuzzard
Hcondor
Fowl,hooter3
Gowlet
Egallinacean
Ffowl,poultry
Gcochin
Gchicken2
Hchick,biddy2
Hcock4,rooster
Icockerel
Hcapon2
Hhen,biddy
Icackler
Ibroody,broody hen,sitter
Ilayer2
Ipullet2
Gbantam
Gturkey
Hturkey cock,gobbler,tom2
Gguinea2
Fgallina
Fguan
Fcurassow
Fchachalaca
Fmegapode,mound-bird
Gleipoa,lowan
Gmaleo
Fhoatzin,hoactzin,stinkbird
F
Gdodo
Gsolitaire2
Gpigeon
Hpouter
Hdove
Iturtledove2
Jringdove
Iturtledove
Hbandtail
Hringdove2,cushat
H
Iroller5,tumbler3
Ihomer
Hsquab3
Gsandgrouse
Eparrot
Fpopinjay
Fpoll
Famazon
Fmacaw
Fkea
Fcockatoo
Fcockateel,cockatiel
Flovebird2
Flory
Glorikeet
Fparakeet,parrakeet,parroket,paraquet,paroquet,parroquet
Gbudgerigar,budgereegah,budgerygah,budgie,lovebird
E
Fcuckoo
Groadrunner
Gani
Gcoucal
Ftouraco,turaco,turacou,turakoo
E
Froller4
Fkingfisher
Gkookaburra
Fhornbill
Fhoopoe,hoopoo
Fmotmot,momot
Ftody
E
Fswift
Gswiftlet
Fhummingbird
Gthornbill
E
Fgoatsucker,nightjar,caprimulgid
Gchuck-will's-widow
Gwhippoorwill
Gnighthawk,bullbat
Gpoorwill
Ffrogmouth
Foilbird,guacharo
E
Fwoodpecker,peckerwood,pecker2
Gflicker
Hyellowhammer
Givorybill
Gredhead2
Gsapsucker
Gwryneck
Gpiculet
Fbarbet
Fpuffbird
Fjacamar
Ftoucan
Gtoucanet
Etrogon
Fquetzal
E
Fwaterfowl,waterbird
G
Hduck2
Idrake
Iquack-quack
Iduckling2
Idabbler
Imallard
Iteal
Jgreenwing
Jbluewing
Jgarganey
Iwidgeon,wigeon
Jbaldpate
Ishoveler,shoveller,broadbill3
Ipintail
Isheldrake2
Jshelduck
Ibufflehead,butterball,dipper2
Igoldeneye2,whistler2
Icanvasback
Ipochard
Iredhead
Iscaup,bluebill,broadbill2
I
Jeider
Jscoter,scooter5
Joldwife2
Jmerganser,sawbill,sheldrake
Kgoosander
Ksmew
Hgoose
Igosling
Igander
Igreylag,graylag
Ibrant,brent
Ihonker2
Ibarnacle2
Gscreamer2
H
Ichaja
Fswan
Gcoscoroba
Gcob4
Gpen5
Gcygnet
Gwhooper2
Gtrumpeter2
Fwader
Gstork
Hadjutant
Hmarabou,marabout
Hopenbill
Hjabiru3
Hsaddlebill,jabiru2
Hjabiru
Hflinthead
Gshoebill,shoebird
Gibis
Gspoonbill
Gflamingo
Gheron
Hegret
Hboatbill,broadbill
Hbittern
Gcrane2
Hwhooper
Gcourlan
Glimpkin
Gseriema2
Gchunga,seriema
Grail5
Hweka
Hcrake
Icorncrake
Hnotornis,takahe
Hcoot
Gbustard
Gbutton-quail,hemipode
Gortygan
Gtrumpeter
Gshorebird
Hplover
Ikilldeer,kildeer
Idotterel,dotrel
Ilapwing,peewit,pewit2
Iturnstone
Hsandpiper
Istint
Idunlin
Igreenshank
Iredshank
Iyellowlegs
Ijacksnipe2
Iknot3,greyback2,grayback2
Isanderling
Iruff3
Jreeve
Itattler
Jwillet
Hsurfbird
Hwoodcock
Hsnipe
Ijacksnipe
Idowitcher
Jgreyback,grayback
Hcurlew
Hgodwit
Hstilt4,stiltbird,longlegs,long-legs
Ikaki
Hstilt3
Havocet
Hoystercatcher
Hphalarope
Hpratincole,glareole
Hcourser3
Hthick-knee
Fgallinule,swamphen
Gmoorhen
Fseabird,sea bird,seafowl
G
Hlarid
Igull,seagull
Jmew
Jcob3
Jblackcap,pewit
Jkittiwake
Itern
Hskimmer3
Hjaeger
Iskua,bonxie
Gauk
Hauklet
Hrazorbill
Hdovekie
Hguillemot
Imurre
Gpuffin
G
Hloon,diver
G
Hgrebe
Idabchick
G
Hpelican
Hgannet
Isolan
Ibooby
Hcormorant
Hsnakebird,anhinga,darter
Htropicbird
G
Hpenguin
G
Halbatross,mollymawk
Igooney,goonie,goony
Hpetrel
Ifulmar
Ishearwater
Etwitterer
Damphibian3
Eurodele,caudate2
Esalamander2
Fnewt,triton2
Geft
Fambystomid
Gaxolotl
Gwaterdog
Fhellbender
Folm
Fdicamptodon,dicamptodontid
Fplethodont
Famphiuma
Fsiren2
Efrog2,toad,anuran,batrachian,salientian
Franid
Gwood-frog
Gbullfrog
Fleptodactylid
Fcrapaud
Ftree-frog2
F
Gbufo
Gagua
Gnatterjack
Fspadefoot
Ftree-frog
Ecaecilian,blindworm2
Elabyrinthodont
Dreptile,reptilian
Eanapsid
Fchelonian
Gturtle2
H
Iloggerhead
Iridley
Ihawksbill,hawkbill
Ileatherback
H
Isnapper5
H
Istinkpot
Hterrapin
Hredbelly
Hslider
Hcooter
Htortoise
Igopher3
Ediapsid
Ftuatara
Fsaurian
Glizard
Hgecko
Higuanid
Iiguana
Ichuckwalla
I
J
Kswift2,blue-belly
Ibasilisk2
Ianole
Hskink,scincid
Hteiid
Iwhiptail
Jracerunner
Iteju
Hagamid
Iagama
Idragon
Imoloch
H
Iblindworm,slowworm
Ijoint snake
Hlacertid
Hchameleon,chamaeleon
Hmonitor5,varan
Farchosaur,archosaurian
Gdinosaur
Hornithischian
Ipisanosaur,pisanosaurus
Istaurikosaur,staurikosaurus
I
Jstegosaur,stegosaurus
Jankylosaur,ankylosaurus
I
Jpachycephalosaur,pachycephalosaurus
Iceratopsian
Jprotoceratops
Jtriceratops
Jstyracosaur,styracosaurus
Jpsittacosaur,psittacosaurus
Iornithopod
Ihadrosaur,hadrosaurus
Janatotitan
Jcorythosaur,corythosaurus
Jedmontosaurus
Jtrachodon,trachodont
Higuanodon
Hsaurischian
Isauropod
Japatosaur,apatosaurus,brontosaur,brontosaurus
Jbarosaur,barosaurus
Itheropod
Jceratosaur,ceratosaurus
Kcoelophysis
Jcarnosaur
Jtyrannosaur,tyrannosaurus
Jallosaur,allosaurus
Jcompsognathus
Jherrerasaur,herrerasaurus
Jeoraptor
Jmegalosaur,megalosaurus
Jornithomimid
Kstruthiomimus
Kdeinocheirus
Jmaniraptor
Koviraptorid
Kvelociraptor
Kdromaeosaur
Kdeinonychus
Kutahraptor,superslasher
Hdiplodocus
Htitanosaur,titanosaurian
Hargentinosaur
Hground-shaker,seismosaur
Gpterosaur
Hpterodactyl
Gthecodont
Gichthyosaur
Hichthyosaurus
Hstenopterygius
Gplesiosaur,plesiosaurus
Gnothosaur
Fcrocodilian
Gcrocodile
Galligator2,gator
Gcaiman,cayman
Ggavial
Fsnake3,serpent3,ophidian
Gcolubrid
Hhoop snake
Hracer3
Iblacksnake2
Hwhip-snake,whipsnake
Icoachwhip
H
Iblacksnake
Hbull-snake
Hkingsnake
Hgarter snake
Iribbon snake
Hlined snake
Hred-bellied snake
Gconstrictor
Hboa2
Iboa constrictor
Ianaconda
Ipython
Jrock python
Jamethystine python
Gelapid
Hharlequin-snake
Hcopperhead2
Hcobra
Iasp2
Ihamadryad
Hringhals,rinkhals
Hmamba
Hkrait
Htaipan
Gviper
Hadder2
Hasp
Hcerastes
H
Icopperhead
Icottonmouth
Irattlesnake,rattler2
Jdiamondback
Jprairie rattlesnake
Jsidewinder2
Jmassasauga2
Jmassasauga
Ifer-de-lance
Esynapsid
Ftherapsid,protomammal
Gcynodont
Gdicynodont
Fictodosaur
Fpelycosaur
Fedaphosaurus
Fdimetrodon
Dmammal,mammalian
Etusker
Eprototherian
Fmonotreme
Gechidna2,anteater6
Gechidna,anteater5
Gplatypus,duckbill2
Emetatherian
Fmarsupial
Gopossum2,possum
Gbandicoot
Hbilby
Gkangaroo
Hwallaby
Ipademelon,paddymelon
H
Ipotoroo
Ibettong
Gphalanger,opossum,possum2
Hcuscus
Hkoala
Gwombat
Gdasyurid
Hdasyure
Hthylacine
Hnumbat,anteater4
Eplacental,eutherian
Flivestock,stock7
Fbull3
Fcow2
Fyearling2
Fbuck4
Gstag2
Hroyal2
Fdoe
Finsectivore
Gmole3
Gshrew,shrewmouse
Ghedgehog2
Gtenrec,tendrac
Gpotamogale
F
Gcetacean,blower3
Hwhale
I
Jbowhead
Jrorqual,razorback2
Kfinback
Jhumpback
Jdevilfish
I
Jcachalot
J
Kbottlenose2
Jdolphin2
Kbottlenose
Kporpoise
Lvaquita
Kgrampus2
Kkiller,orca,grampus
Kblackfish3
Kbeluga2
Inarwhal,narwal,narwhale
Ispouter2
Gsirenian
Hmanatee
Hdugong
Gpinniped,pinnatiped
Hseal7
I
Jbladdernose
Hwalrus,seahorse
Fcarnivore
Gfissiped
Gcanine2,canid
Hbitch
Hdog3
Ipooch,doggie,doggy,barker,bow-wow
Icur,mongrel2,mutt
Jfeist,fice
Jpye-dog,pie-dog
Ilapdog
Itoy5
J
Kpapillon
I
Jcourser2
Jhound,hound dog
Kbasset
Kbeagle
Kbloodhound,sleuthhound
Kbluetick
Kboarhound
Kcoonhound
Lcoondog
Kfoxhound
Kharrier
Kredbone
Kwolfhound
Lborzoi
Kgreyhound
Lwhippet
Kelkhound
Kotterhound
Kdeerhound
Kstaghound
Jdachshund,dachsie
Jterrier
Kbullterrier
Kratter
Kfox terrier
Kwirehair
Kcairn
Kschnauzer
J
Kretriever
Kpointer3
Lvizsla
Ksetter
Kspaniel
Lclumber
Lspringer3
Lcocker
Kgriffon2
I
Jwatchdog
Kkuvasz
Khousedog
Kschipperke
Kpinscher
Laffenpinscher
Jsheepdog
K
Lgroenendael
Lmalinois
Kbriard
Kkelpie
Kkomondor
Kbobtail
Kcollie
Kalsatian
Jboxer
Jmastiff
Jbulldog
J
Kmalamute,malemute
Jhusky
Idalmatian
Ibasenji
Ipug,pug-dog
Ispitz
Jchow2
Jkeeshond
Igriffon
Icorgi
Ipoodle
Hwolf
Icoyote
Jcoydog
Hjackal
Hwild dog
Idingo,warrigal2,warragal2
Idhole
Hhyena,hyaena
Iaardwolf
Hfox
Ivixen
Gfeline,felid
Hcat4
I
Jkitty2,kitty-cat,puss2,pussy2,pussycat
Jmouser
Jalley cat
Jtom,tomcat
Kgib
Jtabby2,queen5
Jtabby
Jtortoiseshell3,tortoiseshell-cat
Iwildcat2
Jcatamountain
Jcougar,puma,catamount2,painter2,panther3
Jocelot
Jjaguarundi,jaguarondi,eyra
Jserval
Jmargay
Jmanul
Jlynx,catamount
Kbobcat
Kcaracal
Hcat5
Ileopard2
Jleopardess
Jpanther2
Iounce
Ijaguar,panther
Ilion
Jlioness
Jlionet
Itiger
Jtigress
Iliger
Itiglon,tigon
Icheetah,chetah
Isabertooth
Gbear
Hbruin2
Igrizzly,silvertip,silver-tip
Hbruin
Gviverrine
Hcivet
Ibinturong,bearcat
Ifanaloka
Hfossa
Hgenet
Hmongoose
Iichneumon
Hmeerkat,mierkat
Isuricate
Gmustelid,musteline
Hweasel
Iermine2
Jstoat
Imuishond
Jzoril
Hmink3
Hpolecat2,fitch,foulmart,foumart
Iferret2
Hferret
Hotter2
Hskunk,polecat
Hbadger
Hratel
Hwolverine2,carcajou
Hglutton,wolverine
Hgrison
Hmarten
Isable4
Ifisher,pekan
Htayra,taira
Gprocyonid
Hraccoon2,racoon
Icoon,ringtail2
Hbassarisk,cacomistle,cacomixle,ringtail
Hkinkajou,potto
Hcoati,coati-mondi,coati-mundi
Hpanda2
Hpanda
Faardvark,anteater3
Fbat4,chiropteran
Gmegabat
Hharpy,tube-nosed fruit bat
Gmicrobat
H
Imacrotus
Hvespertilionid
Iserotine
Ipipistrelle,pipistrel
Hfreetail
Flagomorph
Gleporid
Hrabbit,coney4,cony3
Ilapin2
Ibunny
Icottontail
Jcanecutter
Ileporide
Hhare
Ileveret
Ijackrabbit
Gpika,coney3,cony2
Frodent,gnawer
Gmouse2
Hfieldmouse
Grat2
H
Igopher2
Gmurine
Gmuskrat2,musquash
Gwood-rat
Hvole
Iphenacomys
Hpackrat
Ghamster
Ggerbil,gerbille
Hjird
Glemming
Gporcupine,hedgehog
Gjerboa
Gdormouse
Hloir
Hlerot
Gsquirrel
H
Ichickeree
Hgopher,spermophile
Isuslik,souslik
Iflickertail
Hhackee
Hchipmunk
Hbaronduki,baranduki,barunduki,burunduki
H
Itaguan
Gprairie dog
Gmarmot
Hgroundhog,woodchuck
Hwhistler
Hrockchuck
Gbeaver5
Gsewellel
Gcavy
Haperea
Gmara
Gcapybara,capibara
Gagouti
Gpaca
Gcoypu,nutria
Gchinchilla3
Gviscacha,chinchillon
Gabrocome
Fungulate
Gdinocerate
Hdinoceras,uintathere
Gperissodactyl
Hequine,equid
Ihorse4
Jroan2
Jstablemate
Jgee-gee
Jeohippus
Jmesohippus
Jprotohippus
J
Kstallion,entire
Lstud3,studhorse
Kgelding
Jmare
Kbroodmare
Jmount3
Kremount
Kpalfrey
Kwarhorse2
Lcharger2,courser
Lsteed
Kprancer
Khack5
Kbuckskin
Kcrowbait,crow-bait
Kdun
Kgrey2,gray2
Jpony2
Kmustang
Lbronco,bronc,broncho
Kcayuse
Jwild horse
Ktarpan
Kwarrigal,warragal
Jhack4
Jhack3,jade2,nag,plug6
Jpony4
Jracehorse,bangtail
Kthoroughbred
Kpony3
Kyearling
Kmudder
Knonstarter
Kpacer,pacemaker3,pacesetter
Ktrotter
Jsteeplechaser
Jstalking-horse2
J
Kcob2
Khackney2
Jworkhorse2
K
Lcarthorse,drayhorse
Lshire
Lpoler
Lwheeler
Kpackhorse
Kdobbin
Jpost-horse,poster2
Jpacer2
Jstepper2
Jchestnut2
Jbay4
Jsorrel2
Jpalomino
Jpinto
Iass2
Jdonkey
Kburro
Kmoke
Jjack9,jackass
Jjennet,jenny
J
Kkiang
Konager2
Lchigetai,dziggetai
Imule2
Ihinny
Izebra
Iquagga
Hrhinoceros,rhino
Htapir
Gartiodactyl
Hswine
Ihog2,pig3,grunter,squealer
Jporker
Iboar2
Isow
Irazorback
Iboar
Ibabirusa,babiroussa,babirussa
Iwarthog
Hpeccary
Ijavelina
Hhippopotamus,hippo
Hruminant
Ipollard
Ibovid
Jbovine
K
Laurochs2,urus
Lyak
Lbanteng,banting,tsine
L
Mgaur
Mgayal,mithan
Kcattle,cows,kine,oxen
Lstirk
Lbullock2,steer
Lbull
Mbullock
Lcow,moo-cow
Mspringer2
Mheifer
Lbeef,beef cattle
Mlonghorn
Mshorthorn
Mwhiteface
Mcattalo,beefalo
Ldairy cattle,dairy cow,milcher,milker
Lgrade
K
Lzebu
Jbuffalo3
Kwater buffalo
Lcarabao
Kanoa
Ktamarau,tamarao
Jbison
Kbuffalo
Kwisent,aurochs
Jsheep
Kewe
Kram3,tup
Kwether
Lbellwether
K
Lbroadtail2,caracul,karakul
Llongwool
Lmerino
J
Kargali,argal
Kurial
K
Lbighorn,cimarron
Lmouflon,moufflon
Kaoudad,arui,audad
Jgoat
Kkid2
Kbilly2,he-goat
Knanny,nanny-goat,she-goat
K
Lpasang2
Lmarkhor,markhoor
Libex
J
Kgoral
Kserow
Kchamois2
Ktakin
Jantelope
Kblackbuck
Kgerenuk
Kaddax
Kgnu,wildebeest
Kdik-dik
Khartebeest
Ksassaby,topi2
Kimpala
Kgazelle
Lspringbok,springbuck
Kbongo2
Kkudu,koodoo,koudou
K
Lnyala
Lbushbuck,guib
Knilgai,nylghai,nylghau
Ksaiga
Ksteenbok,steinbok
Keland
Kwaterbuck
Lkob
Llechwe
Kpuku
Koryx,pasang
Lgemsbok,gemsbuck
Ipronghorn,prongbuck
Ideer,cervid
Jpricket2
Jfawn
Jelk3,wapiti2
Khart,stag
Khind2
Kbrocket2
Jsambar,sambur
Jwapiti,elk2
Jsika
Jwhitetail
J
Kblacktail
Jelk,moose
J
Kroebuck
Jcaribou,reindeer
Jbrocket
Jmuntjac
Jelaphure
Ichevrotain
Jkanchil
Jnapu
Igiraffe,camelopard
Jokapi
Hcamel
Idromedary
Hllama
Iguanaco
Ialpaca3
Hvicuna3
Funguiculate
Fhyrax,coney2,cony,dassie,das
Fpachyderm
Fedentate
Garmadillo
Hpeba
Hapar
Htatouay,cabassous
Hpeludo,poyou
Htatou,tatu
Hpichiciago,pichiciego,chlamyphore
Gsloth
Hunau2,unai2
Hunau,unai
Gmegatherian,megatheriid
Hmegathere
Gmylodontid
Hmapinguari
Gmylodon
Ganteater2
Htamanoir
Htamandua,tamandu
Fpangolin,anteater
Fprimate
Gsimian
Gape
H
Ipongid
Jorangutan,orang,orangutang
Jgorilla
Ksilverback
Jchimpanzee,chimp
Kbonobo
I
Jgibbon
Jsiamang
Ganthropoid
Ghominoid
Hproconsul
Ghominid
Hhomo,man2,human being,human
Iworld,humanity,humankind,humans,mankind,man3
I
Jmodern man
Haustralopithecine
Hdryopithecine
Irudapithecus
Gmonkey
Hcatarrhine
Iguenon
Jtalapoin
Jgrivet
Jvervet
Imangabey
Ipatas
Ibaboon
Jchacma
Jmandrill
Jdrill2
Imacaque
Jrhesus
Ilangur
Jentellus,hanuman
Icolobus
Jguereza
Hplatyrrhine,platyrrhinian
Imarmoset
Jtamarin,leoncita
Kpinche
Icapuchin2,ringtail3
Idouroucouli
Ihowler
Isaki2
Iuakari
Ititi
Gprosimian
Glemur
Haye-aye
Hpotto2,kinkajou2
Hangwantibo
Hgalago,bushbaby
Hindri,indris
Gtarsier
F
Gpentail,pen-tail
Fcolugo
Fproboscidean,proboscidian
Gelephant
Hmammoth
Hgomphothere
Gmastodon,mastodont
Fplantigrade
Fdigitigrade
E
F
Gqueen4
Dtetrapod
Equadruped
Binvertebrate
Carthropod
Dtrilobite
Darachnid,arachnoid2
Eharvestman
Escorpion
Epseudoscorpion
Ewhip-scorpion
Fvinegarroon
Espider2
Ftheridiid
Ftarantula2
F
Gtarantula
Eacarine
Ftick2
Gixodid
Hsheep-tick2
Gargasid
Fmite
Gacarid
Gtrombidiid
Gtrombiculid
Hchigger2,jigger3,redbug
Gacarus
Gsarcoptid
Gtetranychid
Dmyriapod
Dsymphilid
Dtardigrade
Dcentipede
Dmillipede,millepede,milliped
Dpycnogonid
Deurypterid
Dpentastomid
Dcrustacean
E
Fkrill
Fisopod
Gwoodlouse,slater
Famphipod
Gsandhopper
Edecapod
Fcrab
Flobster2
Glangouste2,crawfish3,crayfish4
Fcrayfish3,crawfish2,crawdad2,crawdaddy
Gecrevisse2
Fshrimp2
Fprawn2
Ebrachyuran
Estomatopod
F
Gsquilla
Ebranchiopod,branchiopodan
Fdaphnia
Ecopepod
Fbrit2,britt2
Fcyclops
Eostracod
Ebarnacle,cirriped,cirripede
Donychophoran,peripatus
Dinsect
Eephemeron,ephemeral
Eholometabola,metabola
Edefoliator
Epollinator
Egallfly3
Emecopteran
Ecollembolan,springtail
Eproturan,telsontail
Ebeetle2
Fladybug,ladybeetle,ladybird
Gvedalia
F
Gcalosoma
Hsearcher
Ffirefly2
Gglowworm
Flongicorn
Gsawyer
Fchrysomelid
Fclerid
F
Gscarabaeid,scarabaean
H
Iscarab,scarabaeus
Itumblebug
Idorbeetle
H
Ifigeater
H
Icockchafer
Felater,elaterid
Gskipjack3
Gfirefly
Fdeathwatch2
Fweevil
Gtenebrionid
Fmeloid
Elouse
Fcootie
Fcrab3
Elouse3
Eflea
Fchigoe,chigger
Fsticktight
Edipteran,dipteron
Fgallfly2
Ffly4
Ghousefly
Gtsetse,tzetze,glossina
Gblowfly
Hbluebottle
Hgreenbottle
Ggadfly
Hbotfly
Hhorsefly2,cleg,clegg
Ghorn fly
F
Gmedfly
Gdrosophila
Fhippoboscid
Ghorsefly
Gsheep-tick
Fmosquito
Ggnat2
Ganopheline
Fgnat
Gpunkie,punky,punkey,no-see-um
Gmidge
Gpsychodid
Gsandfly
Gblackfly2
Fsciara,sciarid
Garmyworm3
Eleaf-miner
Ehymenopteran,hymenopteron,hymenopter
Fbee
Gdrone3
Ghoneybee
Gbumblebee,humblebee
Gcuckoo-bumblebee
Gandrena,andrenid,mining bee
Galkali bee
Gleaf-cutter
Fwasp
Gvespid
Hhornet
Gsphecoid
Ggallfly
Fchalcidfly,chalcid
Fsawfly
Fant,emmet,pismire
Gslave-maker
Eworker
Fsoldier
Fworker bee
Etermite
Eorthopteron,orthopteran
Fgrasshopper,hopper3
Gacridid
Hlocust
Gtettigoniid
Hkatydid
Fcricket
Ephasmid
Fwalkingstick
Gdiapheromera
E
Fcockroach,roach2
Gblackbeetle
Gcrotonbug
Fmantis,mantid
Ebug2
Ebug3,hemipteran,hemipteron
F
Gmirid,capsid
Flygaeid
Fcoreid
Fbedbug,chinch
Fbackswimmer
E
F
Gpond-skater
Freduviid
Gconenose
Ffirebug
Ehomopteran
Fwhitefly
G
Hsuperbug
F
G
Hcochineal2
Gmealybug
Flouse2
Gaphid
Hblackfly
Hgreenfly
Gadelgid
Gpsylla,psyllid
Fcicada,cicala
Fspittlebug
Gfroghopper
Fleafhopper
Gjassid
Fplanthopper
Gtreehopper
Glantern-fly
E
Fpsocid
Gbark-louse
Fbooklouse,deathwatch
Eephemerid,ephemeropteran
Fmayfly,dayfly,shadfly
Estonefly,plecopteran
Eneuropteron,neuropteran
Fantlion2
Flacewing
Gchrysopid
Hgoldeneye
Ghemerobiid
Fdobson2,dobsonfly
Ffish-fly
Falderfly
Fsnakefly
Fmantispid
Fspongefly,spongillafly
Eodonate
Fdragonfly
Fdamselfly
Etrichopteran,trichopteron
Fcaddis-fly,caddice-fly
Ethysanuron
Fbristletail
Gfirebrat
Fsilverfish
Fmachilid
Ethysanopter,thysanopteron
Fthrips,thrip,thripid
Eearwig
Elepidopteron,lepidopteran
Fbutterfly
Gnymphalid
Htortoiseshell2
Hadmiral
Hviceroy
Hanglewing
Hcomma
Hfritillary
Isilverspot
Hemperor3
Hpeacock
Gringlet2
Gdanaid
Hmonarch
Gpierid
Glycaenid
Hblue4
Hcopper3
Hhairstreak
Fmoth
Gmiller2
Gtortricid
Hleaf-roller
Htortrix2
Htortrix
Glymantriid
Hbrowntail
Ggeometrid
Gpyralid
Gtineoid
Htineid
Hgracilariid
Ggelechiid
Hsplitworm
Gnoctuid
Hunderwing
Harmyworm2
Ghawkmoth,sphingid
Gbombycid
Gsaturniid
Hemperor2
Hcecropia
Htussah,tusseh,tussur,tussore,tusser
Garctiid
Hcinnabar2
Glasiocampid
Heggar,egger
Hlappet3
Epupa
Fchrysalis
Eimago
Equeen3
Dinstar
Czoophyte
Csponge2,poriferan,parazoan
Ccoelenterate,cnidarian
Dpolyp
Dmedusa,medusoid,medusan
Djellyfish2
Dscyphozoan
Dhydrozoan,hydroid
Eplanula
Ehydra
Esiphonophore
Fnanomia
Fman-of-war2,jellyfish
Fpraya
Fapolemia
Esertularian
Danthozoan,actinozoan
Eanemone
Factinia,actinian,actiniarian
Ecoral3
Fgorgonian
Fmadrepore
Cctenophore
Dberoe
Dplatyctenean
Cworm2
Dhelminth
Dwoodworm
Dacanthocephalan
Darrowworm,chaetognath
Esagitta
Dflatworm,platyhelminth
Eplanarian,planaria
Efluke3,trematode
Fliver fluke
Fschistosome
Etapeworm,cestode
Fechinococcus
Ftaenia2
Dnemertean,nemertine
Dpogonophoran
Dnematode,roundworm
Epinworm,threadworm
Eeelworm
Ewheatworm
Etrichina
Ehookworm
Efilaria
Dannelid
Earchiannelid
Eoligochaete
Fearthworm,angleworm,fishworm,wiggler2,nightwalker,nightcrawler,crawler
Epolychaete,polychete
Flugworm,lug3,lobworm
Fbloodworm
Eleech,bloodsucker,hirudinean
Fhorseleech
Cwoodborer,borer2
Crotifer
Cmollusk,mollusc,shellfish2
Dscaphopod
Dgastropod,univalve
Eabalone,ear-shell
Former,sea-ear
Econch
Esnail
Eslug5
Eseasnail2
Fneritid
Gnerita
Gneritina
Fwhelk2
Ftriton
Fmoonshell
Fperiwinkle2,winkle2
Flimpet2
Enudibranch
Ephysa
Ecowrie,cowry
Esolenogaster,aplacophoran
Dchiton2,polyplacophore
Dbivalve,pelecypod,lamellibranch
Eclam
Fsteamer4
Fquahog2,quahaug2
Glittleneck2
Gcherrystone2
Fgeoduck
Fknife-handle
Fshipworm,teredinid
Gteredo
Ecockle2
Eoyster
Fbluepoint2
Fcapiz
Emussel2
Fmytilid
Escallop3,scollop3,escallop3
Epiddock
Dcephalopod
Enautilus3
Edibranchiate,dibranch
Eoctopod
Foctopus2,devilfish2
Fnautilus2
Edecapod2
Fsquid2
Gloligo
Gommastrephes
Garchiteuthis
Fcuttlefish,cuttle
Fspirula
Cphoronid
Cbryozoan,polyzoan
Cectoproct
Centoproct
Cbrachiopod,lampshell
Csipunculid
Cechinoderm
Dstarfish
Dbrittle-star
Dcrinoid
Ecomatulid
Dholothurian
Etrepang
Bmetazoan
Bomnivore
Bpredator
Ccarnivore2
Bprey,quarry2
Bgame2
Cgame bird
Dgrouse2
E
Fheathfowl
Fblackcock
Fgreyhen,grayhen
Eptarmigan
Fmoorfowl,moorbird,moor-bird,moorgame
Gmoorhen2
Gmoorcock
Ecapercaillie,capercailzie
Epartridge5
Esprigtail
Dphasianid
Epheasant
Fafropavo
Fargus
Fmonal,monaul
Fpeafowl
Gpeachick,pea-chick
Gpeacock2
Gpeahen
Ftragopan
Equail2
Fbobwhite,partridge4
Epartridge3
Dtinamou,partridge2
Bhexapod
Bbiped
Blarva
Ccercaria
Cwireworm
Cmealworm
Cwiggler,wriggler
Cstrawworm2,jointworm
Cdoodlebug3,antlion
Chellgrammiate,dobson
Ccaseworm
Dcaddisworm,strawworm
Ccaterpillar2
Dcankerworm
Dinchworm,looper
Dcutworm
Darmyworm
Dsilkworm
Dsilkworm2
Dwebworm
Dbollworm
Evetchworm
Dcabbageworm
Cnymph
Cleptocephalus
Cbot
Cgrub2
Dmaggot
Dleatherjacket3
Ctadpole,polliwog,pollywog
Bracer2
Cfinisher2
Bcaptive
Bmate2
Abody part
Bapparatus2
Badnexa,annexa
Barea2,region
Chypochondrium
Cepigastrium
Cfovea
Cparafovea
Cmacula
C
Dsensorium
Cperineum
Cside2
Ccleavage
Careola2
Cmiddle,midriff,midsection
Cwaist2,waistline
Cpubes,loins
Cpalm,thenar2
Cthenar
Csole3
Chalf-moon,lunula2,lunule
Cgroin3,inguen
Cquick
Bdilator3
Bgroove,vallecula
Cfissure
Dsulcus
Dhilus,hilum
Bpartition2
Cseptum
B
Carthromere
Clip2
Doverlip
Dunderlip
Clabium
Chead7,caput
D
Ebullethead
Eattic3,bean2,bonce,noodle2,noggin,dome3
Cneck3,cervix
Cfrill4,ruff2
Cbreast,chest4
Dbosom2
Cextremity,appendage2,member
Dlimb4
Eleg4
Fpin8,peg5,stick7
Fbowleg,bandyleg
Fspindlelegs,spindleshanks
Ecrus
Eleg5
Ethigh
Flap3
Earm5
Ecubitus2
Eforearm
Ddigit,dactyl
Eminimus
Efinger2
Fthumb3,pollex
Findex2,index finger,forefinger
Fannualry
Flittle finger,pinkie,pinky
Etoe3
Fhallux
Fhammertoe
Cextremity2
D
Efoot3,pes
Fflatfoot,splayfoot
Dhand2,manus,mitt2,paw
Efist
Ehooks,maulers
Eright2,right hand
Eleft2,left hand
Cface4
Dcountenance,physiognomy,phiz,visage,kisser,smiler,mug2
Epudding-face
Cface5
Bstructure2
Cbulb4
Ccarina
Dkeel2
Ccauda
Cchiasma,chiasm,decussation
Ccingulum
Cconcha
Cfilament3,filum
Dhair2,pilus
Cgerm
Cinfundibulum
Cinterstice2
Dareola
Clandmark
D
Eacanthion
Easterion
Eauriculare
Ebregma
Econdylion
Ecoronion
Ecrotaphion
Edacryon
Eentomion
Eglabella,mesophyron
Egnathion
Egonion
Einion
Ejugale
Elambda
Emastoidale
Emetopion
Enasion
Eobelion
Eophryon
Eorbitale
Epogonion
Eprosthion,prostheon
Epterion
Erhinion
Esphenion
Estephanion
Esymphysion
Climbus
Crib5
Cblade6
Cradicle
Cplexus,rete
Ctube4
Dtubule
Emicrotubule
Enephron
Etrachea2
Dsalpinx
Eoviduct
Dcochlea
Dvessel3,vas
Eblood vessel
Fartery2,arteria
Gaorta
Garteriole,arteriola
Gbronchial artery
Gceliac artery
Gcoronary artery
Hright coronary artery
G
Hcommon iliac artery
Gpulmonary artery
Grenal artery
Fvasa vasorum
Fvein,vena
Gjugular
Gportal3
Gpulmonary vein
G
Hpostcava
Hprecava
Gvenule,venula
Fcapillary2
Gglomerulus
Gtomentum
Cpassage3,passageway2
Dmeatus
Dorifice,opening4,porta
Estoma
Espiracle
Fblowhole2
Fstigma
Emouth3
Ecervix2
Efenestra
Ecardia
Eintroitus
Epylorus
Eanus
Farse2,arsehole,asshole,bunghole2
Efontanelle,fontanel
Enaris
Fnostril
Erima
Fmouth2,oral cavity
Gtrap6,cakehole,hole3,maw,yap,gob
Dduct2,canal2,channel3
Epore
Eductule,ductulus
Ecanaliculus
Esinus3
E
Flacteal
Eureter
Eurethra
Eumbilical
Evagina
Eepididymis
E
Fbronchus
Ftrachea,windpipe
Ebronchiole
E
Fenteron
Dsinusoid
Desophagus,oesophagus,gorge,gullet
Depicardia
Dfauces
Dfistula,sinus
Dshunt3
Ebypass3
Cfundus
Cfuniculus
Chead11
Ccavity,cavum
Dsinus2
Dlocule,loculus
Dlumen
Dsocket3
Ealveolus2
Eacetabulum
Deye socket,orbit
Dantrum
Dcloaca2
Dvestibule2
Dmediastinum
Dtympanum2
Dchamber4
Eventricle2
Fleft ventricle
Fright ventricle
Eatrium2
Dvacuole
Dventricle
Dsac
Esaccule,sacculus
Ebladder2,vesica
Fgallbladder
Eacinus
Ebursa
Ecisterna,cistern3
Epouch2,pocket3
Futricle,utriculus
Fauricle
Fauricula
Fmarsupium
Fscrotum
Evesicle,cyst
Fdacryocyst
Fdictyosome
Fblister,bulla2,bleb
Ffollicle
Fliposome
Ealveolus
Dnasal cavity
Dnasopharynx
Doropharynx
Dlaryngopharynx
Dcecum,caecum
D
Ethroat3,pharynx
Darmpit,axilla
Dabdomen2
Dpelvis2
Dcelom,coelom,celoma
Croot
Ccapsule5
Deyeball,orb
Cuvea
Cnucleus3
Cglans
Calveolar bed
Cvalve3
Dvalvule,valvelet,valvula
C
Dpulp3
Dplacenta
Eafterbirth
Ccytoskeleton
Ccentromere,kinetochore
Caster
C
Dganglion
E
Fotoganglion
E
Famygdala
Fcaudate
Fclaustrum
Fpallidum,paleostriatum
Fputamen
Fstriatum
Dcenter4,centre3
Erhinencephalon
Dhemisphere
Dbrain,encephalon
Dneencephalon,neoencephalon
Dpaleencephalon,paleoencephalon,palaeencephalon
Dcerebellum
Dvermis
Dpaleocerebellum
Dcerebral cortex,pallium3,cortex
Eneopallium,neocortex
Earchipallium,paleocortex
Dcerebrum
Dmedulla2,bulb3
Dforebrain,prosencephalon
Dhippocampus
Dtelencephalon
Ddiencephalon,interbrain,betweenbrain,thalmencephalon
Dvisceral brain,limbic brain
Dsubthalamus
Dthalamus
Dhypothalamus
Dmidbrain,mesencephalon
Dhindbrain,rhombencephalon
Emetencephalon
Dmyelencephalon
Dpons
Dbrainstem,brain-stem
Dnucleus2
Dradiation
Cfold2,plica
Depicanthus
Dvocal cord
Druga
Dtentorium
Cgyrus,convolution
C
Depiglottis
Dauricle2,pinna,ear2
Dtragus
Dlarynx
Cball5
Cplate13
Dfrill3
Dlamina
Cunguis
Dnail2
Efingernail
Fthumbnail
Etoenail
Fonyxis
C
Drib cage
Darch3
Einstep2
Dheel4
Dgirdle3
Epelvis,pelvic girdle,hip2
Dcolumn5
Dvertebral column,spine2,backbone3,back6,rachis
Dmetacarpus
Dmetatarsus
Dtarsus
Ccosta
Chead10
Cbridge7
Ccornu
Ccorona2
Creceptor
Dalpha-adrenoceptor
Dbeta-adrenoceptor
Czone,zona
Dzonule,zonula
Bfornix
Bsystem3
Cvenation
Cmusculature
Ddiaphragm4,midriff2
Cnervous system
Dparasympathetic
Ccentral nervous system
Ctract
Drespiratory tract,airway3
C
Dcirculatory system
Cskeleton2,frame6
Dendoskeleton
Dexoskeleton
Bampulla2
Btissue
Cisthmus,band8
C
Depithelium
Eendothelium
Emesothelium
Eneuroepithelium
Edecidua
Dflesh
Dcapillary bed
Dparenchyma
D
Eneuroglia,glia
Fastroglia,macroglia
Fmicroglia
Foligodendroglia,oligodendria
Dfat2
Eflab
Eatheroma
Ecellulite
Emons
Ebelly2,paunch
Fpot5,potbelly2,corporation,tummy
Dconnective tissue
Eskin3,tegument,cutis
Fbuff3
Fdewlap
Fprepuce2,foreskin2
Fprepuce,foreskin
Fscalp
Fcuticle
Fhangnail,agnail
Ebone
Fanklebone,astragal2,astragalus,talus
Fcarpal
Gnavicular
Gtriquetral
Gpisiform
Gtrapezium
Gtrapezoid
Gcapitate
Ghamate
Fcentrum
Fcheekbone,zygomatic,malar
Fclavicle,collarbone
Fcoccyx
Fdentine2,dentin2
Fethmoid
Fheelbone,calcaneus
Fhipbone
Fhyoid
Filium
Fischium
Flong bone
Gepiphysis
Gdiaphysis,shaft7
G
Hhumerus
Hradius2
Hulna
G
Hfemur,thighbone,femoris
Hfibula
Htibia,shinbone,shin3
Framus
F
Gforehead2
Fmetacarpal
Fmetatarsal
Fnasal
Fossicle,bonelet,ossiculum
G
Hmalleus,hammer7
Hincus,anvil2
Hstapes,stirrup2
Fpalatine
Fphalanx
Fpubis
Frib3,costa2
Fround bone
Fsacrum
Fscapula,shoulder blade
Fsesamoid
Gpatella,kneecap,kneepan
Fshort bone
Fsphenoid
Fsternum,breastbone
Fgladiolus
Fmanubrium
Ftarsal
Ftooth3
Gchopper3,pearly
Ganterior
Hbucktooth
Gback tooth,posterior2
Gcanine,eyetooth,dogtooth2,cuspid
Gpremolar,bicuspid
Gincisor
Gmolar,grinder4
Fturbinate,turbinal
Fvertebra
G
Hatlas3
Haxis2
Fzygoma
Fmodiolus
Fskull
Fcalvaria,skullcap2
Fcranium,braincase,brainpan
Focciput
Fsinciput
Fjaw2
Glower jaw,mandible,mandibula,submaxilla,jawbone,jowl
Gmaxilla,maxillary
Gchop2
Fvomer
Emarrow,bone marrow
Eendoneurium
Eligament2
Eperineurium
Eperimysium
Etendon,sinew
Fhamstring
Esubmucosa
Efascia2,facia
Faponeurosis
E
Fadhesion
D
Etonsil,tonsilla
Espleen,lien
Elymph node,node2
Eadenoid
Dcartilage,gristle
Emeniscus3
Efibrocartilage
Earytenoid,arytaenoid
Dmuscle2
E
Fpacemaker2
Fmyocardium
Dfibrous tissue
Etrabecula
D
Efascicle2,fasciculus
Ffornix2
Fnerve,nervus
Gefferent
Gafferent
Hlemniscus,fillet5
G
Hoculomotor
Htrochlear,trochlearis
Htrigeminal,trigeminus
Habducent,abducens
Hfacial
Hvagus,pneumogastric
Hhypoglossal
Gdepressor3
Eneuropil,neuropile
E
Ftract3,pathway2
Gcommissure
Gpeduncle
Dgingiva,gum2
Dcortex3
Dflap3
Euvula
Evelum
E
Feyelid,lid3,palpebra
F
Ghaw
Ecusp2,leaflet
Dmembrane2
Eaxolemma
E
Fcaul2,veil3
Echoroid
Ecornea
Farcus,arcus senilis
Eeardrum,tympanum3,myringa
Eendocranium
Eendosteum
Eependyma
Ehyaloid
Eintima
Eiris2
Elamella2
Emeninx,meninges
Fleptomeninges
Fdura
Farachnoid
Emucosa
Fconjunctiva
Gpinguecula
Gpterygium
Fendometrium
Fhymen,maidenhead
Eperiosteum
Eperithelium
Eretina
Esarcolemma
E
Fcytomembrane
Eserosa
Fpleura
Fperitoneum
Gmesentery
Hmesocolon
Gomentum
Hcaul
Fendocardium
Fpericardium
Fepicardium
Esynovium
Etunic2,tunica,adventitia
Falbuginea
Gsclera
Dcortex2
Dmedulla3
Dmatrix3
Dgraft,transplant
Eautograft,autoplasty
Ehomograft,allograft
Eheterograft,xenograft
Dstroma
Bmentum2
Borgan4
Ccontractor
Dmuscle,musculus
E
Fabductor
Fadductor
Fextensor
Gquadriceps,quad3
Fflexor
Fdeltoid
Fserratus
Fpectoral2,pectoralis,pecs
Gpectoralis major
Fintercostal
Fdepressor2
Fabdominal
Goblique
Gtransversus abdominis
Flat
Fgluteus,glute
Fcalf2,sura2
Gmid-calf
Fgastrocnemius
Fpsoas
Frhomboid
Fsoleus
Fsplenius
Fperoneus
Fbiceps
Gbiceps brachii
Ftriceps
Fsartorius
Fscalenus
Fsternocleidomastoid,sternocleido mastoideus
Fteres
Ftibialis
Gtibialis anticus
Ftrapezius
F
Gmasseter
Gplatysma
Ftemporalis
Epronator
Esupinator
Elevator
E
Fagonist2
Fantagonist2
Erectus
E
Fmyometrium
Esphincter
Etensor
Cprimordium,anlage
Cvitals
Ceffector
C
Dprecordium
Cviscus
Dviscera,entrails,innards
D
Ekidney
Dliver
Dheart2,pump3,ticker3
Dstomach,tummy2,tum,breadbasket2
D
Elung
Dintestine,bowel,gut2
Esmall intestine
Fduodenum
Fjejunum
Fileum
Elarge intestine
Fcolon
Gmegacolon
Dhindgut
Csense organ,receptor2
Dinteroceptor,enteroceptor
Dexteroceptor
Dbaroreceptor
Dchemoreceptor
Etastebud
Enose4
Fbeak,honker,hooter2,nozzle2,snoot,snout,schnozzle,schnoz
Fconk
Fhawk nose
Fproboscis
Fhooknose
Dthermoreceptor
Deye2,oculus,optic
Epeeper
Estemma,ocellus
Fommatidium
Dear
Dlabyrinth2
Ctongue3,lingua,glossa,clapper2
C
Darticulator
Dglottis
Clens3
Cgland,secretor,secreter
Dexocrine
Esweat gland
Epancreas
Emamma
Fbreast2,bosom3,knocker2,boob,tit,titty
Dendocrine
Ethyroid gland,thyroid
Eparathyroid
Eadrenal
Eprostate
Ethymus
Epituitary,pituitary gland,hypophysis
Eadenohypophysis
Eneurohypophysis
Eepiphysis2
Egonad
Fovotestis
Corganelle
Dlysosome
Dnucleus,karyon
Epronucleus
Dnucleolus,nucleole
Dmitochondrion,chondriosome
Esarcosome
Dcentriole
Dribosome
C
Dend-plate,endplate
Dosmoreceptor
C
Dgenitalia,genitals,privates,crotch
Epudendum
Efanny2
Fcunt,puss,pussy,slit2,snatch2,twat
Fvulva
D
Eovary
Euterus,womb
Fventer2
D
Etestis,testicle,orchis,ball4,ballock,bollock2,nut2,egg2
Fcobblers
Dnipple2,mammilla,mamilla,pap2,teat,tit2
C
Dclitoris,clit,button6
Dpenis,phallus,member2
Ecock3,prick,dick,shaft8,pecker,tool2,putz
Emicropenis,microphallus
Bventer3
Benergid,protoplast
Bprocess2,outgrowth,appendage3
Cacromion
Cala
Cacrosome
Ccaruncle,caruncula
Dwattle2,lappet2
Ccondyle
Cepicondyle
Cfimbria
Capophysis
Cspicule,spiculum
Costeophyte
Cpapilla2
Cpapilla
Cappendix2
Cmastoid,mastoidal
Ctuberosity,tubercle,eminence
Ctrochanter
Cmetaphysis
Colecranon
Cridge2
Cexcrescence
Dvegetation
Blobe2
Cearlobe
Clobule
Coccipital lobe
Brectum
Bshoulder3
Btorso,trunk3,body3
Bthorax2,chest3,pectus
Cbust2
Bthorax
Bhip
Bhaunch
Babdomen,venter,stomach2,belly
Cunderbelly,underbody
Bdorsum2
Bback5,dorsum
Bsmall
Bbuttocks,nates,arse,butt7,backside,bum,buns,can4,fundament2,hindquarters,keister,posterior,prat,rear2,rear end,rump2,stern2,seat5,tail4,tooshie,tush,bottom2,behind,derriere,fanny,ass
Bbuttock,cheek2
Bstump3
Bshank6
Bshin
Btoe4
Bjoint4,articulation,articulatio
Csuture3,sutura
Cdiarthrosis
D
Eankle
Ewrist,carpus
Dginglymus
Eknee2,knee joint,genu
Eelbow4,cubitus
Dknuckle
Denarthrosis
Eshoulder5
Ehip3,coxa
Bloins2
Bfeature2,lineament
Cchin,mentum
Dbuccula
Cbrow,forehead
Ctemple4
Ccheek
Cjowl2
Cjaw3
Brudiment
Aplant2,flora
Bphytoplankton
Bmicroflora
Bcrop3
Bendemic
Bholophyte
Bplantlet
Bwilding
Bornamental
Bacrogen
Bapomict
Baquatic
Bcryptogam
Cthallophyte
Bannual2
Bbiennial
Bperennial
Bescape2
Bhygrophyte
Bneophyte
Bembryo2
Bmonocarp
Bsporophyte
Bgametophyte
Cmegagametophyte
Cmicrogametophyte
Bhouseplant
Canthurium,tailflower,tail-flower
Cbloodberry,rougeberry
Cepiscia
Cgloxinia
Ckohleria
Cplectranthus
B
Cbedder
Btracheophyte
Cpteridophyte
Dfern
Epecopteris
Eosmund
Ffiddlehead2
E
Fpepperwort
Gnardoo,nardo
Fpillwort
Fregnellidium
Ffloating-moss
E
Fmoonwort
Epolypody
Fleatherleaf
Elecanopteris
Espleenwort
Ehart's-tongue2
Escolopendrium
Edoodia
E
Fthyrsopteris
Fangiopteris
Edavallia
Ehay-scented
Ebracken2,brake4
Ebracken
Ewood-fern,woodfern
Efiddlehead
Ehart's-tongue
Ewoodsia
Emaidenhair
Elipfern
Ecliff-brake
Ebrake3
Echristella
D
Ehorsetail
Eclub-moss,lycopod
Fspikemoss
Equillwort
Cspermatophyte,phanerogam
Dseedling
Dbalsam3
Dgymnosperm
Eprogymnosperm
Ewelwitschia
Ecycad
Fzamia
Gcoontie
Fceratozamia
Fdioon
Fencephalartos
Fmacrozamia
Fburrawong
Epteridosperm
Dangiosperm
Eangiocarp
Edicot,dicotyledon,magnoliopsid,exogen
Fjiqui
Facerola2
Emonocot,monocotyledon,liliopsid,endogen
Eflower
Fbloomer
Fpeony,paeony
Fpilewort
Fpheasant's-eye
Fanemone2,windflower
Gthimbleweed
Gsnowdrop
Fcolumbine,aquilegia,aquilege
Ghoneysuckle3
Fdelphinium
Glarkspur
Fnigella
Glove-in-a-mist3
Fspathiphyllum
Fcalla
Fsandwort3
Glongroot
Fpink
Gcarnation,gillyflower2
Fbabies'-breath
Flychnis,catchfly2
Fsandwort2
Fsandwort
Fsoapwort
Fsilene,campion,catchfly
Fcowherb
Fumbrellawort
F
Gmaravilla2
Gmaravilla
Fportulaca
Fwallflower2
Fwallflower
Fheliophila
Fcandytuft
Fstock11
Fstock10,gillyflower
Fschizopetalon
Fpoppy
Gcelandine2,swallowwort2
Gbocconia
Gcreamcups
Fcorydalis
Fcomposite
G
Hrosinweed
Geverlasting
Hcottonweed
Hcudweed
Ichafeweed
Hstrawflower3
Hstrawflower2
Hrhodanthe
Himmortelle
Gmayweed
Gsilver-lace
Gtansy
Gcrownbeard,crown-beard
Hwingstem
Hgravelweed
Hfrostweed2,frost-weed2
Fageratum2
Fammobium
Faster2
Ggoldilocks
Fdaisy
Fcalendula
Gruddles
Fcatananche
Fcornflower2,bluebottle2
Fchrysanthemum2
Gmum
Fmistflower,mist-flower,ageratum
Fcosmos,cosmea
Fdahlia
Fconeflower3
Fcudweed2,filago
Fgazania
Fsunflower,helianthus
Gmirasol
Ggirasol2
Ftidytips
Fmarguerite
Fcineraria
Fconeflower
G
Hgolden glow,hortensia2
Fmarigold
Fpyrethrum3
Ftithonia
Fursinia
Fxeranthemum
Fzinnia
Fbartonia
Forchid
Gorchis2
Gaerides
Gangrecum
Gputtyroot,adam-and-eve
Garethusa
Gbletia
Gbrassavola
Gcaladenia
Gcalanthe
Gcalypso,fairy-slipper
Gcattleya
Ghelleborine3
Gcoelogyne
Ghelmetflower2
Gswanflower,swan-flower,swanneck,swan-neck
Gcymbid,cymbidium
Gcypripedia
Glady's-slipper,lady-slipper
Hnerveroot
Hram's-head
Gdendrobium
Gdisa
Gepidendron
Ghelleborine2
Hchatterbox
Gtongueflower,tongue-flower
Ghelleborine
Glaelia
Gliparis
Gtwayblade2
Gtwayblade
Gmasdevallia
Gmaxillaria
Godontoglossum
Goncidium
Gphaius
Gpleurothallis
Gpogonia
Ggreenhood
Gsobralia
Gstanhopea
Gstelis
Gvanda
Gvanilla2
Fcyclamen
Fsowbread
Fshortia
Fcentaury
Grosita
Fgentian
Ggentianella
Gagueweed
Gfelwort
Fbegonia
Fwandflower
Fbellwort
Gstrawflower,cornflower
Ftuberose
Fcommelina
Fscabious,scabiosa
Fachimenes
Fstreptocarpus
Fscorpionweed,phacelia
Gwhitlavia
Gfiddleneck
Fsnapdragon
Fcalceolaria,slipperwort
Fgerardia
Ftoadflax,butter-and-eggs
Fveronica,speedwell
Ggypsyweed
Fbrowallia
Fpetunia
Fschizanthus
Fverbena,vervain
Fvalerian
Ggarden heliotrope
Ewildflower
Fpasqueflower
F
Gsnowball4
Fredmaids
Fbitterroot
Fpussy-paw,pussy-paws,pussy's-paw
Fflame-flower2,flameflower2
Gjewels-of-opar
Foxeye3
Fhawk's-beard,hawk's-beards
Fbrittlebush,incienso
Fsunray
Fengelmannia
Ffleabane2
Fgaillardia
Gfire-wheel
Fgoldenbush
Fheliopsis,oxeye2
Fgoldfields
Fhawkbit
Fedelweiss
Fgayfeather,gay-feather,snakeroot2
Fconeflower2
Fbutterweed,ragwort2
Fgoldenrod
Gsilverrod
Fgoatsbeard
Fwaxflower3
Fpinesap
Fbluebell2
Fkitten-tails
Finnocense
Emadderwort
Fmunjeet
Fmadder
Cherb2
Dbarrenwort
Dmayapple
Dbuttercup,butterflower,butter-flower,crowfoot,goldcup,kingcup2
Dgoldthread
Dhepatica,liverleaf
Dgoldenseal
Dglobeflower
Dlegume2
Epeanut3
Echickpea3
Eguar
Esoy4,soya2,soybean3,soja
Elentil3
Elocoweed,crazyweed
Ebean4
F
G
Hfrijol,frijole2
H
Iharicot2
F
Gbroad-bean
Epea3
Esesbania
Evetch
Ftare2
Esnailflower,snail-flower
Emung3
Ecowpea3
Dclover,trefoil3
Eshamrock3
Eshamrock
Dperiwinkle4
Darum2,aroid
Ecuckoopint,lords-and-ladies,jack-in-the-pulpit2
Ealocasia
Eamorphophallus
Epungapung
Ekrubi
Ejack-in-the-pulpit,wake-robin2
Efriar's-cowl
Ecaladium
Etaro3,dalo,dasheen3
Edracontium
Enephthytis
Eyautia,tannia,spoonflower,malanga
Dginseng2,nin-sin
Dsang
D
Eheartleaf2,heart-leaf2
Easarabacca
Dheartleaf,heart-leaf
Dchickweed2
Esnow-in-summer2,love-in-a-mist2
Ddrypis
Dchickweed
Estitchwort,starwort
Damaranth2
Etumbleweed4
Elove-lies-bleeding
Eprince's-feather2,gentleman's-cane,prince's-plume3
Epigweed3
Dcockscomb2
Dcottonweed2
Dgoosefoot
Elamb's-quarters,pigweed2
Ewormseed
Egood-king-henry,allgood
Esowbane
Dorach,orache
Dhalogeton
Dbarilla2
Dglasswort2,samphire
Dpokeweed
Epoke2,garget,scoke
Eombu
Dpurslane
Epussley,pussly,verdolagas
D
Eblinks
Dspiderflower,cleome
Dclammyweed
Dcrucifer
Ecress2
Fwatercress2
Frockcress2
Gsicklepod2
Fbittercress
Gcuckooflower
Gcoralroot,coralwort
Gcrinkleroot,crinkle-root,toothwort
Fpepperwort2
Esauce-alone,jack-by-the-hedge
Ealyssum,madwort
Ecabbage3
Ecauliflower2
Ebroccoli2
Ekale3,kail2,cole2,borecole,colewort
Fcollard
Ekohlrabi2
E
Fturnip2
Frutabaga2,swede2
Emustard3
Frape,colza
Fcharlock,chadlock
Enapa,pe-tsai
Epakchoi
Etendergreen
Eradish5
Fradish4
Fradish2,daikon
Dstonecress
Dhorseradish3
Dsea-rocket
Ddraba
Eshadflower,shad-flower
Drocket4,roquette,arugula
Dwoad2
Dbladderpod4
Dhonesty,satinpod
Dbladderpod3
Dfringepod,lacepod
Dbladderpod2
Dwasabi2
Dargemone
Dbloodroot,puccoon2,redroot,tetterwort
Dfumitory,fumewort,fumeroot
Dlyreflower,lyre-flower
Dachillea
Eyarrow,milfoil
Esneezewort
Dpellitory2
Dandryala
Dpussytoes
Darnica3
Dayapana
Dbalsamroot
Dsafflower
Dchamomile,camomile
Dchaenactis
Dchicory4,succory
Dendive2,witloof2
Dcoreopsis,tickseed,tickweed,tick-weed
Ecalliopsis
Dleopard's-bane,leopardbane
Delephant's-foot2
Dboneset2,agueweed2,thoroughwort
Dgumweed,tarweed2,rosinweed2
Dsneezeweed
Eowlclaws
Erosilla
Dhawkweed2
Dinula
Eelecampane
Dkrigia
Dlettuce3
Eceltuce2
Dtarweed
Emelosa
D
Ecankerweed
Dbutterweed2
Dbutterbur
Dhawkweed
Dstevia2
Dpteropogon
Dfleabane
Dcostusroot
Dscorzonera2
Dsawwort
Dstevia
Dcostmary2,alecost
Dpyrethrum2
Dfeverfew
Ddandelion,blowball
Ekok-saghyz,kok-sagyz
Dsalsify3
Dcoltsfoot2
Dironweed,vernonia
Dloasa
Dcampanula,bellflower
Eharebell2,bluebell3
Erampion
Ethroatwort
Dprimrose,primula
Ecowslip,paigle2
Eoxlip,paigle
Eauricula2
Epolyanthus
Dpimpernel2
Dloosestrife2
Emoneywort
Dplumbago2
D
Egrass2
Fbunchgrass
Fmidgrass
Fshortgrass,short-grass
Ftallgrass,tall-grass
Flemongrass2
Fwheatgrass,wheat-grass
Gquackgrass,witchgrass2
Fbent,bent-grass
Fbrome,bromegrass
Gchess,cheat2
Gcheatgrass
Fgrama,gramma
F
Gfeathertop2
Fburgrass
Fsandbur,sandspur
Ftoetoe
Fkweek,doob
Fcocksfoot,cockspur
Fcrabgrass
F
Gteff
Ffescue
Fryegrass
Gdarnel,tare3,cheat
Fnimblewill
Fdallisgrass,paspalum
Fknotgrass
Ffeathertop
Fhardinggrass
Ftimothy2
Fbluegrass
Fmeadowgrass
Gfoxtail
Hbristlegrass
Hbottle-grass
Fmunj,munja
Fbluestem
Fcordgrass
Fdropseed,drop-seed
Gblackseed
Frush-grass
Fcereal3
Goat2
Gbarley2
Grice2
Gricegrass
Hsilkgrass
Hsmilo
Grye3
Gmillet2
Hyardgrass
Hragi,ragee,coracan,corakan,kurakkan
H
Iwitchgrass
Hsorghum2
Ikaffir
I
Jdurra,doura,dourah
Jfeterita,federita
Jhegari
Jkaoliang
Jmilo
Jshallu
Isorgo,sorgho
Ibroomcorn
Ggrain4
Gwheat2
Hdurum
Hspelt
Hemmer
Gcorn3,maize
Hpopcorn2
Gcorn5
Fzoysia
Esugarcane2
Ereed3
Ftoetoe2,toitoi
Fcarrizo
Ebamboo2
Fkyo-chiku
Fgosan-chiku,hotei-chiku
Fkuri-chiku
Fmadake,ku-chiku
Dherbage,pasturage2
Dlobelia
Ebladderpod
Dokra3,gumbo4,lady's-finger
Dvegetable2
Ebeet2
Fbeetroot2
Fchard2
Fmangel-wurzel2,mangold-wurzel,mangold
Espinach2
Eartichoke2
Ecardoon2
Dsimple
Dgalax,galaxy,wandflower2,beetleweed,coltsfoot
Dwintergreen2,pyrola
Eshinleaf
Dpipsissewa
Elove-in-winter
Dcolumbo,deer's-ear,deer's-ears
Dbloodwort
Dkangaroo's-foot
Dwillowherb
Efireweed,wickup
Ecodlins-and-cream
D
Esundrops
Dcanna
Eachira,arrowroot3
Dmaranta
Earrowroot2
Dbanana2
Eplantain3
Eabaca2
Dginger3
Egalangal
Eshellflower2,shall-flower
Dturmeric2
Dcardamom2,cardamon2
Dreseda
Emignonette
Eweld2
Dviola2
Eviolet
Fwhite violet
Fheartsease2
Eheartsease3
Epansy
Eheartsease,love-in-idleness
D
Eramie,ramee
Dpellitory-of-the-wall,pellitory
Dkniphofia,tritoma,flame-flower,flameflower
Dasparagus2
Daspidistra
Dplantain lily
Dpia
Dflax2
Dcrotalaria,rattlebox
Dprickle-weed
Dlicorice2,liquorice2
Dmedic,medick,trefoil2
Ealfalfa2,lucerne
Dsainfoin,sanfoin,esparcet
Dbreadroot
Dfenugreek2
Dplantain2
Eribgrass,ribwort,ripple-grass,buckthorn3
Efleawort,psyllium
Dbuckwheat2
Drhubarb2
Ddock5,sorrel4
Dspiderwort,dayflower
Dpineapple2
Dagrimonia,agrimony
Eharvest-lice
Dstrawberry2
Dpimpernel
Dbedstraw
Ewaldmeister2,woodruff
Ecleavers,clivers,catchweed
Einfant's-breath
Dfeverroot
Dteasel,teazel,teasle
Djewelweed,celandine,touch-me-not
Dgeranium
Ecranesbill
Estorksbill
Falfilaria,alfileria,filaree,filaria2,clocks
Doxalis,sorrel3
Eshamrock2
Egoatsfoot
Eoca,oka
Drue3
Dfraxinella,dittany
Dnasturtium2
D
E
Ftrumpets
Esundew
Eroridula
Ebladderwort
Ebutterwort
Egenlisea
Dsedum
Estonecrop
Erose-root,midsummer-men
Eorpine,orpin,livelong,live-forever
Dsaxifrage,breakstone,rockfoil
Emother-of-thousands
Dastilbe
Espirea,spiraea
Dbergenia
Dalumroot,alumbloom
Ecoralbells
Dmiterwort,mitrewort
Dsuksdorfia
Dfoamflower,coolwart
Dyouth-on-age
Dpolemonium
Echarity
Eskunkweed,skunk-weed
Dphlox
Eevening-snow
Dacanthus
Dborage2,tailwort
Danchusa
Ebugloss,alkanet
Dhound's-tongue2
Dhound's-tongue
Dblueweed
Dstickweed
Dgromwell
Dpuccoon
Dforget-me-not
Dcomfrey2,cumfrey
Eboneset
Dgesneria
Dwaterleaf
Eshawny
Dnemophila
Efive-spot3
Dbugle3,bugleweed2
Dcalamint
Dhorseweed,stoneroot,stone-root,richweed
Dcoleus
Ddragonhead
Delsholtzia
Dpennyroyal2
Dhyssop2
D
Ehenbit
Ddagga
Dlion's-ear
Dmotherwort
Dbugleweed
Dgipsywort,gypsywort
Doriganum
Eoregano2,marjoram2
Dhorehound2
Dbeebalm3
Dmint4
Ewater-mint
Ehorsemint3
Epeppermint2
Espearmint
Eapplemint
Epennyroyal
Dsavory4
Dmonarda
Ebeebalm2
Ehorsemint2
Ebeebalm
Ehorsemint
Dcatmint,catnip
Dbasil2
Dphysostegia
Dself-heal
Drosemary2
Dsage2,salvia
Ecancerweed
Eramona
Eclary
Dsavory3
Dskullcap3,helmetflower
Dthyme2
Dmartynia
Dsesame,benne,benni,benny
Delephant-tusk
Dfoxglove,digitalis2
Efingerflower,finger-flower,fingerroot,finger-root
Dmullein
Etorch4
Deggplant2,aubergine2,brinjal
Dbelladonna2
Dhenbane
Dtomato2
Dmandrake2
Dtobacco2
Dcupflower2,nierembergia
Ewhitecup
D
Etomatillo3,jamberry2
Etomatillo2,miltomate,jamberry
Dsalpiglossis
Dboys-and-girls
Dtread-softly,pica-pica
Dumbellifer
Ddill2
Dangelica3,angelique
Earchangel
Dchervil2
Dcelery2
Dceleriac2
Dastrantia,masterwort
Dcaraway2
Dearthnut3
Dcoriander3,cilantro2
Dcumin2
Dcarrot3
Dfennel4
Dhogweed
Dlovage2
Dparsnip3
Emadnep
Dparsley2
Danise2
Dsanicle,snakeroot
Efootsteps-of-spring
Dwort2
Dpeperomia
Dasclepiad
Dmilkweed,silkweed
Eswallowwort
Echiggerflower
Dstapelia
Chalophyte
Csucculent
Dlithops,stoneface,stone-face
Dcactus
Epitahaya2
Esaguaro,sahuaro
Ecoryphantha
Eechinocactus
Eepiphyllum
Echichipe
Emescal2,mezcal,peyote2
Emammillaria
Egarambulla2
Enopal2
E
Fnopal
Ftuna4
Echolla
Daloe
Ccultivar
Cweed2
Dcrown-of-the-field
Dknawel,knawe
Dcarpetweed
Drockcress
Drunch
Dpennycress
Efanweed,stinkweed
Dragweed2,ambrosia4,bitterweed2
Dthistle
Dhorseweed2,fleabane3
Dfireweed2
Dcat's-ear2,capeweed,gosmore
Doxtongue,bitterweed,bugloss2
Dragwort,ragweed,benweed
Dgroundsel
Dcocklebur,cockle-bur,cockleburr,cockle-burr
Dnettle
Erichweed2,clearweed
Epanamica,panamiga
Dtumbleweed
Cevergreen
Cvine
Dsemi-climber
Dmoonseed
Dclematis
Ecurly-heads
Evase-fine
Dallamanda
Divy
Dbirthwort
Dbougainvillea
Dyam4
Ecush-cush
Delephant's-foot
Dgourd3
Ecalabazilla
Emelon2
Fwatermelon2
Fmuskmelon2
Gcantaloupe2,cantaloup2
Fcucumber2
Etouch-me-not2
Ecalabash5
Dsquash2
Epumpkin2
E
Fmarrow4
Gzucchini2,courgette2
Gcocozelle2
Fcymling
E
Fcushaw2
Dbryony,briony
Dluffa2
Eloofah2
Esing-kwa
Dkiwi3
Dsilvervine
Dpassionflower
Egranadilla4
Egranadilla3
Egranadilla2
Emaypop
Elove-in-a-mist
Dhop,hops
Ebine
Dsalsilla2
Dsalsilla
Dsmilax
Dsarsaparilla2
Dbullbrier,greenbrier,catbrier,horse-brier,brier3,briar3
Dgroundnut3
Dbonavist
Dvetchling
Ekhesari
Dsweetpea
Dkudzu
Dwisteria,wistaria
Dpartridgeberry,boxberry2,twinberry2
D
Eheartseed
Dbittersweet2,waxwork2
Dquartervine,quarter-vine
Dconvolvulus
Escammony3
Dbindweed
Dsilverweed
Ddodder
Ddichondra
Dmorning glory
Estar-glory
Emoonflower
Eman-of-the-earth2,manroot,scammonyroot
Eman-of-the-earth
Escammony
Dalehoof,gill-over-the-ground
Dpotato2
Dclimber2
Dliana
Epothos2
Emonstera2
Fceriman2
Ephilodendron
Epothos
Ecynancum
Dgrape3,grapevine
Emuscadine2
Evinifera
Fmalvasia
Fmuscat3,muskat
Dwoodbine
D
Epepper3
Ebetel2
Ecubeb3
Dhoya
Dsoma,haoma
Ccreeper2
C
Dbugbane2
Erattle-top
Dmelilotus,melilot,sweet clover
Daralia
Dcombretum
Dravenala
Dmilk-vetch
Dlespedeza
Eezo-yama-hagi
Dlupine,lupin
Ebluebonnet2
Dbignoniad
Dgesneriad
Dfigwort
Dnightshade
Eporoporo
Ebittersweet
Etrompillo
Epoisonberry,poison-berry
Fwonderberry,sunberry
Dlignosae
Dtree
Eyellowwood2
F
Ggopherwood
Gsatinwood
Gsweetleaf
Elancewood2
Ezebrawood2
Farariba
Fnakedwood2
Fmarblewood,marble-wood
Egranadillo
Eacacia
Fshittah
Fwattle3
Ggidgee
Gmimosa2
Fcatechu2
Fhuisache,cassie
Ecoralwood,coral-wood
Ealbizzia,albizia
Fsiris
Fsaman,monkeypod,zaman,zamang
Econacaste
Einga
Eguama
Ecamachile,huamachil
Edita
Econessi,kurchi,kurchee
Epuka2
Ecockspur2
Epandanus2
Flauhala
Elacebark,ribbonwood2,houhere
Eribbonwood
E
Fharpullia
Gharpulla
Esimal
Equandong4
Ecalabura,silkwood
Ebreakax,breakaxe,break-axe
Ebottle-tree
Fkurrajong,currajong
Emayeng
Eobeche2,obechi,arere,samba
Elinden2,basswood2,lime6
Fcottonwood2
Ebeefwood4
Ecasuarina
Fshe-oak
Fbeefwood3
Ebeech
Echestnut4
Fchinquapin3
Fchinquapin2
Eoak2
Flive oak
F
Groble2
Gdurmast
Fscrub oak
Gblackjack3
Fquercitron2
Ebirch3
Ealder2
Ehornbeam
E
Fironwood4
Eash2
Edevilwood
Edhawa,dhava
Ebayberry
Egum6
Fliquidambar2
Gbilsted
Feucalyptus2,eucalypt
Gmallee
Gstringybark
Gsmoothbark
Gpeppermint3
Gmarri
Ftupelo2
Gpepperidge
Epoon2
Ecalaba
Elaurelwood
Eclusia
Eironwood
Esouari
Edipterocarp
Eketembilla2,kitembilla2,kitambilla2
Echaulmoogra,chaulmugra
Eidesia
Efig tree
Ffig2
Gcaprifig
Fbanyan2,banian2
Fpipal,pipul,peepul
Fsycamore4
Eelm
Ehackberry2
Fsugarberry2
Ebonduc2
Edivi-divi2
Ebrazilwood2,peachwood,peach-wood
Emsasa
Ecassia
Fcanafistola,canafistula
Elocust3
Fcourbaril
Ebonduc,chicot
Eangelim,andelmin
Ecamwood
Edhak,dak,palas
Erosewood2
Fjacaranda
Esissoo,sissu,sisham
Ekingwood2
Ecocobolo
Eblackwood2
Flightwood
Flogwood2,campeachy
Eerythrina
Fceibo
Egliricidia
Emillettia
Equira2
Froble
Ekiaat
Epadauk,padouk,amboyna2
Ekino2
Efrijolito,frijolillo
Ekowhai
Etipu
Ekeurboom2
Ekeurboom
Epalm3
F
Ggomuti
Gkitul,kittul
F
Gcoyol
Ggrugru,gri-gri,macamba
Gareca
Gbabassu
Gcohune
F
Gpalmetto
Gpalmyra,lontar
Gcarnauba2
Gcaranday,caranda
Glatanier
Gtalipot
Fcalamus
Grattan2
Fcoconut3,coco palm,coco
Fcorozo
F
Gjupati,jupaty
Edagame
Ecoffee3
Ecinchona,chinchona
Fcalisaya
Eopepe
Elemonwood2,lemon-wood
Emedlar3
E
Fgumbo-limbo
Fsalai
Emahogany2
Fkalantas
Echinaberry2,azederach,azedarach
Eneem,margosa,arishth
Esatinwood3
E
Fflindosa,flindosy
Fbunji-bunji
Elangsat,langset
Eturreae
Elepidobotrys
Ecaracolito
Etrifoliata
E
Fmarupa
Fbitterwood3
Fbitterwood2
Fquassia2,bitterwood
Ewillow2
Fosier2
Fpussy willow
Fsallow
Equandong2,quandang2
Eaalii
Esoapberry
Fjaboncillo,chinaberry
Emolle
Eebony2
Emarblewood2,marble-wood2
Ebalata2,beefwood
Emammee3,sapote2
Esycamore2,platan
Fbuttonwood
Ecalabash4
Eprincewood
Eteak2
Esnag
Etreelet
Earbor3
E
Fcarob3,algarroba2
Ftamarind2,tamarindo2
Fcatalpa
Epollard2
Esapling
E
Fgnetum
Fginkgo,gingko
Fconifer
Gpine
Hpinon,pinyon
I
Jsingle-leaf
Hyellow pine
Iponderosa
Hlodgepole
Glarch2
Htamarack
Gfir2
Gcedar3
Hdeodar
Gspruce2
Ghemlock4
Gcedar
Hsugi
Hkawaka
Hpahautea
Gcypress2,cypress tree
Gmetasequoia
Garborvitae
Gketeleeria
Garaucaria
G
Hkauri2,kaury
Gplum-yew
G
Htanekaha
Gpodocarp
Gyacca
Gtotara
Gkahikatea
Grimu
Gtarwood2,tar-wood2
Gtarwood,tar-wood
Gnagi
Gmiro
Gmatai
Gyew2
Hnutmeg-yew
E
Filang-ilang2,ylang-ylang
Flaurel2
Gbay5
Gcinnamon2
Gcassia2
Glaurel-tree
Gsassafras2
Gpepperwood
Fmagnolia
Gelkwood,elk-wood
Fmanglietia
Ftulip tree
Fbocconia2
Fbaobab
Fkapok2
Fbalsa2
Fsterculia
Gkalumpang
Fbooyong
Fcacao
Frewa-rewa
Fsourwood,titi3
Firon-tree,ironwood3
Fmyrtle2
Fmangrove
Fdillenia
Ftrumpetwood,trumpet-wood,imbauba
Fflamboyant
Fredbud
Ffruit tree
G
Hcherimoya2
Hilama2
Hsoursop2
Hsweetsop2
Hpawpaw3,papaw2
Gavocado2
Gdurian2,durion
G
Holive3
Gpitanga
Gjambosa
Gjaboticaba2
Gguava3
Gguava2
Gpomegranate2
Gmangosteen2
Gmammee4,mamey2
Gpapaya2,papaia,pawpaw2
Gmulberry2
Gbreadfruit2
Gjackfruit2
Gmarang2
Gicaco2
Gquince2
Gloquat2
Gapple tree
Happle2
Hcrabapple3
Hcrabapple2
Gmedlar4
Gplum2
H
Isloe2
Iislay
Hbullace
Hmyrobalan
Gplumcot2
Gapricot2
Hmei
Gcherry3
H
Ioxheart2
Igean,mazzard
Hcapulin2
H
Iamarelle2
Imorello2
Imarasca2
H
Ifuji
Hchokecherry2
G
Halmond2
Gpeach2
Gnectarine2
Gpear2
Ggenipa
Hjagua
Gcarambola2
Gbilimbi
Gcitrus2
Horange3
Ibigarade
Ibergamot
Itangor
Hpomelo2,pummelo,shaddock2
Hcitron2
Hgrapefruit2
Hmandarin2
Itangerine2
Iclementine2
Isatsuma2
Htangelo2
Hrangpur,lemanderin
Hlemon3,lemon tree
Hlime5,lime tree
Hcitrange2
Hkumquat2,cumquat
Imarumi
Inagami
Gdika
Gakee2
Glongan,lungen,longanberry2
Glitchi2,lichee2
Gmamoncillo,genip2,ginep
Grambutan2,rambotan2
Gpulasan2,pulassan2
Gmango2
Gmombin2,jocote
Gpersimmon2
Hkaki2
Hpossumwood
Gcaimito
Gsapodilla2
Gcanistel2
F
Growan
Failanthus
Fpoplar2
Ghackmatack,tacamahac
Gabele
Gcottonwood
Gaspen
Ftiti2
Fmaple2
Gsugar maple
Gmoosewood,moose-wood
Gsycamore3
Fholly
Gbearberry2,winterberry
Ginkberry,gallberry,gall-berry
Gmate4
Fterebinth
Fhorse chestnut,buckeye2
Fsatinleaf,caimitillo
Fsalmwood,cypre,princewood2
Fcandlenut
Ftung
Fdogwood,cornel
Gredbrush
Gblood-twig,pedwood
Gbunchberry,crackerberry
F
Gkola
Gmacadamia
Ghazelnut2,hazel3
Hcobnut2,filbert2
Gwalnut3,walnut tree
Hbutternut2
Ghickory2
Hpignut
Hbitternut
Hshagbark,shellbark
Hmockernut
Gpecan3
Gwing-nut2
Gcashew2
Gpistachio2
F
Gnutmeg2
Gallspice2
Gclove4
Ebonsai
Enakedwood
Ehazel
Dshrub,bush
Eephedra
Fmahuang
Ebarberry
Epapooseroot,squawroot
Ehollygrape
Eallspice3
Fsweet shrub
Fspicebush2
Espicebush
E
Fpuckerbush
Fbayberry2,candleberry,waxberry2
Ecorkwood
Emimosa3
Ftouch-me-not3,live-and-die
Ecalliandra
Esabicu2
Ecat's-claw,catclaw
Emesquite,mesquit
Falgarroba4
Fscrewbean,tornillo
Ecarissa
Famatungulu
Efrangipani,frangipanni
Erauwolfia2,rauvolfia
Fsnakewood
Estrophanthus
Esaltwort2
Esaltbush
Efire-bush2,belvedere2
Etumbleweed3
Esaltwort,barilla,glasswort,kali,kelpwort
Etumbleweed2
Egreasewood
Ecaper2
Esilversword
Eartemisia
Ftarragon2,estragon2
Egoldenbush2
Emutisia
Edaisybush,daisy-bush
Fmuskwood
Eothonna
E
Fmilkweed2
Ecoralberry2,spiceberry2
Emarlberry
Eleadwort
Ebarbasco,joewood
Emallow
Fcheese2,cheeseflower
Fabelmosk
Fvelvetleaf2,velvet-leaf2,velvetweed,butter-print
Fhollyhock2
Falthea,althaea,hollyhock
Fhibiscus
Gkenaf2,kanaf,bimli
Gmahoe2,majagua2,mahagua2
Groselle,rozelle,sorrel5
Gmahoe,majagua,mahagua,balibago,purau
Gflower-of-an-hour,flowers-of-an-hour
Fmalope
Fwaxmallow
Fjellyleaf
Fcheckerbloom
Ecotton4
Evelvetleaf,velvet-leaf
Epavonia
Emakomako,wineberry2
Edombeya
Eflannelbush
Ehoneybells
Ephalsa
Eprotea
Fhoneypot
Fhoneyflower2,honey-flower2
Ebanksia
Fhoneysuckle2
Egrevillea
F
Gbeefwood5
Eneedlewood,needle-wood
Eneedlebush,needle-bush
Ehoneyflower,honey-flower
Elomatia
Egeebung
Ewaratah2
Ewaratah
Eheath
Ferica
Gbriar4,brier4
Fheather,ling5,broom3
Eandromeda2
Fmoorwort
Earbutus
Fmadrona,madrono,manzanita2
Ebearberry3
Fmealberry,sandberry,creashak
Emanzanita
Ebryanthus
Eleatherleaf2
Emayflower2
Esalal,shallon
Ehuckleberry3
Fdangleberry,dangle-berry
Ekalmia
Flambkill
Eleucothoe
Eswitch-ivy
Estaggerbush
Emaleberry,he-huckleberry
Efetterbush2
Eminniebush
Eandromeda
Efetterbush
Erhododendron
Frosebay
Fazalea
Ecranberry2
Fcowberry2,lingonberry2,lingenberry,lingberry,foxberry
Eblueberry2
Fhuckleberry2
Ffarkleberry,sparkleberry
Frabbiteye
Fbilberry3
Fbilberry2,whortleberry2,whinberry,blaeberry
Fgrouseberry,grouse-berry
Fdeerberry
Epyxie,pixie,pixy
E
Fepacris
Egroundberry,ground-berry
Eforestiera
Ftanglebush
Eforsythia
Ejasmine
Fjessamine
Eprivet
Elilac
Efothergilla
Eoleaster
Fsilverberry,silverbush2,silver-bush2
Efeijoa2
Efuchsia
Flady's-eardrop,ladies'-eardrop,lady's-eardrops,ladies'-eardrops
Fkonini
Edaphne
Fmezereon
Eleatherwood2,moosewood2,moose-wood2,wicopy,ropebark
Erockrose2
Ehelianthemum,sunrose
Ffrostweed,frost-weed,frostwort
Frockrose
Eramontchi
Exylosma
Ecandlewood
Focotillo,coachwhip2
Fcirio
Etamarisk
Ecannabis2,hemp3
Fmarijuana2,marihuana2,ganja2
Eyucca
Fsoapweed,soap-weed
Ebuddleia
Epaloverde
Ehorsebean2
Esenna
Favaram
Eamorpha
Fleadplant
Esilverbush,silver-bush
Erooibos
Edhal,dahl2
Ecaragana
Etagasaste
Eclianthus
Ecoronilla
Faxseed
Ebroom2
Fwoodwaxen,dyer's-broom,dyeweed,greenweed,whin2,woadwaxen
Ederris
Egastrolobium
Echanar,chanal
Ehovea
Eindigo2
Fanil2
Emucuna
Fcowage2
Estingaree-bush
Eretem,raetam,juniper
Egorse,furze,whin
Erose2,rosebush
Fsweetbrier,sweetbriar,brier2,briar2,eglantine
Fmultiflora
Eserviceberry2,shadbush,shadblow
E
Fjaponica2
Ecotoneaster
Ehawthorn,haw2
Fblackthorn2
Fmayhaw
Fwhitethorn,may
Etoyon,tollon
Ecinquefoil2,five-finger
Fsilverweed2,goose-tansy
Eblackthorn,sloe3
Epyracanth,firethorn
Espirea2,spiraea2
Fbridal-wreath2
Eblolly
Egardenia
Ehamelia
Fcoloradillo
Ebitter-bark
Eabelia
Ehoneysuckle
Ftwinberry
Fwoodbine2
Ecoralberry
Eelder
Fdanewort
Fbourtree,elderberry2
Etwistwood
Ecrampbark
Eweigela
Ecoca2
Ecoville,hediondilla
Ebox6,boxwood2
Espindleberry
Ewahoo3
Ewahoo2
Ecyrilla,leatherwood
Ecrowberry
E
Fchittamwood3
Emastic3,lentisk
Esumac2,sumach,shumac
Fsugar-bush
Fsquawbush,squaw-bush,skunkbush
Ebuckthorn2
Fshittimwood2,shittim
Fchittamwood2,chittimwood2,shittimwood
Estyrax
Fsnowbell
Ehydrangea
Fhortensia
Fcarpenteria
Fdecumary
Fdeutzia
Ephiladelphus
Fsyringa
Ebridal-wreath
Ecurrant3
Egooseberry2
Ecolumnea
Elavender
Epatchouli2,patchouly2,pachouli2
Enaranjilla
Elady-of-the-night
Emaikoa
Ecapsicum,pepper4
Fcayenne3,jalapeno2
Fpimento2,pimiento2,paprika2
Etamarillo
E
Fjimsonweed
Epichi
Eboxthorn
Ecupflower
Efire-bush
Espurge
Fwartweed,wartwort
Fsnow-on-the-mountain,snow-in-summer
Fpoinsettia
Ffire-on-the-mountain
Fcandelilla2
Fnaboom
Ecroton2
Fcascarilla
Ecroton
Ecassava3,casava
Fmanioc3,mandioc,mandioca,gari
E
Fcandelilla
Ecamellia,camelia
Fjaponica
Etea4
Epuka
Ekapuka
Eundershrub
Eshrublet
Fteaberry2,wintergreen3,checkerberry2,groundberry2,ground-berry2
Esubshrub,suffrutex
Fperiwinkle3
Gmyrtle
Flife-of-man
Fbloodleaf
Fprince's-plume2
Fburdock,clotbur
Gcocklebur2
Fmarguerite2
Fwormwood
Gmugwort
Hcudweed3
Gsouthernwood
Gabsinthe2
Fsagebrush
Fbeggar-ticks,beggar's-ticks,sticktight2
Fcentaury2
Gstar-thistle,caltrop3
Gknapweed
Hhardheads
Fmatchweed,matchbush
Grabbitweed,rabbit-weed,snakeweed
Gbroomweed,broom-weed
Fguayule
Fchaffweed
Fthrift
Fstatice
Fcorchorus
Fdiapensia
Floosestrife
F
Gtutsan
Gnitweed,pineweed,pine-weed
Fsicklepod
F
Gbeggarweed
Fsulla
Fcube2
Frestharrow2,rest-harrow2
Frestharrow,rest-harrow
F
Gcatgut2
Fprince's-feather,kiss-me-over-the-garden-gate,prince's-plume
Feriogonum
Favens
Gbennet2
Gcloveroot,clover-root
Gbennet
Fwoodruff2
Ftwinflower
Fmilkwort
Gsenega2
Gcandyweed
Ggaywings,bird-on-the-wing
Fcaltrop
Fpachysandra
Fpinwheel4
Fphlomis
Fgermander
Gmarum
F
Gcamphorweed,vinegarweed
Feryngo,eringo
E
Fpoinciana
Ebuckthorn
Fbearberry,bearwood,chittamwood,chittimwood
Fcoffeeberry
Fredberry,red-berry
Ejujube3
Estephanotis
Fwaxflower
Dbramble
E
Flawyerbush
Fblackberry2
Gdewberry2
G
Hboysenberry2
Hloganberry2
Fraspberry2
G
Hframboise
Gblackcap4,thimbleberry3
Gsalmonberry3
Gsalmonberry2,thimbleberry2
Gcloudberry,bakeapple,salmonberry
Gthimbleberry
Gwineberry
Cgeophyte
Cxerophyte,xerophile
Dagave
Esisal2
Emaguey2,cantala2
Emaguey
Edracaena
Esansevieria
Cmesophyte
Chydrophyte
Dhornwort
D
Elotus2
Espatterdock
Elotus
Eyanquapin
Ewater-shield2,fanwort
Ewater-shield,water-target
Dcryptocoryne
D
Etuckahoe
Dpistia
Dduckweed
Estar-duckweed
Ewatermeal
Ebogmat
Dawlwort
Dfeatherfoil,feather-foil
D
Ebrookweed2
Ebrookweed
Dcaltrop2
Eling4
Dbuckbean,bogbean
Dpipewort
Dpickerelweed,wampee
Dnaiad
Dfrogbit,frog's-bit
Dhydrilla
Dwaterweed
Deelgrass2
Dpondweed
Deelgrass
D
Ekingcup,cowslip2
Erush
Fbulrush2,bullrush2
Ecalamus3,flagroot
Eiva
Esedge
Fchufa
Fgalingale,galangal2
Fpapyrus3
Fnutgrass,nutsedge
Ecattail
Fcat's-tail,bullrush,bulrush,nailrod,reedmace
Esabbatia
Eparnassia
Eshellflower,shell-flower,turtlehead,snakehead,snake-head
Ebrooklime2
Ebrooklime
Eskirret
Elizard's-tail
C
D
Eiris3,flag5,fleur-de-lis2
F
Gorris
Fgladdon
Eblackberry-lily
Ecrocus
Fsaffron2
Efreesia
Egladiolus2,gladiola,glad
Damaryllis
Ehippeastrum
Dnarcissus
Edaffodil
Fjonquil2
Ejonquil
D
Elily
Fkentan
Fmartagon
Eagapanthus
Ealbuca
Ecolicroot
E
Fkurrat
Fonion3
Gshallot3,eschalot
Fleek2,scallion2
Fgarlic2
Frocambole
Fchives2,chive,cive,schnittlaugh
Framp3
Ealstroemeria
Easphodel
Ebrodiaea
Emariposa
Ecat's-ear
Ecamas,camass,quamash,camosh,camash
Edogtooth3
Famberbell
Etulip
Edaylily
Ehyacinth2
Ebluebell,harebell
Escilla,squill3
Esquill2
Ehellebore
Fbugbane
Ezigadene
Etrillium,wake-robin
Fbirthroot
Ftoadshade
Eclintonia
Elilyturf
Dfritillary2
D
Estarflower
Echincherinchee
Cpsilophyte
Cpsilophyton
B
Caconite
Dmonkshood,helmetflower3
Dwolfsbane,wolfbane
Cbaneberry2,cohosh
Dredberry2,red-berry2,snakeberry
Chellebore2
Dsetterwort
Cdogbane
Coleander
Cgloriosa
Csnowberry,waxberry
Cmarkweed
Clantana
Chemlock2
Bepiphyte,aerophyte
Cwaxflower2
Caeschynanthus
Chemiepiphyte,semiepiphyte
Cstrangler
B
Clithophyte
Bautophyte,autotroph
Bmyrmecophyte
Aaction painting
Aaccess2,memory access
Bdisk access
Aarena2,scene of action
Bcircus2
Aassembly3
Aatomic pile,atomic reactor,pile4,chain reactor
Aball field,baseball field,diamond3
Abase7
Abaseball diamond,diamond2,infield
Abed2
Basparagus bed
Bflowerbed,flower bed,bed of flowers
Crose bed,bed of roses
Ctulip bed
Bhotbed
Bseedbed
Bturnip bed
Abelt
Bband4
Bconveyer belt,conveyor belt,conveyer,conveyor,transporter3
Ccarousel,carrousel,luggage carousel,luggage carrousel
Bdriving belt
Bfan belt
Btrack3,caterpillar track,caterpillar tread
Chalf track2
Abight
Abilge
Bbilges
Abitter end
Abitthead
Aboatyard
Abrake drum,drum3
Abreeder reactor
Acamp5,summer camp
Bday camp
Acapital,chapiter,cap6
Acenter field,centerfield,center
Acharm,good luck charm
Bamulet,talisman
Cgrigri,gres-gris,greegree
Bjuju,voodoo,hoodoo,fetish,fetich
Achunnel
Acompartment
Bcell
Bcubbyhole,pigeonhole
Bcall box2,letter box
Acore,magnetic core
Acourt2
Bbadminton court
Bbasketball court
Chome court
Bhandball court
Bpiste
Bsquash court
Btennis court
Bvolleyball court
Acrenel,crenelle
Across hair,cross wire
Acrown3
Acrown5,crest
Acrystal ball
Acurio,curiosity,oddity,oddment2,peculiarity,rarity
Bbric-a-brac,knickknack2,nicknack,knickknackery,whatnot
Bcollectible,collectable
Cchachka,tsatske,tshatshke,tchotchke
Bcollector's item,showpiece,piece de resistance
Crariora
Adado3
Adraw,lot
Adrip loop
Aedge2
Bborder2
Cedging
Dfringe
Dorphrey
Cselvage,selvedge
Cverge
Bhem
Bluff
Bmolding2,moulding2,border
Bselvage2,selvedge2
Bshoulder2,berm
Chard shoulder
Bwayside,roadside
Afast reactor
Afeeder line
Afilm2
Bscum
Cslag,scoria,dross2
Dbasic slag
Bslick
Coil slick
Bsoap film
Aflotilla2
Aflotilla
Aflute3,fluting
Afootball field,gridiron2
Aformation
Braster
Brig3,rigging2
Ccat rig
Cfore-and-aft rig
Clateen-rig
Bsplit
Afountain2,jet2
Agarden
Bflower garden
Cparterre
Bformal garden
Bgrove,woodlet,orchard,plantation
Capple orchard
Clemon grove
Corange grove
Cpeach orchard
Bherb garden
Bhop garden,hop field
Bkitchen garden,vegetable garden,vegetable patch
Cvictory garden
Blandscaping
Bmarket garden
Bpot farm
Brock garden,rockery
Broof garden
Brose garden
Bsunken garden
Btea garden
Btopiary
Agas-cooled reactor
Agoldbrick
Agrail
Agrave,tomb
Bburial chamber,sepulcher,sepulchre,sepulture
Ccrypt
Cmausoleum
Crepository2,monument2
Cvault,burial vault
Dcharnel house,charnel
Dcolumbarium3
Bmastaba,mastabah
Areference grid
Aheel
Bspike heel,spike2,stiletto heel
Bstacked heel
Bwedge heel,wedge
Bwineglass heel
Aheel2
Ahole2,golf hole
Bdogleg
Ahoodoo2
Ainfrastructure2,base5
Ainfrastructure,substructure
Ainterface
Aisland
Bkitchen island
Btraffic island,safety island,safety isle,safety zone
Aitem
Bcustom-made,custom-built
Bdisposable
Bpiece2,part2
Bnumber3
Ajunction
Binterchange
Ccloverleaf
Cspaghetti junction
Bintersection,crossroad,crossway,crossing,carrefour
Ccorner2,street corner,turning point
Dblind corner
Clevel crossing,grade crossing
Brailway junction
Btraffic circle,circle,rotary,roundabout
Akeepsake,souvenir,token2,relic2
Blove-token
Bparty favor,party favour,favor,favour
Ccracker2,snapper,cracker bonbon
Alash-up,contrivance2
Acourt4,lawcourt,court of law,law court,court of justice
Aleft field,leftfield,left
Alimb2
Aline7
Bairline2,airline business,airway2
Brailway,railroad,railroad line,railway line,railway system
Ccable railway,funicular,funicular railway
Ccog railway,rack railway
Celevated railway,elevated railroad,elevated,overhead railway
Droller coaster,big dipper,chute-the-chute
Ehypercoaster
Cmetro,tube3,underground,subway system,subway
Cmonorail
Crail2
Cscenic railway
Bsteamship company,steamship line
Btransit line
Cbus line
Ctrolley line
Aliquid metal reactor
Amain line
Amakeweight,filler
Amasthead
Amothball,camphor ball
Abig board
Anoose2,running noose,slip noose
Bclinch,clench
Cdouble clinch
Cinside clinch
Coutside clinch
Anotch
Bserration
Csawtooth
Bthumb index
Bundercut
Aoutfield
Apalestra,palaestra
Apart,portion
Bappendage
Cappendicle
Chandhold
Chandle,grip,handgrip,hold3
Dax handle,axe handle
Dbroomstick,broom handle
Dcrop2
Dhaft,helve
Dhilt
Ebasket hilt
Dhoe handle
Dknob2
Edoorknob,doorhandle
Estop
Dmop handle
Dpanhandle
Dpommel2,saddlebow
Ehorn2,saddle horn
Dpommel
Drake handle
Dstock4
Ebrace5,bitstock
Ebutt,butt end
Frifle butt
Dstock2,gunstock
Epistol grip
Ctailpiece
Bbit2
Bbottleneck
Bbulb2
Bbutt6,stub
Ccigar butt
Ccigarette butt
Croach
Bcomponent,constituent,element
Caccessory2,appurtenance2,supplement,add-on2
Dauto accessory
Dcomputer accessory
Dfitting
Egas fitting
Epipefitting,pipe fitting
Freducer
Ereceptacle2
Foutlet box
Fslot2,expansion slot
Fsocket2
Gelectric socket
Fwall socket,wall plug,electric outlet,electrical outlet,outlet2,electric receptacle
Gpoint3,power point
Dfixings,trimmings
Caddition,add-on,improver
Dadditive
Eadjuvant
Efood additive,artificial additive
Dafterthought
Dannex,annexe,extension3,wing4
Eell
Dattachment
Ehood,lens hood
Delongation,extension2
Caudio2
Cauto part,car part
Ccrystal
Dpiezoelectric crystal
Chardware3,computer hardware
Dscheduler
Dsequencer2
Dupgrade
Cheating element
Dbar8
Dburner2
Dimmersion heater
Cingredient
Dadmixture,intermixture
Dbase6
Cinput
Clandside
Cmaking
Cmodule3
Dcartridge3
Eink cartridge
Etape cartridge
Dpower module
Cpixel,pel,picture element
Cretrofit
Cspare part,spare
Cspark gap
Bcutout3
Bfoible
Bfore edge,foredge
Bforte
Bfraction
Bheel3
Bhub
Bjetsam
Blimb
Bneck
Bpeen
Bpiece
Cpiece of cloth,piece of material
Dbib
Dchamois cloth
Ddishrag,dishcloth
Ddrop cloth2
Ddustcloth,dustrag,duster2
Ddust cover,dust sheet
Dend,remainder,remnant,oddment
Efag end
Dgore,panel3
Dgroundsheet,ground cloth
Dguimpe
Dgusset3,inset3
Dhandkerchief,hankie,hanky,hankey
Ebandanna,bandana
Epocket-handkerchief
Dliner2,lining2
Dlungi,lungyi,longyi
Dpatch
Eflash
Epasty
Eshoulder patch
Dplacket
Drag,shred,tag,tag end,tatter
Epine-tar rag
Dsail,canvas4,canvass,sheet4
Eballoon sail
Ecrossjack,mizzen course
Efore-and-aft sail
Fgaffsail,gaff-headed sail
Fgaff topsail,fore-and-aft topsail
Fjib
Gflying jib
Flateen,lateen sail
Flugsail,lug
Fmizzen2,mizen2
Fspanker
Fspritsail
Fstaysail
Eforesail
Eheadsail
Fspinnaker
Emainsail
Fmain course
Emain-topsail
Epress of sail,press of canvas
Eroyal
Esave-all2
Eskysail
Esquare sail
Etopgallant,topgallant sail
Etopsail
Ffore-topsail
Dswatch
Dtowel
Ebath towel
Fterry towel
Ebeach towel
Edishtowel,dish towel,tea towel
Ehand towel,face towel
Epaper towel
Eroller towel
Dtrain2
Cpiece of leather
Dcounter6,heel counter
Dquarter2
Dsaddle2
Dupper2
Etoe box
Dvamp
Cscrap
Cshard,sherd,fragment
Dpotsherd
Csnip,snippet,snipping
Cspindle
Bpressing
Bseat3
Bsection,segment
Cbend,curve
Dblind curve,blind bend
Delbow
Dhairpin bend
Cdado2
Cleaf
Ddrop-leaf
Clength
Cstraightaway,straight
Dstretch
Ehomestretch
Csubsection,subdivision
Bshank4,waist
Bspine,backbone
Btoe2
Bturnout,widening
Bupstage
Bupstairs
Bwreckage
Cflotsam,jetsam2
Clagan,lagend,ligan
Apharmacopoeia
Apleat,plait
Bbox pleat
Binverted pleat
Bkick pleat
Bknife pleat
Csunburst pleat,sunray pleat
Btuck
Cdart2
Apocket2
Bcorner pocket
Bside pocket
Apoint
Barrowhead
Bbarb2
Cfluke
Bbarb
Bcusp
Bdiamond point
Bnib,pen nib
Bpike2
Bpinpoint
Bspearhead,spearpoint,spear-point
Bspike3
Cgaff
Apole4,magnetic pole
Bnegative magnetic pole,negative pole2,south-seeking pole
Bpositive pole2,positive magnetic pole,north-seeking pole
Aproperty,prop2
Bcustard pie
Aquirk
Arabbet,rebate
Arailhead2
Arecording
Bbologram,bolograph
Bchromatogram
Boscillogram
Bspirogram
Areservoir,artificial lake,man-made lake
Aright field,rightfield,right
Arivet line
Aroll2
Bbolt3
Brouleau2
Brouleau
Aroller2
Bgarden roller
Bpaint roller
Bplaten3
Bsprocket
Aroof peak
Asanctuary
Bholy of holies,sanctum sanctorum
Ascaffold2
Aseating,seats,seating room,seating area
Bcircle2,dress circle
Borchestra
Bparquet2
Bparquet circle,parterre2
Bringside,ringside seat
Bstall4
Btiered seat
Cstand5
Dbleachers
Dgrandstand,covered stand
Dreviewing stand
Aseismogram
Ashank3
Ashank2
Ashank,stem
Ashort
Asnake
Bcloset auger
Bplumber's snake,snake2,auger
Ctrap-and-drain auger
Asole
Bhalf sole
Binsole,innersole
Boutsole
Aspider web2,spider's web2
Bcobweb3
Bfunnel web
Borb web
Bsheet web
Astanding room
Astring5
Bbeads,string of beads
Crosary,prayer beads
Cwampum,peag,wampumpeag
Astuff
Bdoodad,doohickey,doojigger,gimmick,gizmo,gismo,gubbins,thingamabob,thingumabob,thingmabob,thingamajig,thingumajig,thingmajig,thingummy,whatchamacallit,whatchamacallum,whatsis,widget
Betcetera
Bsundries
Asubject,content,depicted object
Asum,total,totality,aggregate
Aterminus2
Athermal reactor
Athermonuclear reactor,fusion reactor
Athing2
Bchange
Bfreshener
Bhorror
Bjimdandy,jimhickey,crackerjack
Bpacifier
Bsecurity blanket
Bstinker
Bwhacker,whopper
Atime-ball
Atrack5
Atrack4,data track
Atriviality,trivia,trifle,small beer
Bbagatelle,fluff,frippery,frivolity
Atrou-de-loup
Avasoconstrictor,vasoconstrictive,pressor
Badrenergic,adrenergic drug
Cphenylephrine
Cphenylpropanolamine
Bangiotensin,angiotonin
Bnaphazoline
Bvasopressor
Awardrobe2
Awardrobe3
Awater-cooled reactor
Bboiling water reactor
Bpressurized water reactor
Aworkplace,work2
Bbakery,bakeshop,bakehouse
Cpatisserie
Bbeehive
Bbrokerage house,brokerage
Bcentral,telephone exchange,exchange
Ccentrex
Cswitchboard,patchboard,plugboard
Bcolliery,pit7
Bcreamery
Bdrill site
Bexchange2
Ccommodity exchange,commodities exchange,commodities market
Dfutures exchange,futures market,forward market
Dspot market
Ccorn exchange
Cstock exchange,stock market,securities market
Dcurb market
Dover-the-counter market
Bfarm
Cchicken farm
Ccroft
Cdairy,dairy farm
Cfarmplace,farm-place,farmstead
Cgrange
Chome-farm
Cpiggery,pig farm
Cranch,spread,cattle ranch,cattle farm
Csewage farm
Csheepwalk,sheeprun
Cstud farm
Ctruck farm,truck garden
Cvineyard,vinery
Bfishery,piscary
Cpearl fishery
Bfish farm
Bforge2,smithy
Bgasworks
Bglassworks
Bironworks
Bjob
Blab,laboratory,research lab,research laboratory,science lab,science laboratory
Cbiology lab,biology laboratory,bio lab
Cchemistry lab,chemistry laboratory,chem lab
Cdefense laboratory
Cphysics lab,physics laboratory
Blaundry2
Claunderette
Cwashhouse
Blocation
Blumberyard
Boyster bed,oyster bank,oyster park
Bproving ground
Bropewalk,rope yard
Broundhouse
Bshipyard
Cnavy yard,naval shipyard
Bshop floor
Bstudio
Cartist's workroom,atelier
Cbroadcasting studio
Crecording studio
Bstudio3
Btannery
Btest bed
Bwaterworks
Bworkshop,shop2
Cbindery
Cbookbindery
Cbrickyard,brickfield
Cchop shop
Cdye-works
Cmachine shop
Cpottery2
Cprint shop,printing shop
Csaddlery2
Csheltered workshop
Cturnery
Atwin towers
Ayard,grounds,curtilage
Bbackyard
Bdooryard
Bfront yard
Bgarden2
Bplayground
Bside yard
Ayard2,railway yard,railyard
Bmarshalling yard
Ayardarm
Azeppelin
Acuisine,culinary art
Bdim sum
Bhaute cuisine
Bnouvelle cuisine
Brechauffe
Bgastronomy
Ahelping,portion2,serving
Bdrumstick2
Cturkey leg,turkey drumstick
Cchicken leg,chicken drumstick
Bsecond joint,thigh2
Bbreast3,white meat
Bwing5
Cturkey wing
Cchicken wing
Bmedallion2
Boyster3
Bparson's nose,pope's nose
Bpiece7,slice2
Ccutlet,scallop2,scollop2,escallop2
Cfillet4,filet3,fish fillet,fish filet
Bround4,round of drinks
Bdrink
Cchaser
Cdraft4,draught2,potation,tipple
Dquaff
Cpledge,toast2
Clibation
Ceye opener
Cnightcap2
Cshandygaff,shandy
Cstirrup cup
Csundowner
Cposset
Csyllabub,sillabub
Csangaree,sangria
Cwhiskey neat,whisky neat
Cice-cream soda,ice-cream float,float4
Droot beer float
Cmilkshake,milk shake,shake2
Deggshake
Dfrappe2
Dmalted,malt,malted milk
Cfrappe
Blibation2
Ataste,mouthful
Bmorsel,bit4,bite
Cchew,chaw,cud2,quid,plug5,wad2
Ccrumb
Dbreadcrumb
Dcracker crumbs
Csop,sops
Bswallow,sup
Aheel5
Asection3
Acacao bean,cocoa bean
Aparing
Amarrowbone
Asubstance
Achemistry
Aylem
Adark matter
Aantimatter
Aphilosopher's stone,philosophers' stone,elixir2
Aphlogiston
Aglop
Aactinoid,actinide,actinon
Aallergen
Bragweed pollen
Aassay
Apyrogen2,pyrectic
Apyrogen
Amixture
Balloy,metal2
Coroide,oreide
Camalgam,dental amalgam
Cfusible metal
Celectrum
Cpewter
Cpinchbeck
Cpot metal2
Csolder
Dhard solder
Dsilver solder
Dsoft solder
Cwhite gold
Ctype metal
Dtype slug,slug2
Cwhite metal,bearing metal
Cbabbitt
Csteel3
Dalloy steel
Estainless steel,stainless,chromium steel
Echrome-nickel steel
Echrome-tungsten steel
Emanganese steel,austenitic manganese steel
Emolybdenum steel
Enickel steel
Etool steel
Fhigh-speed steel,hot-work steel
Etungsten steel,wolfram steel
Evanadium steel
Daustenitic steel
Dcase-hardened steel
Dcarbon steel
Edrill steel,drill rod
Eeutectoid steel
Ehyper-eutectoid steel
Ehypo-eutectoid steel
Dcrucible steel
Dchisel steel
Dhard steel
Dmedium steel
Dmild steel,low-carbon steel,soft-cast steel
Dquenched steel
Eoil-hardened steel
Dstructural steel
Ccheoplastic metal
Ccopper-base alloy
Dbrass4
Ealpha-beta brass,yellow metal
Fmanganese bronze,high-strength brass
Fnaval brass
Ealpha brass
Ebearing brass
Ecartridge brass
Egilding metal
Ehigh brass
Elatten
Elow brass
Eormolu
Ered brass,guinea gold
Dbronze2
Egunmetal
Ephosphor bronze
Ealpha bronze
Ebell metal
Eberyllium bronze
Eleaded bronze
Enickel bronze
Esilicon bronze
Dcupronickel
Daluminum bronze,aluminium bronze
Dconstantan
Cdental gold
Cnickel-base alloy,nickel alloy
Cnickel silver
Cpyrophoric alloy
Dferrocerium
Dmisch metal
Cshot metal
Csterling silver
Ctombac,tombak,tambac
Bcolloid
Csilver protein
Cgel3,colloidal gel
Dhydrogel
Csol,colloidal solution,colloidal suspension
Cemulsion2
Csilica gel
Bcomposition2
Cpaste
Cbeebread,ambrosia
Ccompost
Csoup2
Bmechanical mixture
Beutectic
Bsolution
Cbrine2
Caqueous solution
Cbleach liquor
Cbuffer solution
Dstarting buffer
Dphosphate buffer solution
Ccollodion
Cchlorine water
Cconjugate solution,conjugate
Cdilution
Celectrolyte
Dpolyelectrolyte
Celuate
Cformalin,formol
Cgargle,mouthwash
Cinfusion,extract
Dbeef tea
Dblack catechu,catechu
Dpancreatin
Cinjection,injectant
Cisotonic solution,isosmotic solution
Dsaline solution,saline
Cliquid bleach
Csap2
Dmanna2
Csolid solution,primary solid solution
Daustenite
Dferrite
Dmartensite
Cspirits of ammonia,sal volatile
Ctoner2
Bsuspension2
Cslurry
Cresuspension
Cmash
Dsour mash
Cvapor,vapour
Dsteam
Elive steam
Dwater vapor,water vapour
Espray4
Fsea spray
Fspindrift,spoondrift
Bfreezing mixture
Bgummite
Blamellar mixture
Cpearlite
Dgranular pearlite,globular pearlite
Bmatte
Csparkle metal
Boxyacetylene
Bplaster4
Cgrout
Cparget,pargeting2,pargetting2
Croughcast2
Cspackle,spackling compound
Cstucco
Drender
Bsoda lime
Adispersed phase,dispersed particles
Adispersing phase,dispersion medium,dispersing medium
Ahydrocolloid
Aadulterant,adulterator
Aatom
Bisotope
Cradioisotope
Dtracer2
Dlabel2
Bmonad
Bcarbon atom
Bhydrogen atom
Cacidic hydrogen,acid hydrogen
Cdeuterium,heavy hydrogen
Bfree radical,radical2
Agroup,radical,chemical group
Bacyl,acyl group
Cacetyl,acetyl group,acetyl radical,ethanoyl group,ethanoyl radical
Cforyml
Balcohol group,alcohol radical
Baldehyde group,aldehyde radical
Balkyl,alkyl group,alkyl radical
Cethyl,ethyl group,ethyl radical
Cmethyl,methyl group,methyl radical
Daminomethane
Dhydroxymethyl
Ballyl,allyl group,allyl radical
Bamino,amino group
Cglucosamine
Bamyl
Bazido group,azido radical
Bazo group,azo radical
Bbenzyl,benzyl group,benzyl radical
Bbenzoyl group,benzoyl radical
Bcacodyl2,cacodyl group,cacodyl radical,arsenic group
Bcarbonyl group
Bcarboxyl,carboxyl group
Bchromophore
Bcyano group,cyano radical,cyanide group,cyanide radical
Bglyceryl
Bhydrazo group,hydrazo radical
Bhydroxyl,hydroxyl group,hydroxyl radical
Bketone group
Bmethylene group,methylene radical,methylene
Bpropyl,propyl group,propyl radical
Bbutyl
Bnitro group
Bnitrite
Csodium nitrite
Buranyl,uranyl group,uranyl radical
Bvinyl,vinyl group,vinyl radical
Aallotrope
Atransuranic element
Ahelium group
Arare earth,rare-earth element,lanthanoid,lanthanide,lanthanon
Bterbium metal
Aactinide series
Alanthanide series
Ametallic element,metal
Bheavy metal
Bbase metal
Bnoble metal
Cgold
Dpure gold
Dgold dust
Dgreen gold
Dguinea gold2
Cplatinum
Csilver3
Dcoin silver
Baluminum,aluminium
Calum3,potassium alum,potash alum
Calum2,ammonia alum,ammonium alum
Bamericium
Bantimony
Bbarium
Cbaryta
Dbarium hydroxide
Dbarium monoxide,barium oxide,barium protoxide
Dbarium dioxide,barium peroxide
Bberkelium
Bberyllium,glucinium
Bbismuth
Bcadmium
Bcalcium
Ccalcium ion
Bcalifornium
Bcerium
Bcesium,caesium
Bchromium
Cchrome
Bcobalt
Bcopper
Cblister copper
Bcurium
Bdysprosium
Beinsteinium
Berbium
Beuropium
Bfermium
Bfrancium
Bgadolinium
Bgallium
Bhafnium
Bholmium
Bindium
Biridium
Biron4
Calpha iron
Cbeta iron
Cgamma iron
Cdelta iron
Cingot iron
Ccast iron
Dalloy iron,alloy cast iron
Dpot metal
Cwrought iron
Cgalvanized iron
Cpig iron
Dbasic iron
Dcinder pig
Dmine pig
Dspiegeleisen,spiegel,spiegel iron
Cscrap iron
Cstructural iron
Blanthanum
Blead5
Chard lead2
Chard lead,antimonial lead
Dgrid metal
Cpig lead
Blithium
Blutetium,lutecium
Bmagnesium
Bmanganese
Bmercury,quicksilver,hydrargyrum
Bmolybdenum
Bneodymium
Bneptunium
Bnickel
Bniobium
Ccolumbium
Bosmium
Bpalladium
Bpolonium
Bpotassium
Bpraseodymium
Bpromethium
Bprotactinium,protoactinium
Bradium
Brhenium
Brhodium
Brubidium
Bruthenium
Bsamarium
Bscandium
Bsodium
Bstrontium
Btantalum
Btechnetium
Bterbium
Bthallium
Bthorium
Cradiothorium
Bthulium
Btin4
Btitanium
Btungsten,wolfram
Buranium
Bvanadium
Bytterbium
Byttrium
Bzinc
Cspelter
Bzirconium
Balkali metal,alkaline metal
Balkaline earth,alkaline-earth metal
Anonmetal
Atransactinide
Aactinium
Aarsenic2
Abohrium
Aboron
Acarbon2
Bfullerene
Cbuckminsterfullerene,buckyball
Ccarbon nanotube,nanotube
Bradiocarbon
Bchar
Cbone black,bone char,animal black,animal charcoal
Csnuff2
Bcarbon black,lampblack,soot,smut,crock2
Bactivated carbon,activated charcoal
Bgraphite,black lead,plumbago
Clead3,pencil lead
Cpencil3
Bdiamond4,adamant
Ccarbonado,black diamond
Adarmstadtium
Adubnium,hahnium
Agermanium
Ahassium
Alawrencium
Ameitnerium
Amendelevium
Anobelium
Aphosphorus
Aplutonium
B
Cweapons plutonium,weapons-grade plutonium
Aroentgenium
Arutherfordium,unnilquadium
Aseaborgium
Asilicon
Asulfur,sulphur
Bbrimstone,native sulfur,native sulphur
Atellurium
Aununbium
Aununhexium
Aununpentium
Aununquadium
Aununtrium
Amolecule
Bcoenzyme
Ccocarboxylase,thiamine pyrophosphate
Cnicotinamide adenine dinucleotide
Ctriphosphopyridine nucleotide
Bethylenediaminetetraacetic acid
Bmacromolecule,supermolecule
Cprotein
Dgluten
Ecorn gluten
Ewheat gluten
Drecombinant protein
Dactomyosin
Daleurone
Damyloid2
Dapoenzyme
Dconjugated protein,compound protein
Eglycoprotein
Fmucin
Ferythropoietin
Flectin
Fmucoid
Ehemoprotein,haemoprotein
Fhemoglobin,haemoglobin
Goxyhemoglobin,oxyhaemoglobin
Fmyoglobin
Fcytochrome
Gcytochrome c
Elipoprotein
Fhigh-density lipoprotein,alpha-lipoprotein
Flow-density lipoprotein,beta-lipoprotein
Denzyme
Eadenosine deaminase
Eamylase
Fptyalin
Echolinesterase
Ecoagulase
Fthrombin
Ecollagenase
Ecomplement
Ecatalase
Ecyclooxygenase
Edecarboxylase
Ede-iodinase
Edisaccharidase
Finvertase,saccharase,sucrase
Flactase
Eelastase
Eenterokinase
Ehistaminase
Ehyaluronidase,spreading factor
Eisomerase
Ekinase
Elipase
Elysozyme,muramidase
Emonoamine oxidase
Enitrogenase
Enuclease
Fendonuclease
Grestriction endonuclease,restriction nuclease,restriction enzyme
Fexonuclease
Eoxidase
Fperoxidase
Gglutathione peroxidase
Ghorseradish peroxidase
Eoxidoreductase
Foxygenase
Epapain
Epenicillinase,beta-lactamase
Epepsin
Epepsinogen
Ephosphatase
Eplasmin,fibrinolysin
Fplasminogen
Epolymerase
Ftranscriptase
Freverse transcriptase
Eprotease,peptidase,proteinase,proteolytic enzyme
Fcaspase
Fangiotensin converting enzyme,angiotensin-converting enzyme
Fplasminogen activator,urokinase
Frenin
Ereductase
Erennin,chymosin
Esecretase
Estreptodornase
Estreptokinase
Esuperoxide dismutase
Etelomerase
Etransferase
Fribonuclease,ribonucleinase
Ftransaminase,aminotransferase,aminopherase
Gglutamic oxalacetic transaminase,glutamic oxaloacetic transaminase
Etrypsin
Ftrypsinogen
Eurease
Ezymase
Dfibrin
Dfilaggrin
Dgrowth factor
Enerve growth factor
Dhaptoglobin
Diodoprotein,iodinated protein
Ethyroprotein
Ethyroglobulin
Dnucleoprotein
Dopsin
Dphosphoprotein
Ecasein2
Dplasma protein
Egamma globulin,human gamma globulin
Fimmunoglobulin,immune serum globulin,immune gamma globulin,immune globulin
G
Hreagin
Gtetanus immunoglobulin,tetanus immune globulin
Ecoagulation factor,clotting factor
Ffibrinogen
Fprothrombin
Fthromboplastin,thrombokinase
Fproaccelerin,prothrombin accelerator,accelerator factor
Fproconvertin,cothromboplastin,stable factor
Fantihemophilic factor,antihaemophilic factor,antihemophilic globulin,antihaemophilic globulin
Fprothrombinase
Fplasma thromboplastin antecedent
Ffibrinase
Dprostate specific antigen
Dproteome
Dsimple protein
Eactin
Ealbumin,albumen
Fricin,ricin toxin
Flactalbumin
Fserum albumin
Eglobulin
Falpha globulin
Fserum globulin
Fmyosin
Ftransferrin,beta globulin,siderophilin
Eglobin,hematohiston,haematohiston
Eglutelin
Ehistone
Eprolamine
Eprotamine
Escleroprotein,albuminoid
Fgelatin2,gelatine
Fchondrin
Fkeratin,ceratin
Dcytokine
Etumor necrosis factor,tumour necrosis factor
Elymphokine
Finterleukin
Dferritin
Dantibody
Eautoantibody
Eprecipitin
Eantitoxin
Fantivenin,antivenene
Ftetanus antitoxin
Eagglutinin
Fisoagglutinin
Eheterophil antibody,heterophile antibody
Eisoantibody,alloantibody
Emonoclonal antibody,monoclonal
Finfliximab2
Eopsonin
Ccarbohydrate,saccharide,sugar2
Dribose
Dbeet sugar
Dcane sugar
Edemerara
Ddeoxyribose
Dinvert sugar
Dmaple sugar
Dmonosaccharide,monosaccharose,simple sugar
Etriose
Etetrose
Epentose
Ehexose
Ealdose
Faldohexose
Gglucose
Hcorn sugar
Hdextrose,dextroglucose,grape sugar
Hblood sugar,blood glucose
Eketose
Fketohexose
Gfructose,fruit sugar,levulose,laevulose
Doligosaccharide
Edisaccharide
Flactose,milk sugar
Fmaltose,malt sugar
Fsucrose,saccharose
Ggalactose,brain sugar
Etetrasaccharide
Fstachyose
Etrisaccharide
Fraffinose
Dpolysaccharide,polyose
Echitin
Ecellulose
Fcarboxymethyl cellulose
Fdiethylaminoethyl cellulose
Fpulp
Gbagasse
Gwood pulp
Fpectin
Eglycogen,animal starch
Einulin
Edextrin
Emucopolysaccharide
Fhyaluronic acid
Estarch,amylum
Farum
Fcassava,cassava starch,manioc,manioca
Farrowroot
Fcornstarch,cornflour
Fsago
Gpearl sago
Famyloid
Djaggery,jagghery,jaggary
Dwood sugar,xylose
Clipid,lipide,lipoid
Dfat
Eedible fat
Fcracklings
Flard
Fmarbling
Fshortening
Fsuet
Fdrippings
Fvegetable oil,oil4
Gcooking oil
Gsweet oil
Gcanola oil,canola
Gcoconut oil,copra oil
Gcorn oil
Gcottonseed oil
Golive oil
Gpalm oil
Gpeanut oil,groundnut oil
Gsalad oil
Gsafflower oil
Gsesame oil
Gsoybean oil,soyabean oil
Gsunflower oil,sunflower-seed oil
Gwalnut oil
Gmadia oil
Eanimal fat
Fbone fat
Fbutterfat
Ecocoa butter
Eleaf fat,leaf lard
Emyelin,myeline,medulla
Epolyunsaturated fat
Dtriglyceride
Doil2
Esassafras oil
Ecalamus oil
Emustard oil
Erape oil,rapeseed oil,colza oil
Esafflower oil2
Ehydnocarpus oil
Ebabassu oil,babacu oil
Ecohune-nut oil,cohune oil,cohune fat
Ealmond oil,expressed almond oil,sweet almond oil
Epennyroyal oil2,hedeoma oil
Ehyssop oil
Espike lavender oil,spike oil
Epennyroyal oil
Ecroton oil
Efuel oil,heating oil
Fgas oil
Eanimal oil
Fdrying oil
Fblubber
Fbone oil2
Fbone oil
Fcod-liver oil,cod liver oil
Gcod oil
Flanolin2,wool fat,wool grease
Ffish-liver oil,fish oil
Gtuna oil
Fgoose grease
Fhalibut-liver oil
Flard oil
Fmenhaden oil
Fneat's-foot oil
Foleo oil
Fporpoise oil
Fdolphin oil
Fsalmon oil
Fsardine oil
Fseal oil
Fshark oil,shark-liver oil
Fsperm oil
Ftallow
Gbeef tallow
Gdubbin
Gmutton tallow
Ftallow oil
Fwhale oil,train oil
Fwool oil
Ecamphor oil
Egrease,lubricating oil
Faxle grease
Eessential oil,volatile oil
Filang-ilang
Fbitter almond oil
Fattar,atar,athar,ottar
Gattar of roses,rose oil
Fclove oil,oil of cloves
Fcostus oil
Feucalyptus oil
Fturpentine2,oil of turpentine,spirit of turpentine,turps
Fwormwood oil,absinthe oil
Flinalool
Emineral oil
Emotor oil
Efixed oil,fatty oil
Efusel oil
Estand oil
Eneroli oil
Etall oil
Epetroleum,crude oil,crude,rock oil,fossil oil,oil3
Fresidual oil,resid
Eshale oil
Elinseed oil,flaxseed oil
Etung oil
Echaulmoogra oil
Elemongrass,lemon grass,lemongrass oil
Dphospholipid
Elecithin
Dwax
Ebayberry wax,bayberry tallow
Ecarnauba wax,carnauba
Ecandelilla wax
Eceresin
Efloor wax
Egondang wax,fig wax
Emontan wax
Episang wax
Escale wax,paraffin scale
Eski wax
Ebeeswax
Ecerumen,earwax
Eparaffin,paraffin wax
Espermaceti
Evegetable wax
Eshellac wax,lac wax
Cnucleic acid
Apropellant,propellent
Brocket fuel,rocket propellant,rocket propellent
Adenaturant
Aactivator
Bactivating agent
Bcatalyst,accelerator4
Cbiocatalyst
Cplatinum black
Bsensitizer,sensitiser
Ainhibitor
B
Cvalsartan
Bantioxidant
Crust inhibitor
Banticatalyst
Bmoderator
Cheavy water,deuterium oxide
Aferment
Asubstrate
Asteroid hormone,steroid2,sex hormone
Bprogestin,progestogen
Cprogesterone
Cmegestrol,megestrol acetate
Cnorethindrone,norethindrone acetate,norethandrolone
Cnorethynodrel
Cnorgestrel
Cmedroxyprogesterone
Bandrogen,androgenic hormone
Candrosterone
Cmethyltestosterone
Cnandrolone
Ctestosterone
Bestrogen,oestrogen
Cdiethylstilbestrol,diethylstilboestrol,stilbestrol,stilboestrol
Cestradiol,oestradiol
Cestriol,oestriol
Cestrone,oestrone,theelin
Chexestrol
Cmestranol
Bcorticosteroid,corticoid,adrenal cortical steroid
Cmineralocorticoid
Daldosterone
Cglucocorticoid
Dcorticosterone
Dprednisolone
Dprednisone
Chydrocortisone,cortisol
Ccortisone
Cdexamethasone
Cspironolactone
Ctriamcinolone
Banabolic steroid
Aadrenosterone
Afollicle-stimulating hormone
Ahuman chorionic gonadotropin,human chorionic gonadotrophin
Aluteinizing hormone,interstitial cell-stimulating hormone
Adiazonium
Aroyal jelly
Aagent
Bantiflatulent
Bantifungal,antifungal agent,fungicide,antimycotic,antimycotic agent
Ciodochlorhydroxyquin
Citraconazole
Cmiconazole
Cnystatin
Cterbinafine
Cthiabendazole
Bdisinfectant,germicide,antimicrobic,antimicrobial
Bantacid,gastric antacid,alkalizer,alkaliser,antiacid
Comeprazole
Bbacteriostat
Bbleaching agent,bleach,blanching agent,whitener
Cbleaching powder,chlorinated lime,chloride of lime
Bdilutant,diluent,thinner
Bemmenagogue
Bgalactagogue
Bhypnagogue
Bhypoglycemic agent,hypoglycaemic agent
Binducer
Blactifuge
Blactogen
Cprolactin,lactogenic hormone,luteotropin
Bmitogen
Bprecipitant
Cdimethylglyoxime
Bsolvating agent
Bviricide,virucide
Acarcinogen
Acatecholamine
Acodon
Aphellem,cork4
Adew
Adigestive
Aelement2
Bair2
Bfire2
Bearth3
Bquintessence,ether2
Bwater3
Amusk
Anectar
Apheromone
Afomentation
Alubricant,lubricator,lubricating substance,lube
Bdrilling mud,drilling fluid
Amedium5
Amedium4
Bcontrast medium,contrast material
Ahalogen
Ahumectant
Ahydroxide ion,hydroxyl ion
Ainoculant,inoculum
Airon blue,steel grey,steel gray
Ajelly3
Bpetrolatum,petroleum jelly,mineral jelly
Aleaven,leavening
Bbaking powder
Bsourdough
Byeast,barm
Cyeast cake
Cbrewer's yeast
Dbottom fermenting yeast
Dtop fermenting yeast
Cmother
Afluid2
Bgas2
Cpropane
Cafterdamp
Cfiredamp
Carsine
Cnitric oxide
Cblow gas,blowing gas
Cbutylene,butene
Disobutylene
Dpolybutylene,polybutene
Ccyanogen
Cexhaust2,exhaust fumes,fumes
Cair
Dbreath
Ehalitus,exhalation
Fhalitosis
Dhot air
Dliquid air
Ccompressed gas
Dcompressed air
Eair cushion3
Cproducer gas,air gas
Cgreenhouse gas,greenhouse emission
Cliquefied petroleum gas,bottled gas
Cideal gas,perfect gas
Cinhalant2
Cozone
Cphosgene
Cphosphine
Cpoison gas
Dmustard gas,mustard agent,blistering agent,dichloroethyl sulfide,sulfur mustard
Dnerve gas,nerve agent
Eorganophosphate nerve agent
Fsarin
Fsoman
Ftabun
Cpropylene,propene
Cmephitis
Csewer gas
Csublimate
Dmercuric chloride,mercury chloride,bichloride of mercury,corrosive sublimate
Ctear gas,teargas,lacrimator,lachrymator
Dchlorobenzylidenemalononitrile
Dchloroacetophenone
Dnitrochloromethane
Bliquid2
Cartificial blood
Celixir
Cextravasation
Cinstillation
Cliquid crystal
Cspill2
Ctuberculin
Afluid
Bcoolant
Bichor
Bliquid
Cwater5
Dbranch water
Dspring water2
Calcohol2
Dmethanol,methyl alcohol,wood alcohol,wood spirit
Dethyl alcohol,ethanol,fermentation alcohol,grain alcohol
Espirits of wine
Eabsolute alcohol
Edenatured alcohol
Fmethylated spirit
Gsurgical spirit
Disopropyl alcohol,isopropanol
Dallyl alcohol,propenyl alcohol
Damyl alcohol
Dbutyl alcohol,butanol
Dcyclohexanol
Ddiol,glycol2,dihydric alcohol
Dglycerol,glycerin,glycerine
Dlauryl alcohol
Dpropanol,propyl alcohol
Dsterol,steroid alcohol
Echolesterol,cholesterin
Eergosterol
Cammonia water,ammonia,ammonium hydroxide
Cdistillate,distillation
Cpyroligneous acid,wood vinegar
Cmedium3
Dmegilp,magilp
Cink
Dindelible ink
Emarking ink
Ddrawing ink
Dmagnetic ink
Dprinter's ink,printing ink
Dwriting ink
Cgrume
Cliquor2
Csnake oil
Asludge2,slime,goo,goop,gook,guck,gunk,muck,ooze
Bsapropel
Asystem2
Arefrigerant
Bcryogen
Aresidue
Bgreaves,crackling
Bash
Cfly ash
Cbone ash
Bcottonseed cake,cotton cake
Bdottle
Aevaporite
Areleasing factor,releasing hormone
Bgrowth hormone-releasing factor
Aintrinsic factor
Aplatelet,blood platelet,thrombocyte
Alysin
Bcytolysin
Achemical irritant
Bcapsaicin
Bgingerol
Bpiperin,piperine
Bisothiocyanate
Aantigen
Bimmunogen,immunizing agent
Cvaccine,vaccinum
Dpneumococcal vaccine
Dpoliovirus vaccine
Eoral poliovirus vaccine
Dproteosome vaccine,proteosome
Ctoxin antitoxin
Bagglutinogen
Cisoagglutinogen
Bfetoprotein,foetoprotein
Calpha fetoprotein,alpha foetoprotein
Brhesus factor
Aantigenic determinant,determinant,epitope
Asnow
Bcorn snow
Bcrud
Asolid
Bprecipitate
Csludge
Bplastic
Cacrylonitrile-butadiene-styrene
Cthermoplastic,thermoplastic resin
Dsaran
Dcelluloid
Cthermosetting compositions,thermosetting resin
Cpolytetrafluoroethylene
Cresinoid
Camino plastic,aminoplast,amino resin
Ccellulosic
Ccoumarone-indene resin,coumarone resin
Cfluorocarbon plastic
Cphenolic plastic,phenolic urea
Cpolypropylene,polypropene
Cpolyvinyl-formaldehyde
Csilicone resin
Cvinyl2
Bglass5
Cnatural glass
Dquartz glass,quartz,vitreous silica,lechatelierite,crystal5
Dtektite
Copal glass,milk glass
Coptical glass
Doptical crown,crown glass2,optical crown glass
Doptical flint,flint glass
Ccrown glass
Csoft glass
Cground glass
Cground glass2
Clead glass
Dpaste2
Csafety glass,laminated glass,shatterproof glass
Csoluble glass,water glass4,sodium silicate
Cstained glass
Cwire glass
Bcrystal4
Cgem3,gemstone,stone3
Dcabochon
Dopaque gem
Ecat's eye
Ecoral,red coral,precious coral
Ejade,jadestone
Ejasper
Elapis lazuli,lazuli
Dtransparent gem
Eaquamarine
Echrysoprase
Eemerald
Emoonstone
Emorganite
Eperidot
Eruby
Esapphire
Fstar sapphire
Etopaz2
Etourmaline
Fschorl
Ctwins
Cice3,water ice
Dblack ice
Dfrost,hoar,hoarfrost,rime
Dhailstone
Dicicle
Bpowder2,pulverization,pulverisation
Bdry ice
Bvitrification
Asolute
Asuperoxide2,superoxide anion
Amelanocyte-stimulating hormone
Athyrotropin,thyrotropic hormone,thyrotrophin,thyrotrophic hormone,thyroid-stimulating hormone
Athyrotropin-releasing hormone,thyrotropin-releasing factor,protirelin
Atrace element
Avolatile
Awhey,milk whey
Ahardtack2
Aknothole
Aemanation
Bectoplasm
Aessence2
Aligand
Ametabolite
Avegetable matter
Bpeat
Avehicle3`;
