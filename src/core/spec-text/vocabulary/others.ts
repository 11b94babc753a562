import { OTHERS_FACTS } from './facts/others';
import { OTHERS_FACT_LABELS } from './facts/others-labels';
import type { Vocabulary } from './vocabulary';

/** Dutch, Portuguese, Polish, Swedish, Norwegian, Danish, Finnish, Czech: the words of sheets, and the commonest of adverts. */
export const OTHERS: Vocabulary = {
  labels: {
    mass: '~vægten|~vaegten|~vekten|~vikten|~veier|~vager|~wazy|~vazi|~pesa|~op de weegschaal|~na balanca|~na wadze|~pa vagen|rijklaar gewicht=ready|droog gewicht=dry|drooggewicht=dry|weegt|leeggewicht=ready|rijklaar=ready|peso seco=dry|peso em ordem de marcha=ready-90|masa wlasna=ready|masa na sucho=dry|masa|waga|tjanstevikt|~vekt|egenvekt=ready|egenvægt=ready|egenvaegt=ready|torrvikt=dry|tørrvekt=dry|torrvekt=dry|masa sucha=dry|waga sucha=dry|vikt|peso a seco=dry|gewicht rijklaar=ready|peso bruto|masa gotowa do jazdy=ready|koreklar vaegt=ready|køreklar vægt=ready|tørvægt=dry|torvaegt=dry|~vejer|~vægt|ajopaino=ready|ajokuntoinen paino=ready|ajovalmis paino=ready|kuivapaino=dry|omapaino=ready|paino|pohotovostni hmotnost=ready|provozni hmotnost=ready|sucha hmotnost=dry|hmotnost',
    maxMass:
      'peso bruto maximo|peso bruto total|peso bruto|max tillaten totalvikt|maksymalna masa|maximaal toelaatbaar gewicht|max toelaatbaar gewicht|toelaatbaar totaalgewicht|maximum toelaatbaar gewicht|maximaal gewicht|max gewicht|toegestaan gewicht|toegestane massa|max massa|maximum massa|maximale massa|max toegestane massa|maximaal toegestane massa|toegestaan totaalgewicht|peso maximo admissivel|dopuszczalna masa calkowita|dmc|max totalvikt|totalvikt|pbt|totalvekt|tillatt totalvekt|tilladt totalvaegt|tilladt totalvægt|totalvægt|kokonaispaino|suurin sallittu kokonaispaino|suurin sallittu massa|celkova hmotnost|nejvyssi povolena hmotnost|nejvetsi technicky pripustna hmotnost|maximalni pripustna hmotnost',
    rackLimit:
      'max belasting bagagedrager|belasting bagagedrager|max gewicht bagagedrager|bagagedrager max|maks belastning bagasjebrett|bagasjebrett maks|maks last bagasjebrett|maxlast pakethallare|max last pakethallare|pakethallare max|max last bagageholder|maks last bagagebaerer|bagagebaerer maks|maks belastning bagagebaerer|carga maxima do bagageiro|carga do bagageiro|bagageiro max|bagażnik max|ładowność bagażnika|nosność bagażnika|tavaratelineen kantavuus|tavarateline max|nosnost nosiče|nosič max|nosič zavazadel max',
    axleLimits:
      'aslast|max aslast|maximale aslast|asbelasting|maximale asbelasting|axeltryck|axellast|max axeltryck|nacisk na os|nacisk osi|dopuszczalny nacisk osi|carga por eixo|carga maxima por eixo|akseltryk|akseltrykk|aksellast|maks aksellast|zatizeni napravy|max zatizeni napravy|akselipaino',
    payload:
      'max belasting|maximale belasting|belasting|max last|maximal last|maks last|belading|laddkapacitet|nyttelast|last max|capacidade de carga|laadvermogen|ladowność|ladownosc|carga maxima|maxlast|kantavuus|uzitecne zatizeni|nosnost|lastformaga|max lastformaga|lastvikt|max lastvikt|lasteevne|maks lasteevne|max lasteevne|lastevne|lastekapasitet',
    power:
      '~hastkrafter|~motorn ger|~motorn lamnar|effekten|~motor pa|~motoren yter|~motoren yder|~silnik daje|~silnik ma|~silnik o mocy|~motor dava|~motor ma|~motor o vykonu|~motor debita|~motor com|~blok levert|~motor levert|~moottori antaa|~koneesta lahtee|tehoa|vermogen|max vermogen|maximaal vermogen|potencia|potencia maxima|moc|moc maksymalna|effekt|max effekt|teho|suurin teho|huipputeho|vykon|maximalni vykon|nejvetsi vykon',
    torque:
      'koppel|max koppel|maximaal koppel|torque maximo|binario|binario maximo|moment obrotowy|dreiemoment|drejningsmoment|maksymalny moment obrotowy|vridmoment|max vridmoment|~moment|~maks moment|vaanto|vaantomomentti|suurin vaanto|tocivy moment|kroutici moment|maximalni tocivy moment',
    displacement:
      'objem|cilinderinhoud|cilindrada|pojemnosc skokowa|pojemnosc|pojemnosc silnika|slagvolym|cylindervolym|slagvolum|slagvolumen|iskutilavuus|sylinteritilavuus|kuutiotilavuus|zdvihovy objem|objem motoru|objem valcu',
    compression:
      'compressieverhouding|compressie|taxa de compressao|relacao de compressao|stopien sprezania|kompression|kompressionsforhold|kompresjonsforhold|kompressionsförhållande|puristussuhde|kompresni pomer',
    gears:
      'versnellingen|versnellingsbak|marchas|cambio|skrzynia biegow|biegi|liczba biegow|vaxlar|vaxellada|antal vaxlar|girkasse|antall gir|gearkasse|antal gear|vaihteisto|vaihteet|vaihdelaatikko|prevodovka|pocet prevodu|pocet rychlosti|caixa|caixa de velocidades|caixa de cambio',
    seatHeight:
      'setehøyden|sittehøyden|~setet er|~istuin on|~penkki on|~sedlo|~sedlo je ve vysce|~sedlo ve vysce|hoogte zadel|~zadel op|wysokosc kanapy od ziemi|selim|~banco|~assento|zithoogte|zadelhoogte|~zadel|~zit|siedzenie|~siodlo|~kanapa|lag sits=low-seat|lagt sate=low-seat|lav sete=low-seat|lavt sete=low-seat|lav saede=low-seat|sitthojden|sadelhojden|~sadeln|altura do assento|altura do banco|altura assento|wysokosc siedzenia|wysokosc siodla|wysokosc kanapy|sitthojd|sadelhojd|setehoyde|setehøyde|sittehoyde|sittehøyde|sædehøjde|sædehøjden|saedehojden|saedehojde|saedehøjde|sadelhøjde|~sædet|istuinkorkeus|satulakorkeus|satulan korkeus|istuimen korkeus|vyska sedla|vyska sedadla',
    tank: 'tankkiin mahtuu|sailioon mahtuu|nadrz ma|do nadrze se vejde|~v nadrzi|brandstoftank|tank van|tankinnehall|tanque leva|deposito leva|w baku|i tanken|tankinhoud|inhoud tank|tank inhoud|in de tank|capacidade do tanque|tanque|tanque de combustivel|deposito de combustivel|pojemnosc zbiornika paliwa|zbiornik paliwa|pojemnosc zbiornika|zbiornik|bak|tankvolym|tankvolum|tankstørrelse|tankkapasitet|tankindhold|tankstorrelse|bransletank|tanken|tanken rymmer|tanken tar|polttoainesailio|bensatankki|tankki|tankin tilavuus|sailio|objem nadrze|nadrz|palivova nadrz|objem palivove nadrze',
    consumption:
      'forbruket|~zuzywa|~zere|~kører|~korer|~faz|~bruker|~bere|~den går|~doet|~kuluttaa|verbruikt|gemiddeld verbruik=mixed|consome|~pali|~spala|bensinforbrukning|bensinforbruk|medelforbrukning=mixed|consumo medio=mixed|verbruik|brandstofverbruik|consumo|zuzycie paliwa|spalanie|srednie spalanie=mixed|forbrukning|bransleforbrukning|drar|forbruk|drivstofforbruk|forbrug|brændstofforbrug|braendstofforbrug|~den kører|~kører den|kulutus|polttoaineenkulutus|keskikulutus=mixed|spotreba|spotreba paliva|prumerna spotreba=mixed',
    statedRange:
      'rekkevidde|toimintasade|bereik|~op een tank|~op een volle tank|~com um deposito|~na baku|~pa en tank|actieradius|rijbereik|autonomia|zasieg|rackvidd|rækkevidde|raekkevidde|toimintamatka|dojezd',
    travel:
      'skoku|~zawieszenie|joustovaraa|zdvihy|~fjadring|affjedring for bag|vandring for bag|fjedervandring for bag|fjedervandring|affjedring|fjaeringsvei foran bak|fjæringsvei foran bak|fjaeringsvei|fjæringsvei|fjæringsvandring|~vandring|veerweg|~vering|curso da suspensao|curso|skok zawieszenia|fjadringsvag|skok|joustomatka|joustomatkat|joustovara|joustovarat|iskunpituus|zdvih|zdvih odpruzeni|zdvih tlumicu',
    travelFront:
      'fjæringsvei foran|vandring foran|veerweg voor|curso dianteiro|suspensao dianteira|skok zawieszenia przod|fjedervandring for|vandring for|joustovara edessa|joustomatka edessa|jousto edessa|zdvih vpredu|zdvih predni vidlice|zdvih vidlice|zdvih predniho kola|zdvih predniho odpruzeni',
    travelRear:
      'fjæringsvei bak|vandring bak|veerweg achter|curso traseiro|suspensao traseira|skok zawieszenia tyl|fjedervandring bag|vandring bag|joustovara takana|joustomatka takana|jousto takana|zdvih vzadu|zdvih zadniho tlumice|zdvih zadniho odpruzeni|zdvih zadniho kola|zdvih tlumice',
    clearance:
      'fri hojd|vrije ruimte|vrije grondhoogte|altura livre|distancia ao solo|altura ao solo|bodemvrijheid|bodemspeling|vrije hoogte|grondspeling|distancia do solo|vao livre|altura livre do solo|distancia minima do solo|vao livre do solo|altura minima do solo|przeswit|markfrigang|frigang|bakkeklaring|bakkeklarering|frihøjde|frihojde|altura livre ao solo|maavara|svetla vyska|svetlost',
    wheelbase:
      'wielbasis|entre eixos|distancia entre eixos|rozstaw osi|hjulbas|axelavstand|akselavstand|akselafstand|akselivali|rozvor',
    rake: 'balhoofdhoek|angulo da direcao|angulo de direcao|styrehodevinkel|kronrørsvinkel|uhel sklonu rizeni|ohjauskulma|caster|kat glowki ramy|styrvinkel',
    trail: 'naloop|trail|wyprzedzenie|forsprang',
    service:
      'onderhoud|daarna elke|onderhoudsinterval|onderhoud elke|onderhoudsbeurt elke|revisao a cada|revisoes a cada|revisoes cada|revisao|przeglad co|przeglady co|serwisy co|przeglad|serwis co|service var|service varje|service hver|serviceeftersyn hver|serviceintervall|serviceinterval|huoltovali|servisni interval|servisni intervaly|servis kazdych|servis po|huolto|~huolletaan',
    valves:
      'kleppen|kleppen stellen|valvulas|luz zaworowy|regulacja zaworow|ventiljustering|ventilerne|ventilerne skal justeres|ventilspil|ventiler|ventily|ventily po|ventily se serizuji po|venttiilit',
    oil: 'olie verversen|olieverversing|troca de oleo|wymiana oleju|oljebyte',
    price:
      'nova stoji=list|novy stoji=list|listpris=list|uutena maksaa=list|~uutena se maksaa=list|~vraag er=asked|~weg voor=asked|~nu voor=asked|~peco=asked|preco fixo=asked|~oddam za=asked|~chce za niego=asked|~chce za nia=asked|cena ostateczna=asked|cena do uzgodnienia=asked|cena sztywna=asked|fast pris=asked|utgangspris=asked|~jag vill ha=asked|~ønsker=asked|priside=asked|cena pevna=asked|cena dohodou=asked|kiintea hinta=asked|~pyydan=asked|~myydaan=asked|~lahtee=asked|~maksoin=paid|~koupil jsem ho za=paid|~koupil jsem ji za=paid|~koupila jsem ho za=paid|~koupila jsem ji za=paid|~kostede=paid|~köpte den ny för=paid|~köpte den för=paid|~dal jsem za ni=paid|~dal jsem za nej=paid|~dala jsem za ni=paid|~gav=paid|kost|~kostte|nieuw kost=list|custa|~custou=paid|kosztuje|kostar|koster|ny kostar=list|~begart pris=asked|begart pris=asked|valor|prijs|vraagprijs=asked|vraagprijs bij de dealer=asked|~dalem=paid|zaplacilem=paid|~betaald=paid|nieuwprijs=list|preco|preco sugerido=list|cena|pris|listepris=list|~kjøpt ny=paid|~kjopt ny=paid|kjøpt for=paid|~jeg gav=paid|~betalte=paid|~sælges for=asked|nypris=list|cirkapris=list|rek cirkapris=list|rek pris=list|rekommenderat pris=list|catalogusprijs=list|adviesprijs=list|consumentenadviesprijs=list|hinta|hintapyynto=asked|ovh=list|cena nova=list|prodejni cena=asked|prisantydning=asked|prisforlangende=asked|utropspris=asked|pyyntihinta=asked|cena wywolawcza=asked|preco pedido=asked',
    warranty: 'garantie|garantia|gwarancja|garanti|takuu|zaruka',
    battery: 'accu|akumulator|batteri',
    alternator: 'dynamo|alternador',
    wheels:
      'hjul|falgar|fælge|støbte fælge|egerhjul|velgen|rodas|obrecze|felgi|kola|wielen|vanteet|eikerhjul|spaakwielen|pinnavanteet|ekerhjul',
  },
  front:
    'forgaffel|framgaffel|foraffjedring|forfjaering|framfjadring|etujousitus|etuhaarukka|voorvering|voorvork|a frente|na frente|voor|vooraan|dianteira|dianteiro|przod|przodu|przednie|przedni|przednim|fram|framtill|foran|forrest|voorkant|edessa|etu|eteen|vpredu|predni',
  rear: 'bagaffjedring|bagdæmper|bagstøddæmper|bagfjedring|bakdemper|bakfjæring|bakfjädring|bakdämpare|takajousitus|takaiskunvaimennin|achtervering|achterschokdemper|achterdemper|atras|achter|achteraan|traseira|traseiro|tyl|tylu|tylne|tylny|tylnym|bak|baktill|bag|bagtil|bagpa|bagpå|bagest|achterkant|takana|taka|vzadu|zadni',
  bases: {
    paid: 'betaald|zaplacilem|paguei',
    list: 'nieuwprijs|catalogusprijs|nypris',
    motorway: 'autostradzie|snelweg|motorvag|motorvei|motorvej|autoestrada|moottoritie|dalnice',
    dry: 'uden benzin|uden brændstof|tør|droog|zonder brandstof|zonder benzine|seco|a seco|na sucho|torr|bez paliwa|sem combustivel|sem gasolina|utan bransle|utan bensin|uten drivstoff|uten bensin|tørr|za sucha|sucha|bez paliva|bez benzinu|kuivana|ilman polttoainetta',
    ready:
      'z pelnym bakiem|z plynami|ze wszystkimi plynami|na mokro|met volle tank|com o tanque cheio|tanque cheio|taydella tankilla|taysi tankki|na pelnym baku|s plnou nadrzi|fulltanket|tankattuna|com o deposito cheio|deposito cheio|atestada|com os liquidos|rijklaar|ajokunnossa|ajovalmiina|ajovalmis|volgetankt|vol getankt|abastecida|z paliwem|zatankowany|gotowy do jazdy|gotowa do jazdy|gotowe do jazdy|kortlar|korklar|korklart|fulltankad|kjoreklar|kjøreklar|kjoreklart|full tank|koreklar|køreklar|fuld tank|fuldtanket|med benzin|plna nadrz|pohotovostni|natankovana|natankovany|s naplnemi|s provoznimi naplnemi',
    'ready-90': 'ordem de marcha',
    asked:
      'eller bud|eller hogstbjudande|eller høystbydende|tai tarjous|k jednani|k dohode|dohodou|je vase|do uzgodnienia|prutat och klart|vraagprijs|bieden|do negocjacji|negociavel|prutbaar|vaste prijs',
    mixed: 'gemiddeld|medio|srednio',
  },
  takers: {
    reserve:
      'waarvan reserve|reserve van|reservering|w tym rezerwa|rezerwa|varav reserv|reservtank',
    part: 'remmen|rem|freio|freios|hamulec|hamulce|broms|bromsar|bremse|bremser|jarru|jarrut|brzda|brzdy|remschijf|bromsskiva|bremseskive|jarrulevy|tarcza|kotouc|boring|slag|schijf|schijven|diametro|curso x diametro|skok tloka|srednica|disco',
    overall:
      'lengte|hoogte|comprimento|largura|altura|dlugosc|szerokosc|wysokosc|langd|bredd|hojd|pituus|leveys|korkeus|delka|sirka|vyska',
    topSpeed:
      'topsnelheid|velocidade maxima|predkosc maksymalna|toppfart|huippunopeus|maksimalni rychlost|nejvyssi rychlost',
    rider: 'ik weeg|ik ben|eu peso|waze|jag vager',
    load: 'lisatankki|extratank|ekstratank|extra tank|hulptank|dodatkowy zbiornik|pridavna nadrz|deposito extra|koffers|bagage|malas|kufry|packvaskor',
    odometer:
      'kilometerstand|ajettu|ajokm|ajokilometrit|mittarilukema|najeto|stav tachometru|km stand|tellerstand|rodados|km rodados|przebieg|matarstallning|mil|gatt|gatt endast',
    trip: 'laatste beurt|laatste onderhoud|laatste onderhoudsbeurt|laatste service|volgende beurt|ostatni przeglad|ostatni serwis|nastepny przeglad|senaste service|servad vid|nasta service|siste service|sidste service|naeste service|naste service|neste service|ultima revisao|proxima revisao|viimeisin huolto|posledni servis|pristi servis|gereden|na',
    spending: 'per maand|maand|verzekering|por mes|ipva|miesiecznie|manad',
    people: 'eigenaar|eigenaren|kleppen|donos|wlasciciel|agare',
    contact: 'tel|telefoon|telefone|regnr|registreringsnummer',
  },
  others: 'dan mijn|do que|niz moja|an min',
  hedges: 'ongeveer|circa|cerca de|okolo|ungefar|ca',
  sale: 'te koop|myydaan|katsastettu|vende se|a venda|sprzedam|na sprzedaz|saljes|saljer|till salu|nyservad|besiktigad|arsmodell|agare|onderhouden|eigenaar|kilometerstand|vraagprijs|goed onderhouden|przebieg|unico dono',
  trade:
    'motor|motorfiets|zithoogte|cilinderinhoud|moto|motocicleta|cilindrada|tanque|motocykl|silnik|motorcykel|rijklaar|obr min|wielbasis',
  common:
    'het|een|niet|ik|maar|voor|zijn|heb|och|det|är|jag|inte|som|på|men|og|ikke|jeg|har|ja|się|nie|jest|jak|przy|oraz|não|uma|você|muito|meu|minha|mais|ei|ja|mutta|että|kun|se|když|není|jsem|nebo|při|ale',
  elsewhere: 'auto|woning|kamer|fiets|carro|apartamento|samochod|mieszkanie|bil',
  facts: OTHERS_FACTS,
  factLabels: OTHERS_FACT_LABELS,
};
