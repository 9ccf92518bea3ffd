import { rowsOf } from "./rows";

/** What is wrong, with the words for it; the first of a row stands for all. `nothing` is said of anything that does not do its work. */
export const wrong = rowsOf(`
nothing | wont | doesnt | dont | isnt | cant | not | no | never | without | will not | does not | do not |
  is not | can not | cannot | didnt | arent | dead | broken | broke | defect | defective | fails | fail | failed |
  failure | faulty | does nothing | nothing happens | not working | doesnt work | dont work | wont work |
  does not work | will not work | stopped | stopped working | gone | black | kaputt | geht nicht |
  funktioniert nicht | nicht | kein | keine | keinen | ohne | tot | defekt | only clicks | only click | clicks |
  click | blank | no reaction | problem | trouble | out of order | lost | ran out | run out | ausgefallen |
  no response | doesnt respond | does not respond | not responding | doesnt react |
  goes off course | ausfall | dry | without effect | wrong | stops by itself | no answer
stuck | jam | jammed | jams | block | blocked | blocks | clogged | seized | hard | stiff | verstopft | klemmt |
  fest | blockiert | foul | fouled | caught | overflows | overflow | stay | stays | stands | doesnt drain |
  dont drain | dont empty | doesnt empty | does not drain | wont drain | wont roll | wont come up |
  will not come up | doesnt come up
runs on | keeps running | will not stop | wont stop | doesnt stop | dont stop | does not stop |
  runs all the time | runs all time | always running | keeps starting | keeps going | läuft weiter |
  läuft dauernd | geht nicht aus | stoppt nicht | all the time | cant stop | runs constantly | keeps on | keeps |
  wont switch off | wont turn off | does not switch off | doesnt turn off | doesnt switch off |
  will not switch off | cannot stop | stays on | after i pressed stop | still running | still runs |
  keep running
low | flat | too low | leer | schwach | weak | almost empty | volts low | ran down | discharged | runs down
cold | not hot | kalt | not warm | lukewarm | isnt hot
warm | not cold | doesnt cool | dont cool | does not cool | wont cool | kühlt nicht | not cooling | isnt cold |
  too warm
hold | wont hold | does not hold | will not hold | hält nicht
`).map(([is = "", ...others]) => ({ is, said: [is, ...others] }));
