import type { FigureId } from "../../figures-sheet";
import { rowOf } from "./rows";

/** How people ask for a figure of the yacht: by its name, or by words for a size beside the thing that it is of. */
export interface FigureAsked {
  names: readonly string[];
  /** first words of rows in `things` */
  of?: readonly string[];
  size?: readonly string[];
}

const holds =
  rowOf(`how much | how many | how big | litre | litres | liter | liters | l | size | capacity | volume | holds | gallons |
      big | inhalt | wie viel | wieviel | liters fit | fassungsvermögen | wie groß`);

/** Every figure with how it is asked for, in English and German. */
export const figuresAsked: Readonly<Record<FigureId, FigureAsked>> = {
  length: {
    names:
      rowOf(`length | how long is the boat | how long | boat length | loa | length overall | metres long | meters long |
      länge | wie lang | size of the boat | how big is the boat`),
  },
  beam: {
    names: rowOf(`beam | width | wide | how wide | breite | breit | breadth`),
  },
  draught: {
    names:
      rowOf(`draught | draft | how deep | keel depth | depth of keel | tiefgang | wie tief | depth needed | how much depth | shallow |
      how shallow | minimum depth | how much water do we need under | water depth`),
    of: ["keel"],
    size: rowOf(`deep | depth | how low`),
  },
  "air-draught": {
    names:
      rowOf(`air draught | air draft | bridge | bridges | under bridge | under a bridge | durchfahrtshöhe | masthöhe |
      wie hoch | height above water | brücke | how high | how tall | height`),
    of: ["mast"],
    size: rowOf(`high | tall | height | hoch`),
  },
  displacement: {
    names: rowOf(`displacement | weight | how heavy | tons | tonnes | gewicht | wie schwer | verdrängung | heavy`),
  },
  "maximum-aboard": {
    names: rowOf(`max people | maximum people | how many people | how many persons | persons allowed | people allowed |
      max persons | wie viele personen | max passengers | guests allowed | how many guests | maximum aboard |
      how many can come | how many sleep | passengers allowed | maximum crew | max crew | wie viele leute`),
  },
  "limited-speed": {
    names:
      rowOf(`speed on one engine | how fast | maximum speed | max speed | top speed | speed limit | cruising speed |
      cruise speed | speed under engine | geschwindigkeit | wie schnell | motoring speed | knots | speed`),
  },
  "call-sign": {
    names: rowOf(`call sign | callsign | rufzeichen | radio name | radio call sign | what do i say on the radio`),
  },
  mmsi: { names: rowOf(`mmsi | mmsi number | maritime number | mmsi nummer`) },
  dsc: {
    names: rowOf(`dsc | digital distress | dsc programmed | is the distress button programmed | digitaler notruf`),
  },
  registration: {
    names: rowOf(`registration | registration number | registered | kennzeichen | registernummer | ship number`),
  },
  "depth-from": {
    names:
      rowOf(`depth from | depth below keel | depth under keel | depth offset | does the depth show | echo sounder | echolot |
      tiefe ab | tiefe unter kiel | depth sounder shows | where is depth measured from`),
  },
  "depth-offset": { names: rowOf(`sounder offset | offset of the depth | transducer offset | lot versatz`) },
  fuel: {
    names: rowOf(`fuel tank size | fuel capacity | tank size | tankinhalt | tank capacity`),
    of: ["fuel", "petrol"],
    size: [...holds, "tank"],
  },
  water: {
    names: rowOf(`water tank size | water capacity | tank capacity`),
    of: ["water"],
    size: holds,
  },
  waste: {
    names: rowOf(`holding tank size`),
    of: ["holding tank"],
    size: holds,
  },
  "cruising-burn": {
    names:
      rowOf(`fuel consumption | consumption | litres per hour | liters per hour | per hour | burn rate | verbrauch | range |
      how far with one tank | cruising rpm | cruise speed rpm | reichweite | diesel per hour`),
    of: ["fuel"],
    size: rowOf(`use | burn | burns | far | hour`),
  },
  "maximum-rpm": {
    names:
      rowOf(`maximum rpm | max rpm | top rpm | highest rpm | rev limit | revs | rpm | engine speed | how many rpm | drehzahl |
      max revs | full throttle | höchstdrehzahl`),
  },
  "charging-rpm": {
    names: rowOf(`charging rpm | rpm for charging | revs to charge | rpm to charge | ladedrehzahl`),
    of: ["charger"],
    size: rowOf(`rpm | revs`),
  },
  chain: {
    names: rowOf(`chain length | kettenlänge`),
    of: ["chain"],
    size: rowOf(`how much chain do we have | how much chain is there | have we | do we have | is there | how long | metres |
      meters | length | long | wie viel`),
  },
  sail: {
    names: rowOf(`sail area | segelfläche | square metres`),
    of: ["sail", "mainsail", "headsail"],
    size: rowOf(`how big | size | area | square | m2 | big`),
  },
  battery: {
    names: rowOf(`battery capacity | amp hours | ah | batteriekapazität | ampere hours`),
    of: ["battery"],
    size: rowOf(`how big | size | capacity | amps | ah | big | how many | strong`),
  },
  cord: {
    names: rowOf(`how many amps | shore power limit`),
    of: ["shore power"],
    size: rowOf(`amps | amp | ampere | limit | how much | how strong | how many | max`),
  },
};
