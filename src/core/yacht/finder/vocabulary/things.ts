import { rowsOf } from "./rows";

/**
 * Words that mean one thing aboard, a row each: what crews say, what the field says, and how it is called in German. The
 * first of a row stands for all of them. A word stands in one row only; several words together count before single ones.
 */
export const things = rowsOf(`
engine | motor | diesel engine | inboard | machine | maschine | motoren | engines
outboard | outboard motor | outboard engine | outboarder | aussenborder | außenborder | dinghy motor |
  dinghy engine | tender engine
fuel | diesel | gasoil | kraftstoff | brennstoff | treibstoff | sprit
petrol | gasoline | benzin
oil | öl | motor oil | engine oil | motoröl
dipstick | oil stick | ölmessstab | peilstab | oil level | ölstand
coolant | antifreeze | cooling liquid | cooling fluid | radiator water | kühlmittel | kühlflüssigkeit
cooling water | raw water | sea water | seawater | kühlwasser | seewasser | water coming out | water comes out |
  water from the exhaust | water from exhaust | water out of the exhaust | spitting water
exhaust | auspuff
cooling jet | cooling stream | tell tale | telltale | water jet | kontrollstrahl
strainer | sea strainer | water filter | seewasserfilter | sieve
water separator | fuel separator | pre filter | prefilter | wasserabscheider
impeller | water pump wheel | pump wheel
belt | v belt | fan belt | drive belt | keilriemen
gearbox | transmission | gear box | sail drive | saildrive | getriebe
lever | throttle | gas lever | gear lever | gear stick | shifter | gashebel | engine lever | schalthebel |
  throttle lever | gear | gears | neutral | leerlauf
engine panel | engine display | motor panel
ignition key | engine key | motor key | zündschlüssel | starter key
kill cord | killcord | safety lanyard | quickstop | quick stop | notstopp
propeller | prop | screw | schraube | propellor
fuel cut-off | fuel shut off | fuel shutoff | fuel cut off | fuel valve | fuel tap | diesel valve | diesel tap |
  diesel shut off | fuel cock | petrol shut off | petrol tap | kraftstoffhahn | dieselhahn
filler | filler cap | deck fitting | cap | tankdeckel | einfüllstutzen | tankstutzen | stutzen
vent | breather | entlüftung
choke
spark plug | zündkerze
anchor | anker | ankor | hook down
windlass | anchor winch | anchor motor | ankerwinsch | ankerwinde | capstan | anchor windlass
chain | anchor chain | ankerkette | kette
second anchor | spare anchor | stern anchor | kedge | zweitanker | heckanker | reserveanker
snubber | chain hook | chain claw | kettenhaken | kettenkralle
bridle | hahnepot
remote | remote control | fernbedienung | handset
anchor ball | ankerball | black ball
trip line | tripping line
fender | bumper | fenders
mooring line | dock line | dockline | berthing line | festmacher | mooring rope | mooring lines | dock lines |
  ropes for harbour | harbour ropes | harbour lines | ropes for the harbour | marina lines | spring | springs |
  spring line | festmacherleinen | docking lines | tie up | warps | warp
shore line | shoreline | landleine | line to shore | line to land | long line | tie to trees | tying to trees |
  tree | trees | rope to shore | rope for shore | tie to the shore | tie ashore | stern to rocks | line ashore |
  lines ashore
boat hook | boathook | bootshaken
mooring | mooring buoy | mooring ball | boje | buoy
berth | marina | harbour | harbor | quay | dock | jetty | pier | pontoon | hafen | liegeplatz | slip |
  mooring place | port
cabin key | companionway key | lock the boat | lock up | lock up the boat | boat key | key for the boat |
  key of the boat | door key | lock the door | padlock | abschließen | cabin keys | key for the door |
  bootsschlüssel | hatch key | lock
leave her | leave the boat | leave boat | leaving the boat | leaving boat | close up | going to bed | before bed |
  go to bed | before sleeping | for the night | go ashore | going ashore | close everything | shut everything |
  leave the boat alone | boat alone | boot verlassen abend | before we go to dinner | von bord gehen |
  off the boat for the night
leave the berth | leave berth | leave the marina | leave marina | leave the harbour | leave harbour |
  leave the harbor | leaving the berth | leaving the marina | leaving the slip | leaving the harbour |
  leaving the dock | leave the dock | leave the quay | leave port | ablegen | auslaufen | departing |
  out of the berth | out of the marina | get out of the harbour | undocking
call | talk | speak | contact | anrufen | talk to | telephone | calling | sprechen | rufen
pump | pumpe
volts | volt | voltage | voltmeter | spannung | battery monitor | battery meter | battery volts
tilt | tilt lock | lift the outboard | motor up | outboard up | kippen | outboard out of the water | tilting |
  lift outboard | lift motor | raise motor | raise the outboard
weed | seaweed | plastic bag | algae | jellyfish in the intake | intake | tang | seegras | algen
gangway | passerelle | boarding plank | gangplank
key | keys | schlüssel
mainsail | main sail | main | großsegel | grosssegel | groß | gross
headsail | genoa | jib | foresail | genua | fock | vorsegel | head sail | fore sail | genny | jenny
sail | segel | sails
furling line | furler | reefing line | furler line | roller | rollleine | reffleine | furling gear |
  roller furling
halyard | fall | halliard | halyards
sheet | schot | sheets
winch | winsch | winches
electric winch | power winch | elektrowinsch
winch handle | crank | kurbel | winschkurbel | winch crank
clutch | rope clutch | jammer | stopper | clutches | klemme
traveller | traveler
preventer | bullenstander | boom preventer | boom brake
mast | mast top | masthead | masttop
boom | baum
sail bag | mainsail bag | lazy bag | lazybag | sail cover | main cover | stack pack
bosun's chair | bosuns chair | climb the mast | mast chair | mast climbing | bootsmannsstuhl | go up the mast
outhaul
shore power | shore electricity | shore cable | shore cord | landstrom | landanschluss | pedestal | shore |
  dock power | land power | land electricity | electric cable | mains cable | steg | landstromkabel
power | electricity | electric | current | strom | elektrik | electrics | electrical
mains | 230 v | 220 v | 230v | 220v | 230 volts | 220 volts | 240v | 110v | ac | 230 volt | 220 volt |
  wechselstrom | 220 | 230 | mains power | mains electricity | normal electricity | wall power
socket | plug | outlet | steckdose | power point | sockets | plugs | stecker
inlet | shore power plug | shore plug | shore inlet | shore power inlet | shore socket
adapter | adaptor | converter
battery | batteries | accu | akku | batterie | batterien
battery switch | battery isolator | isolator | batterieschalter
main switch | hauptschalter | master switch | main power
parallel switch | emergency start | jump start | other battery | starthilfe
switch | button | schalter | knopf
panel | switch panel | electric panel | breaker panel | switchboard | schaltpanel | fuse panel | breaker board |
  fuse board | sicherungskasten
breaker | circuit breaker | fuse | fuses | sicherung | breakers | sicherungen
charger | battery charger | ladegerät | charging
inverter | wechselrichter | umformer
generator | genset | gen set | genny set
alternator | lichtmaschine | dynamo
light | lamp | lights | lamps | licht | lampe | lampen | lighting
navigation lights | position lights | nav lights | running lights | positionslichter | navigationslichter |
  steaming light | lights at night | night lights | navigation light
anchor light | ankerlicht | riding light | anchorlight
phone charger | usb | charge phone | charging phone | phone charging | handy laden | charge my phone |
  charge phones
polarity
radio | vhf | vhf radio | marine radio | funk | funkgerät | ukw
handheld radio | handheld vhf | handheld | portable vhf | portable radio | walkie talkie | handfunke |
  handfunkgerät | hand radio
plotter | chart plotter | chartplotter | gps | kartenplotter | navigation screen
instruments | instrument | wind instrument | anzeigen | displays | depth sounder | depthsounder | echo sounder |
  echosounder | echolot | depth instrument | speedo | log
log impeller | log wheel | speed wheel | logge | paddle wheel | paddlewheel
autopilot | pilot | auto pilot | autohelm | self steering | selbststeuerung | auto helm
compass | kompass
horn | foghorn | fog horn | nebelhorn | hupe | signal horn
binoculars | fernglas | binocular | field glasses | spyglass
barometer
chart | charts | paper chart | paper charts | sea chart | seekarte | seekarten | nautical chart | sea map | map |
  maps | karte
pilot book | cruising guide | hafenhandbuch | harbour guide | revierführer | almanac | guide book
tide table | tides | tide | gezeiten | gezeitentafel
ship's papers | ships papers | boat papers | documents | papers | registration | bootspapiere | schiffspapiere |
  boat documents | ship papers | boats papers | boat's papers
insurance | versicherung
engine book | manual | handbook | instructions | bedienungsanleitung | handbuch
steering | rudder | helm | steuerung | ruder | wheel | steering wheel | steuerrad | steer
emergency tiller | emergency rudder | spare tiller | rudder stick | spare rudder | notpinne | emergency steering |
  hand tiller
tiller | pinne
bow thruster | bowthruster | thruster | bugstrahlruder | bugstrahl | bow propeller | thrusters
stern thruster | heckstrahlruder
water | fresh water | drinking water | wasser | trinkwasser | frischwasser | freshwater | tap water
tank | tanks
water pump | freshwater pump | fresh water pump | pressure pump | wasserpumpe | druckwasserpumpe
hot water | warm water | water heater | boiler | warmwasser | heißwasser | hot shower | warm shower | calorifier
shower | dusche
cockpit shower | deck shower | outside shower | stern shower | outdoor shower | shower outside | heckdusche |
  transom shower | shower at the back
shower drain | shower pump | shower sump | duschpumpe | duschablauf
hose | water hose | schlauch | wasserschlauch | garden hose
water filler | water cap | water inlet | wassereinfüllstutzen | water filling
filler key | filler cap key | filler cap tool | deck key | cap key | tank key | cap tool | deckelschlüssel |
  filler tool | key for the tank | key for the cap
foot pump | fusspumpe | fußpumpe | pedal pump
valve | tap | cock | faucet | ventil | hahn | spigot | stopcock
seacock | sea cock | sea valve | thru hull | through hull | skin fitting | seeventil | borddurchlass | seacocks |
  sea cocks | seeventile | hull valve
sink | basin | washbasin | spüle | waschbecken
toilet | head | heads | loo | wc | bathroom | marine toilet | toilette | klo | lavatory | restroom | potty
holding tank | black water | black tank | waste tank | sewage | sewage tank | blackwater | fäkalientank |
  toilet tank | grey tank | waste | dirty water tank | poo tank | shit tank | black water tank
portable toilet | chemical toilet | porta potti
toilet brush | klobürste
toilet paper | klopapier
mirror | spiegel
gas | lpg | propane | butane | cooking gas | kitchen gas | propan
gas bottle | gas cylinder | gas tank | gasflasche | gas bottles | propane bottle | bottle of gas
stove | cooker | hob | oven | kocher | herd | backofen | cooking | cook | burner | burners | cooktop | kochen |
  flame
gas detector | gas alarm | gas sensor | gasmelder | gaswarner
lighter | gas lighter | matches | feuerzeug | match | streichhölzer
fridge | refrigerator | cool box | icebox | ice box | kühlschrank | freezer | cooler | coolbox | kühlbox
galley | kitchen | küche | pantry | kombüse
pot | cooking pot | saucepan | topf | pots
pan | frying pan | pfanne | pans | skillet
kettle | water kettle | wasserkocher | tea kettle
mug | cup | cups | tasse | becher | mugs
glass | glasses | wine glass | gläser | glas
plate | plates | dish | dishes | teller | crockery | geschirr
bowl | bowls | schüssel
cutlery | forks | fork | spoon | spoons | besteck | gabel | löffel
kitchen knife | küchenmesser | bread knife
knife | messer | rope knife | knives
corkscrew | bottle opener | wine opener | korkenzieher | flaschenöffner
tin opener | can opener | dosenöffner
chopping board | cutting board | schneidebrett
colander | pasta strainer | sieb
dish rack | drying rack
oven tray | baking tray | backblech
thermos | vacuum flask | thermoskanne | flask
pot clamps | pot holders | pan holders | fiddles
dustpan | broom | brush and pan | dust pan | handfeger | besen | sweep | hand brush
deck brush | scrubbing brush | scrubber | mop | schrubber
bucket | pail | eimer | pütz
sponge | bailer | schwamm
heater | heating | cabin heater | heizung | central heating | warm air | diesel heater
air conditioning | aircon | air con | air condition | a c | klimaanlage | klima | airco | climate |
  cool the cabin | cold air | too hot below | cool air | ac unit
fan | ventilator | fans | lüfter
cabin | bedroom | kabine | koje
mattress | matratze | mattresses
pillow | kissen | pillows
blanket | duvet | quilt | decke | bedding | bed sheets | sheets for the bed | bed linen | bettzeug | blankets |
  bettwäsche
lee cloth | leecloth | leesegel
cushion | cushions | polster | cockpit cushions | pads | seat pad
cockpit table | table | tisch | table outside
sprayhood | spray hood | dodger
bimini | sun roof | sun shade | sunshade | awning | sonnensegel | sun cover | sun awning | shade | too much sun |
  sun protection
hatch | hatches | luke | skylight | window | windows | porthole | luken | fenster
cup holder | cupholder | drink holder
hanger | coat hanger | kleiderbügel
curtain | vorhang
swim ladder | bathing ladder | ladder | badeleiter | swimming ladder | boarding ladder | leiter |
  steps to the water | stairs to swim
bathing platform | swim platform | stern platform | transom | badeplattform | stern door | swimming platform |
  platform | heckklappe
tender | dinghy | dingy | dinghi | rubber boat | beiboot | schlauchboot | inflatable | small boat | rib
oar | oars | paddle | paddles | riemen | paddel | ruderblatt
tender pump | air pump | dinghy pump | luftpumpe | inflating pump
tender repair | repair kit | puncture kit | patch kit | flickzeug | dinghy repair | tender repair kit | patch |
  patches | puncture | lost air | loses air | losing air | flat dinghy | air leak | dinghy flat |
  hole in the dinghy | tender leaking | dinghy leaking | dinghy leaks | soft dinghy | glue
bung | drain plug | plug of the dinghy | lenzstopfen
davit | davits
painter | dinghy line | tender line | dinghy rope
bilge | bilges
bilge pump | bilgepump | lenzpumpe | bilgenpumpe
bilge pump by hand | manual bilge pump | hand bilge pump | hand pump | handlenzpumpe | emergency pump
bilge pump handle | pump handle | manual bilge pump handle | hand pump handle | lenzpumpenhebel | pump lever |
  handle of the bilge pump
wooden bungs | wooden plugs | wood plugs | wooden bung | leak plugs | plug for a hole | plug for the hole |
  plugs for leaks | wooden cones | wooden pegs | bungs | leckstopfen | softwood plugs
float switch | bilge float | schwimmerschalter
life raft | liferaft | raft | rettungsinsel
life jacket | lifejacket | life vest | vest | jacket | pfd | schwimmweste | rettungsweste | life jackets |
  life vests | vests | jackets | buoyancy aid | westen | schwimmwesten
harness line | harness | tether | lifeline | safety line | safety harness | lifebelt | lanyard |
  sicherheitsleine | lifeleine | clip on | harnesses | tethers | lifelines
jackline | jack line | strecktau | jackstay | jack lines | jacklines
flare | flares | rocket | rockets | distress flares | seenotsignale | signalrakete | emergency rockets |
  notsignale | pyrotechnics | leuchtrakete
extinguisher | fire extinguisher | feuerlöscher | extinguishers | löscher
fire blanket | löschdecke
ring buoy | horseshoe | horseshoe buoy | life ring | lifering | rettungsring | life buoy | lifebuoy |
  rescue ring | life belt | rettungskragen
rescue sling | life sling | lifesling | rettungsschlinge
danbuoy | dan buoy | mob pole | man overboard pole | markierungsboje
throwing line | throw line | heaving line | wurfleine | throw bag | rescue line
first aid | first aid kit | medical kit | medical | medicine | medicines | bandage | bandages | plaster |
  plasters | band aid | pharmacy | erste hilfe | verbandskasten | verbandkasten | pflaster | verband | doctor |
  pills | medikamente | painkiller | painkillers | apotheke
grab bag | emergency bag | ditch bag | notfalltasche | panic bag
radar reflector | radarreflektor
day shapes | cone | motoring cone | kegel | tagzeichen | day shape | ball and cone
torch | flashlight | flash light | taschenlampe | torches | headlamp | stirnlampe
distress call | mayday | sos | call for help | notruf | emergency call | seenot | hilfe rufen | distress | help |
  rescue | hilfe | coast guard | coastguard
distress button | red button | emergency button | dsc button | dsc
safety locker | safety box | safety equipment | safety gear | sicherheitsausrüstung | emergency gear
overboard | man overboard | mob | man over board | person overboard | mensch über bord | person in the water |
  someone in the water | somebody in the water | someone in water | person in water | fell in | fell overboard |
  fell in the water | fell off the boat | fell into the water | lost a person | über bord | back on board |
  get him back | get person back | crew in water | man in water | person over board | over board | fell off |
  fell out | fallen in | fallen overboard | went overboard | swimming behind | lost someone | lost somebody |
  jumped in | we lost a man | ins wasser gefallen | reingefallen | child in water | child overboard |
  get somebody back | get someone back | get him out of the water | get a person out of the water | back aboard
fire | burning | burns | smoke | flames | feuer | brand | rauch | brennt | something burns | on fire
water in | leak | leaking | sinking | flooding | flood | hole in hull | hole in the hull | hole in the boat |
  water in the boat | water inside | water comes in | water coming in | taking water | taking on water |
  wassereinbruch | leck | sinken | boat is full of water | water in boat | water on the floor | water from below |
  water under the floor | under the floorboards | under floorboards | water comes from under | floorboards wet |
  water everywhere | boat fills | hole | loch | water enters | water runs in | making water | leaks |
  water in cabin | wet floor
water in the bilge | bilge water | water in bilge | bilge is full | bilge full | bilge alarm | high water alarm |
  bilgenalarm
capsize | knocked flat | capsized | tipped over | upside down | fell over | turned over | kentern | gekentert |
  rolled over | flipped | knockdown | capsizing
escape hatch | escape | emergency exit | way out | get out | notausstieg | fluchtluke
abandon ship | abandon | leave the sinking boat | boot verlassen | leave the ship | get off the boat | evacuate |
  leave sinking ship | schiff verlassen | leave ship
smell | smells | stink | stinks | odour | odor | geruch | riecht | stinkt | smelling
alarm | beep | beeps | beeping | beeper | warning | piept | buzzer | peeping
hot | overheat | overheats | overheated | overheating | too hot | temperature | steam | heiss | heiß | überhitzt |
  überhitzung | gets hot | dampf | engine hot | boiling
hurt | injured | injury | wound | bleeding | cut finger | cut on | cut my hand | cut hand | cut my finger |
  burn on hand | burnt | bleed | bleeds | blood | unconscious | fainted | heart attack | headache | fever | pain |
  sting | jellyfish | sunburn | verletzt | verletzung | ill | sick | broken arm | burned hand
tools | tool | tool roll | toolbox | tool kit | tool box | werkzeug | spanner | spanners | wrench | screwdriver |
  screw driver | hammer | allen key | pliers | toolkit | werkzeugkasten | zange | schraubenzieher
gas spanner | gas wrench | gasschlüssel
bolt cutter | bolt cropper | wire cutter | bolzenschneider | rig cutter
spare | spares | spare part | spare parts | ersatzteile | ersatz | replacement | reserve
filter | filters
funnel | trichter
can | jerrycan | jerry can | canister | kanister
handle | hebel | griff
line | rope | ropes | leine | tau | string | lines
shock cord | bungee | elastic | bungee cord | gummi | sail tie | sail ties | zeising | zeisinge
cleat | cleats | klampe
flag | flags | ensign | flagge | courtesy flag | national flag | courtesy flags
child | children | kid | kids | kinder | kind | baby | small | toddler | year old | years old | daughter | son |
  boy | girl | junior
keel | kiel | lifting keel | centreboard | centerboard | schwert
night | overnight
tow line | towing line | towing rope | tow rope | schleppleine | tow | towing | abschleppen | towed
mainsheet | main sheet | großschot
topping lift | dirk
trampoline | net | netz
dividers | zirkel | ruler | plotting tools | set square | kursdreieck
hand bearing compass | bearing compass | peilkompass | hand compass
licence | license | radio licence | radio licence paper | funkzeugnis
starter cord | pull cord | starter rope | pull start
bulb | bulbs | spare bulb | glühbirne | birne | spare lamp
laptop | computer | notebook
coffee | coffee machine | coffee maker | kaffee | tea | tee | espresso
wheel brake | wheel lock | brake | lock the wheel | steering lock | radbremse
absorbent cloths | rags | rag | oil cloth | lappen | cloths | oil spill
nozzle | spray gun | hose end
regulator | gas regulator | druckminderer | pressure regulator
dry bag | waterproof bag
cool bag | kühltasche
anchor pin | locking pin | anchor lock
chain marks | chain colours | chain colors | chain colour | marks on the chain | colours of the chain |
  which colour | what colour | which color | what color | farbe | kettenmarkierung | markings on chain
chain locker | anchor locker | ankerkasten
drain | abfluss | drains | ablauf
locker | lockers | backskiste | cupboard | box
noise | loud | geräusch | noisy | buzz | buzzing | humming | hum | rattle | rattling | geräusche | sound
tank level | tank gauge | tank gauges | fuel gauge | fuel level | water level | tankanzeige | gauge | gauges |
  how much diesel | how much fuel | how full | level | diesel left | fuel left | water left | remaining
`);
