import { ITALIAN_ANSWERS } from './facts/answers';
import { ITALIAN_PROTECTION } from './facts/protection';
import { ITALIAN_FACTS } from './facts/italian';
import { combined, type Vocabulary } from './vocabulary';

export const ITALIAN: Vocabulary = {
  labels: {
    mass: '~sulla bilancia|~alla pesa|peso|peso a secco=dry|peso in ordine di marcia=ready-90|peso a vuoto|pesa|massa|massa in ordine di marcia=ready-90|peso col pieno=ready|peso con il pieno=ready|peso dichiarato|peso odm=ready-90',
    maxMass:
      'peso max|peso massimo|peso massimo ammesso|massa massima|peso totale ammesso|massa complessiva|peso massimo|massa massima ammessa',
    rackLimit:
      combined(
        'carico max|carico massimo|carico|portata|portata max|peso max|peso massimo',
        'portapacchi|sul portapacchi|del portapacchi|portabagagli',
      ) +
      '|' +
      combined('portapacchi', 'max|carico max|carico massimo|portata'),
    payload: 'capacita di carico|portata utile|carico utile|portata|carico massimo',
    power: 'potenza|potenza massima|potenza max|eroga|sviluppa',
    unrestrictedPower: 'potenza libera|versione libera|versione full|potenza piena',
    torque: 'coppia|coppia massima|coppia max',
    redline: 'regime massimo|limitatore|linea rossa',
    idleSpeed: 'minimo|regime di minimo',
    displacement: 'cilindrata',
    compression: 'rapporto di compressione|compressione',
    gears: 'cambio|marce|numero marce|numero di marce',
    primaryRatio: 'trasmissione primaria|rapporto primario|riduzione primaria',
    finalGearing: 'rapporto finale|riduzione finale|rapporto secondario',
    sprocketFront: 'pignone',
    sprocketRear: 'corona',
    sprockets: 'rapporto di trasmissione|pignone corona|trasmissione secondaria',
    seatHeight:
      'altezza sella|altezza della sella|sella|sella bassa=low-seat|sella ribassata=low-seat|~ribassata=low-seat|altezza seduta|altezza sella da terra|altezza piano sella',
    tank: 'nel serbatoio|~ci stanno|serbatoio|capacita serbatoio|capacita del serbatoio|serbatoio carburante|capienza serbatoio|serbatoio contiene|serbatoio benzina',
    consumption:
      'consumo reale|consumo misto=mixed|~consumo|consumo|consumi|consumo medio=mixed|consuma|consumo dichiarato|consumo wmtc=cycle|consumo carburante',
    statedRange: '~con un pieno|~a pieno|autonomia reale|autonomia',
    travel: 'escursione ruota|escursione|corsa|escursione sospensioni|escursioni|sospensioni',
    travelFront:
      'escursione anteriore|corsa forcella|escursione forcella|escursione ruota anteriore|sospensione anteriore|corsa anteriore',
    travelRear:
      'escursione posteriore|escursione ruota posteriore|corsa posteriore|sospensione posteriore|escursione mono',
    clearance: 'luce a terra|altezza da terra|altezza minima da terra|luce da terra',
    wheels: 'cerchi|ruote',
    wheelFront: 'ruota anteriore|cerchio anteriore',
    wheelRear: 'ruota posteriore|cerchio posteriore',
    wheelbase: 'interasse|passo',
    rake: 'inclinazione cannotto|angolo di sterzo|inclinazione|angolo cannotto',
    trail: 'avancorsa',
    pressures: 'pressione pneumatici|pressioni|pressione gomme',
    alternator: 'alternatore|generatore',
    battery: 'batteria',
    service:
      'tagliando|tagliando ogni|manutenzione|intervallo di manutenzione|tagliandi ogni|intervalli di manutenzione|manutenzione ogni|intervallo tagliandi',
    valves: 'registro valvole|gioco valvole|valvole|registro valvole ogni|controllo valvole',
    oil: 'cambio olio|cambio olio ogni',
    oilCapacity: 'olio motore|capacita olio|quantita olio',
    price:
      'prezzo ribassato=asked|~ribassata a=asked|costa|costava=list|~chiedono=asked|prezzo di vendita|~presa a=paid|nuova costa=list|~pagata=paid|~comprata a=paid|prezzo|prezzo nuovo=list|listino=list|prezzo di listino=list|prezzo f c=list|prezzo richiesto=asked|chiedo=asked|a partire da=list|richiesta=asked',
    usedPrice: 'usato|usata da|sull usato',
    warranty: 'garanzia',
    springs: 'molla|costante molla|rigidita molla',
    axleLimits:
      'carico per asse|carico asse|carico massimo asse|carico massimo per asse|carico max asse|carico max per asse|carico assiale|peso massimo per asse|massa massima per asse',
    barHeight: 'altezza manubrio',
    luggageVolume: 'volume valigie',
  },
  front: 'anteriore|davanti|forcella|ant|anteriori',
  rear: 'posteriore|dietro|mono|post|ammortizzatore|monoammortizzatore|posteriori',
  bases: {
    dry: 'a secco|secco|senza benzina|senza carburante|a vuoto senza benzina',
    ready:
      'col serbatoio pieno|con il serbatoio pieno|a pieno carico di benzina|con i pieni|col pieno|con il pieno|pieno di benzina|con pieno|serbatoio pieno|con tutti i liquidi|pieno',
    'ready-90':
      'in ordine di marcia|ordine di marcia|odm|90 carburante|90 di carburante|serbatoio al 90|90 del serbatoio',
    wheel: 'alla ruota|al banco',
    paid: 'pagata|pagato|comprata a|comprata per',
    crank: 'all albero',
    asked: 'trattabili|trattabile|non trattabili|chiedo|poco trattabile|trattabilissimo',
    list: 'listino|f c|franco concessionario|di listino|nuovo',
    'on-the-road': 'chiavi in mano|su strada',
    cycle: 'wmtc|dichiarato|omologato',
    motorway: 'autostrada',
    mixed: 'di media|medio|in media|misto',
  },
  takers: {
    part: 'freno|freni|alesaggio|alesaggio x corsa|disco|dischi|diametro|steli|pinza|aspirazione|scarico|larghezza|doppio disco',
    overall: 'lunghezza|altezza|lunghezza totale|altezza totale|altezza massima',
    topSpeed: 'velocita massima|velocita max',
    rider: 'sono alto|peso io|io peso|cavallo|per me',
    load: 'serbatoio aggiuntivo|serbatoio supplementare|serbatoio ausiliario|valigie|bauletto|bagagli|passeggero|borse|bauletto da|valigie da',
    sag: 'sag|affondamento',
    odometer: 'chilometri|chilometraggio|percorsi|kms',
    trip: 'ultimo tagliando|ultimo tagliando a|ultima revisione|prossimo tagliando|prossimo tagliando a|ultimo cambio olio|tagliando fatto a|fatti in|fatto a|sostituito a|dopo',
    spending:
      'al mese|mese|rata|rata da|assicurazione|bollo|anticipo|invece di|passaggio|finanziamento|era|valore',
    accessory:
      'manopole riscaldate|scarico|paramotore|parabrezza|cupolino|faretti|paramani|cavalletto centrale',
    bolt: 'coppia di serraggio|coppia perno ruota|coppia dado|serraggio|dado',
    reserve: 'riserva|di riserva|di cui riserva',
    weather: 'temperatura|altitudine|gradi|dislivello',
    contact: 'tel|telefono|rif|cell',
    people: 'proprietario|proprietari|valvole|tempi|anni|posti',
  },
  others:
    'di mia moglie|mia moglie|mio fratello|il mio amico|un mio amico|mio marito|mio padre|rispetto|della vecchia|la mia vecchia|precedente|rivale|che la mia|contro',
  hedges: 'circa|ca|quasi|credo|forse|intorno a|poco meno',
  sale: 'vendo|vendesi|in vendita|unico proprietario|tagliandata|trattabili|trattabile|usata|immatricolata|bollo|passaggio di proprieta|passaggio escluso|passaggio incluso|passaggio compreso|permute|permuta|appena eseguito|perfette condizioni|chiedo|annuncio',
  trade:
    'moto|cilindrata|sella|forcella|monocilindrico|bicilindrico|giri min|coppia|serbatoio|pneumatico|pneumatici|catena|enduro|interasse|cerchi|manubrio',
  common:
    'con|una|che|è|ma|per|non|sono|della|del|il|gli|anche|più|molto|ho|mia|mio|questa|questo|sta|ci',
  elsewhere:
    'rimorchio|carrello appendice|automobile|appartamento|bicicletta|barca|forno|farina|albergo',
  facts: ITALIAN_FACTS,
  factLabels: {
    ...ITALIAN_ANSWERS,
    ...ITALIAN_PROTECTION,
    layout: {
      labels: 'tipo|motore|tipo motore',
      options: {
        'parallel-twin': 'bicilindrico (?:parallelo|in linea)',
        'v-twin': 'bicilindrico a v',
        single: 'monocilindrico',
      },
    },
    cooling: {
      labels: 'raffreddamento',
      options: { 'air-oil': 'aria(?: e |/)olio|olio', liquid: '(?:a )?liquido|acqua', air: 'aria' },
    },
    fuelling: {
      labels: 'alimentazione',
      options: { injection: 'iniezione', carburettor: 'carburatore' },
    },
    starter: {
      labels: 'avviamento',
      options: {
        both: 'elettrico e (?:a )?pedale',
        electric: 'elettrico',
        kick: 'pedale|pedivella',
      },
    },
    finalDrive: {
      labels: 'trasmissione finale|trasmissione secondaria|trasmissione',
      options: { chain: 'catena', shaft: 'cardano', belt: 'cinghia' },
    },
    forkType: {
      labels: 'forcella|sospensione anteriore',
      options: {
        'upside-down': 'rovesciata|upside\\p{L}*|usd',
        conventional: 'telescopica|tradizionale',
      },
    },
    wheelType: {
      labels: 'cerchi|ruote',
      options: {
        'spoked-tubeless': 'raggi,? (?:tubeless|senza camera)',
        'spoked-tubes': '(?:a )?raggi',
        cast: 'lega|alluminio|fusi',
      },
    },
    tyreFront: { labels: 'pneumatico anteriore|gomma anteriore' },
    tyreRear: { labels: 'pneumatico posteriore|gomma posteriore' },
    brakeFront: {
      labels: 'freno anteriore',
      options: {
        'twin-disc': '(?:doppio|due|2) disch?[oi]',
        'single-disc': '(?:singolo )?disco',
        drum: 'tamburo',
      },
    },
  },
};
