import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

// What is another machine's, wished for, fitted, not there, or beside the machine: ways to say it in eight more languages; common usage, no source.
const TONGUES = {
  Dutch: {
    head: 'Wielbasis 1500 mm, grondspeling 230 mm.',
    seat: 'een zithoogte van 830 mm',
    others:
      'Mijn oude had F|De Rally-versie heeft F|De concurrent heeft F|Ik zou graag F willen|De voorganger had F|Hij zou F moeten hebben|Mijn auto heeft F|Na de ombouw heeft hij F|Ik had F verwacht|Die van de buurman heeft F|Tegen meerprijs is er F',
    its: 'Hij heeft F',
    gone: 'Geen cruise control|cruise control ontbreekt helaas|cruise control niet leverbaar|cruise control is een optie|cruise control kost extra|cruise control is kapot|Had cruise control maar|cruise control zou fijn zijn|Ik mis cruise control|cruise control verwijderd',
    there: 'Met cruise control|Heeft cruise control',
    beside:
      'Nieuwe banden voor € 320|Verzekering € 450 per jaar|Beurt van € 380 gedaan|Aanbetaling € 500|Nieuwprijs was € 8.200|Koffers ter waarde van € 800|Accessoires voor € 600|De dealer bood € 3.900|Ik weeg 85 kg|Mijn vrouw weegt 62 kg|De koffers wegen 9 kg|11 liter getankt|Reserve 3 liter|Koffers van 37 liter|Ik ben 178 cm|Het stuur is 860 mm breed|Volgende beurt over 4000 km|Die dag 600 km gereden',
  },
  Portuguese: {
    head: 'Distância entre eixos 1500 mm, distância ao solo 230 mm.',
    seat: 'uma altura do assento de 830 mm',
    others:
      'A minha antiga tinha F|A versão Rally tem F|A concorrência tem F|Gostava de F|O modelo anterior tinha F|Devia ter F|O meu carro tem F|A minha agora tem F|A de aluguer tinha F|As outras têm F|A do meu amigo tem F|Com o kit fica com F|Se tivesse F comprava|Como opção há F|A Kestler tem F',
    its: 'Tem F',
    gone: 'Sem cruise control|cruise control não incluído|cruise control opcional|cruise control avariado|Falta cruise control|cruise control à parte|Não traz cruise control|cruise control só na Pro',
    there: 'Com cruise control|Tem cruise control',
    beside:
      'Pneus novos por 320 €|Seguro 450 € por ano|Revisão de 380 € feita|Sinal de 500 €|Nova custava 8.200 €|Malas no valor de 800 €|Extras no valor de 600 €|O stand dava-me 3.900 €|A minha mulher pesa 62 kg|As malas pesam 9 kg|Meti 11 litros|Reserva de 3 litros|Malas de 37 litros|Tenho 178 cm|O guiador tem 860 mm de largura|Próxima revisão aos 24.000 km|Nesse dia fiz 600 km',
  },
  Polish: {
    head: 'Rozstaw osi 1500 mm, prześwit 230 mm.',
    seat: 'wysokość siedzenia 830 mm',
    others:
      'Mój stary miał F|Wersja Rally ma F|Konkurencja ma F|Chciałbym F|Poprzedni model miał F|Powinien mieć F|Mój samochód ma F|Mój teraz ma F|Wypożyczony miał F|Inne mają F|Motocykl kolegi ma F|Z zestawem masz F|Gdyby miał F, kupiłbym|Opcjonalnie jest F',
    its: 'Ma F',
    gone: 'Bez tempomat|Brak tempomat|tempomat opcja|tempomat za dopłatą|tempomat niedostępny|tempomat zepsuty|Nie ma tempomat|tempomat tylko w Pro|Przydałby się tempomat',
    there: 'Ma tempomat|Jest tempomat',
    beside:
      'Nowe opony za 1320 zł|Ubezpieczenie 950 zł rocznie|Przegląd za 1380 zł zrobiony|Zaliczka 2000 zł|Nowy kosztował 38 200 zł|Kufry o wartości 2800 zł|Akcesoria za 2600 zł|Dealer dawał mi 13 900 zł|Ważę 85 kg|Żona waży 62 kg|Kufry ważą 9 kg|Zatankowałem 11 litrów|Rezerwa 3 litry|Kufry 37 litrów|Mam 178 cm wzrostu|Kierownica ma 860 mm szerokości|Następny przegląd za 4000 km|Tego dnia zrobiłem 600 km',
  },
  Swedish: {
    head: 'Hjulbas 1500 mm, markfrigång 230 mm.',
    seat: 'en sitthöjd på 830 mm',
    others:
      'Rally-versionen har F|Föregångaren hade F|Den borde ha F|Min bil har F|Efter ombyggnaden har den F|Om den hade F skulle jag köpa den|Andra har F|Som tillval finns F|Min väns har F',
    its: 'Den har F',
    gone: 'Ingen farthållare|farthållare finns inte|farthållare som tillval|farthållare kostar extra|farthållare är trasig|farthållare vore bra|Jag saknar farthållare|farthållare bara på Pro',
    there: 'Har farthållare|Med farthållare',
    beside:
      'Nya däck för 3200 kr|Försäkring 4500 kr per år|Service för 3800 kr gjord|Handpenning 5000 kr|Nypris var 82 000 kr|Väskor värda 8000 kr|Tillbehör för 6000 kr|Handlaren bjöd 39 000 kr|Jag väger 85 kg|Min fru väger 62 kg|Väskorna väger 9 kg|Tankade 11 liter|Reserv 3 liter|Väskor på 37 liter|Jag är 178 cm|Styret är 860 mm brett|Nästa service om 400 mil|Körde 60 mil den dagen',
  },
  Norwegian: {
    head: 'Akselavstand 1500 mm, bakkeklaring 230 mm.',
    seat: 'en setehøyde på 830 mm',
    others:
      'Min gamle hadde F|Rally-versjonen har F|Konkurrentene har F|Jeg vil ha F|Forrige modell hadde F|Forgjengeren hadde F|Den burde hatt F|Bilen min har F|Min har nå F|Leiesykkelen hadde F|Andre har F|Kompisen sin har F',
    its: 'Den har F',
    gone: 'Ingen cruise control|Uten cruise control|cruise control mangler|cruise control er tilvalg|cruise control følger ikke med|cruise control koster ekstra|cruise control er ødelagt|Savner cruise control',
    there: 'Har cruise control|Med cruise control',
    beside:
      'Nye dekk til 3200 kr|Forsikring 4500 kr i året|Service til 3800 kr utført|Nypris var 129 000 kr|Utstyr for 6000 kr|Forhandler bød 39 000 kr|Jeg veier 85 kg|Kona veier 62 kg|Koffertene veier 9 kg|Fylte 11 liter|Reserve 3 liter|Kofferter på 37 liter|Jeg er 178 cm|Styret er 860 mm bredt|Neste service om 4000 km',
  },
  Danish: {
    head: 'Akselafstand 1500 mm, frihøjde 230 mm.',
    seat: 'en sædehøjde på 830 mm',
    others:
      'Min gamle havde F|Rally-udgaven har F|Konkurrenterne har F|Jeg vil have F|Den forrige model havde F|Forgængeren havde F|Den burde have F|Min bil har F|Min har nu F|Lejecyklen havde F|Andre har F|Min vens har F',
    its: 'Den har F',
    gone: 'Ingen fartpilot|Uden fartpilot|fartpilot mangler|fartpilot er tilvalg|fartpilot medfølger ikke|fartpilot koster ekstra|fartpilot er i stykker|Savner fartpilot',
    there: 'Har fartpilot|Med fartpilot',
    beside:
      'Nye dæk til 3200 kr|Forsikring 4500 kr om året|Service til 3800 kr udført|Nypris var 129.000 kr|Udstyr for 6000 kr|Forhandleren bød 39.000 kr|Jeg vejer 85 kg|Konen vejer 62 kg|Kufferterne vejer 9 kg|Fyldte 11 liter på|Reserve 3 liter|Kufferter på 37 liter|Jeg er 178 cm|Styret er 860 mm bredt|Næste service om 4000 km',
  },
  Czech: {
    head: 'Rozvor 1500 mm, světlá výška 230 mm.',
    seat: 'výška sedla 830 mm',
    others:
      'Verze Rally má F|Konkurence má F|Chtěl bych F|Předchozí model měl F|Měla by mít F|Moje auto má F|Moje teď má F|Půjčená měla F|Ostatní mají F|Kamarádova má F|Se sadou má F',
    its: 'Má F',
    gone: 'Bez tempomat|tempomat chybí|tempomat za příplatek|tempomat není|tempomat nefunguje|tempomat na přání|Nemá tempomat',
    there: 'Má tempomat',
    beside:
      'Nové pneumatiky za 8200 Kč|Pojištění 4500 Kč ročně|Servis za 3800 Kč hotov|Záloha 5000 Kč|Nová stála 189 000 Kč|Kufry v hodnotě 8000 Kč|Příslušenství za 6000 Kč|Dealer mi dával 99 000 Kč|Vážím 85 kg|Manželka váží 62 kg|Kufry váží 9 kg|Natankoval jsem 11 litrů|Rezerva 3 litry|Kufry 37 litrů|Měřím 178 cm|Řídítka mají šířku 860 mm|Další servis za 4000 km',
  },
  Finnish: {
    head: 'Akseliväli 1500 mm, maavara 230 mm.',
    seat: 'istuinkorkeus 830 mm',
    others:
      'Vanhassani oli F|Rally-versiossa on F|Kilpailijalla on F|Haluaisin F|Edellisessä mallissa oli F|Autossani on F|Vuokrapyörässä oli F|Muissa on F|Kaverilla on F',
    its: 'Siinä on F',
    gone: 'Ei vakionopeudensäädin|vakionopeudensäädin puuttuu|vakionopeudensäädin lisävaruste|vakionopeudensäädin rikki|vakionopeudensäädin lisähintaan|Ilman vakionopeudensäädin',
    there: 'Siinä on vakionopeudensäädin',
    beside:
      'Uudet renkaat 320 €|Vakuutus 450 € vuodessa|Huolto 380 € tehty|Käsiraha 500 €|Uutena maksoi 8200 €|Laukut arvo 800 €|Lisävarusteita 600 € edestä|Liike tarjosi 3900 €|Painan 85 kg|Vaimo painaa 62 kg|Laukut painavat 9 kg|Tankkasin 11 litraa|Vara 3 litraa|Laukut 37 litraa|Olen 178 cm|Ohjaustanko 860 mm leveä|Seuraava huolto 4000 km päästä',
  },
} as const;

const proposals = (head: string, said: string) =>
  readText(
    `Ostrel Senda 450\n${head} ${said[0]?.toUpperCase() ?? ''}${said.slice(1)}.`,
  ).machines.flatMap((m) => m.proposals);

describe.each(Object.entries(TONGUES))(
  '%s',
  (_tongue, { head, seat, others, its, gone, there, beside }) => {
    test.each(others.split('|'))('%s: not this machine’s', (said) =>
      expect(
        proposals(head, said.replace('F', seat)).filter((p) => p.key === 'seatHeight' && p.ticked),
      ).toEqual([]),
    );
    test.each(its.split('|'))('%s: this machine’s', (said) =>
      expect(
        proposals(head, said.replace('F', seat)).filter((p) => p.key === 'seatHeight'),
      ).toMatchObject([{ amount: 830 }]),
    );
    const cruise = (said: string) =>
      proposals(head, said).flatMap((p) =>
        p.kind === 'fact' && p.key === 'cruiseControl' && p.ticked ? [p.value] : [],
      );
    test.each(gone.split('|'))('%s: not taken for there', (said) =>
      expect(cruise(said)).not.toContain('yes'),
    );
    test.each(there.split('|'))('%s: there', (said) => expect(cruise(said)).toEqual(['yes']));
    test.each(beside.split('|'))('%s: nothing of the machine', (said) =>
      expect(
        proposals(head, said).filter((p) => p.key !== 'wheelbase' && p.key !== 'clearance'),
      ).toEqual([]),
    );
  },
);
