/**
 * Words of everyday English that look like a slip, a beginning or a mishearing of some word of the mat ("blocks" and "locks", "month" and "mount", "tired" and
 * "ties") and are none: they stand for themselves only. @source common practice: the commonest words of spoken English, from memory
 */
export const ordinaryWords: ReadonlySet<string> = new Set(
  (
    'a able about above across actually add after again against ah air all allow almost along already alright also always am among an and another answer ' +
    'any anybody anyone anything anywhere apart appear are area arent around as ask asked asking at away back bad base based bases basically be beautiful ' +
    'because become been before began begin begun being believe below beside best better between big bit block blocked blocks body book both boy breakfast ' +
    'breath breathes breathing bring brother brought build bus business but buy by bye called calling came camera can cant car careful case ceiling certain ' +
    'certainly change child church city class clean clear close coffee come comes coming company consider continue cost costs could couldnt course cut day ' +
    'deep definitely did didnt different dinner dirty do does doesnt doing done dont door during each early earth easy eight either enough even evening ' +
    'eventually every everybody everyone everything everywhere exactly expect eye fact falls family far fast father feel feeling fell felt few film finally ' +
    'find finding finds first five floor follow food for found four free freed friday friend from full gas gassed gave get getting girl give given gives ' +
    'giving go goes going gone good got gotten great group grow guy guys had hadnt happen happened happening happens happy hard has hasnt have havent he ' +
    'hear heard hearing heavy hello help her here heres herself hes hey hi high him himself his hit hits home honestly hour hours house how hundred hurt ' +
    'hurts id idea if ill im in include information into is isnt issue it its itself ive job just keep keeping keeps kept kid kids kind knew know knows ' +
    'lamp lamps large last late later laughs lazy learn leave leaves leaving less let lets life light like literally little lived long look looked looking ' +
    'looks lose loses losing lost lot love lovely low lunch made make makes making man many maybe me mean means meet met minute minutes misses moment ' +
    'moments monday money month months more morning most mother move moves much music must my myself name narrow near nearly need never new next nice nine ' +
    'no nobody not nothing now nowhere number obviously of offer often oh okay old on one only open or other our ourselves out outside over own paid part ' +
    'pay people perhaps person personal phone picture piece pieces place played playing please pony poor probably problem provide put puts question quick ' +
    'quickly quit quite ran rather read real really reason reasons recent remain remember rest rested resting rests room running sad said same saturday saw ' +
    'say saying says school second seconds see seeing seem seemed seen send seriously serve seven shallow she shes short shouldnt show showed shown shows ' +
    'shut since sister six slow slowly slows small smiles so some somebody someone something sometimes somewhere soon sorry sort speak special spend spread ' +
    'stall stalled stalling stalls stand stands start started starting starts stay stays still stop stops story strong student study such suddenly sunday ' +
    'sure sweats take takes taking talk talked talking talks teacher tell tells ten than thank thanks that thats the their them themselves then there ' +
    'theres these they theyre theyve thing things think thinks third this those thought three through thursday time times tired tires to today together ' +
    'told tonight too took train tried tries try trying tuesday two understand until up us use used using usually very video wait waited waits want wanted ' +
    'wanting was wasnt watch watching water way ways we weak wednesday week weeks welcome well went were werent weve what whatever whats when whenever ' +
    'where which while who whoever whole whose why wide will winning wins with within without woman won wont word work worked working world worse worst ' +
    'would wouldnt wow write yeah year yes yesterday yet you youd youll young your youre yourself youve'
  ).split(' '),
);
