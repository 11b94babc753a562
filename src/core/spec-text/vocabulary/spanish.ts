import { SPANISH_ANSWERS } from './facts/answers';
import { SPANISH_PROTECTION } from './facts/protection';
import { SPANISH_FACTS } from './facts/spanish';
import { combined, type Vocabulary } from './vocabulary';

export const SPANISH: Vocabulary = {
  labels: {
    mass: '~en la bascula|~en bascula|peso|peso en seco=dry|peso en orden de marcha=ready-90|peso en vacio|masa|pesa|peso lleno=ready|peso con todos los llenos=ready|peso total lleno=ready|peso declarado',
    maxMass:
      'peso max|peso maximo autorizado|mma|m m a|pma|peso maximo|masa maxima autorizada|masa maxima',
    payload: 'capacidad de carga|carga util|carga maxima',
    power: 'potencia|potencia maxima|potencia declarada|entrega|rinde',
    unrestrictedPower: 'potencia sin limitar|version sin limitar|sin limitar',
    torque: 'par|par maximo|par motor|par motor maximo',
    redline: 'regimen maximo|corte de inyeccion|linea roja',
    idleSpeed: 'ralenti',
    displacement: 'cilindrada|cubicaje',
    compression: 'relacion de compresion|compresion',
    gears: 'caja de cambios|cambio|velocidades|transmision|numero de marchas',
    primaryRatio: 'relacion primaria|transmision primaria|reduccion primaria',
    finalGearing: 'relacion final|reduccion final|relacion secundaria',
    sprocketFront: 'pinon|pinon de salida|pinon de ataque',
    sprocketRear: 'corona',
    sprockets: 'desarrollo|transmision secundaria',
    seatHeight:
      'sillin|altura del sillin al suelo|~asiento esta a|altura del asiento|altura asiento|altura de asiento|asiento|altura sillin|altura del sillin|asiento bajo=low-seat|asiento a',
    tank: 'en el deposito|~le caben|~caben|deposito|capacidad del deposito|capacidad deposito|deposito de combustible|deposito de gasolina|tanque|capacidad de combustible|capacidad del tanque',
    consumption:
      '~hace medias de|consumo real|media de consumo|consume|~consumos|consumo|consumo medio=mixed|gasta|~gastando|~gastas|consumo homologado=cycle|consumo combinado=mixed',
    statedRange:
      '~con un deposito|~por deposito|autonomia teorica|autonomia|autonomia real|~haces mas de|~haces unos|~haces casi|~te da para|~da para',
    travel:
      'recorrido|recorrido suspension|recorrido de suspension|recorrido de la suspension|suspension|recorridos|suspensiones',
    travelFront:
      'recorrido suspension delantera|recorrido delantero|recorrido de la horquilla|suspension delantera|recorrido horquilla|recorrido rueda delantera',
    travelRear:
      'recorrido suspension trasera|recorrido trasero|suspension trasera|recorrido del amortiguador|recorrido rueda trasera',
    clearance:
      'altura al suelo|altura minima al suelo|distancia libre al suelo|altura libre al suelo|distancia al suelo|altura libre|despeje al suelo',
    wheels: 'llantas|ruedas',
    wheelFront: 'llanta delantera|rueda delantera',
    wheelRear: 'llanta trasera|rueda trasera',
    wheelbase: 'distancia entre ejes|batalla|entre ejes|distancia entre ejes mm',
    rake: 'angulo de direccion|lanzamiento|angulo de lanzamiento|angulo de avance',
    trail: 'avance|avance de rueda',
    pressures: 'presion de neumaticos|presion neumaticos|presiones|presion',
    alternator: 'alternador|generador',
    battery: 'bateria',
    service:
      'mantenimiento|revision|revision cada|mantenimiento cada|intervalo de mantenimiento|revisiones cada|intervalo de servicio|servicio cada',
    valves: 'reglaje de valvulas|valvulas|ajuste de valvulas|reglaje de valvulas cada',
    oil: 'cambio de aceite|cambio de aceite cada',
    oilCapacity: 'capacidad de aceite|aceite motor|aceite',
    price:
      '~rebajada a=asked|~rebajado a=asked|precio rebajado=asked|cuesta|precio de venta|nueva cuesta=list|costaba=list|~costo|~piden=asked|~compre por=paid|~sale por|~sale a|~se queda en|~me salio por=paid|~pague=paid|~me costo=paid|precio|pvp=list|precio nuevo=list|precio de lista=list|precio final|precio recomendado=list|desde=list|pido=asked',
    usedPrice: 'segunda mano|de segunda mano|usada',
    warranty: 'garantia',
    axleLimits:
      'carga por eje|carga eje|carga maxima por eje|carga maxima eje|carga max por eje|peso maximo por eje',
    springs: 'dureza del muelle|muelle',
    rackLimit:
      combined(
        'carga max|carga maxima|carga|peso max|peso maximo',
        'portaequipajes|parrilla|parrilla trasera|en el portaequipajes|en la parrilla|sobre el portaequipajes|del portaequipajes|de la parrilla',
      ) +
      '|' +
      combined('portaequipajes|parrilla trasera', 'max|carga max|carga maxima'),
    luggageVolume: 'volumen de maletas',
  },
  front: 'delantera|delantero|delante|horquilla|delanteros',
  rear: 'trasera|trasero|detras|atras|amortiguador|monoamortiguador|traseros',
  bases: {
    'own-fills': 'medido por mi|mis repostajes',
    dry: 'en seco|seco|sin gasolina|sin combustible|en vacio',
    ready:
      'deposito lleno|con todos los liquidos|con todos los llenos hechos|a tope de gasolina|lleno|con todos los llenos|listo para rodar|con gasolina|con el deposito lleno|todo lleno|con todo lleno|llena',
    'ready-90':
      'en orden de marcha|orden de marcha|90 combustible|90 de combustible|deposito al 90|90 del deposito',
    wheel: 'a la rueda|en rueda|en la rueda|a rueda|en banco',
    paid: 'pague por ella|me salio por|compre por|compré por|comprada por|pague|pagué|me costo',
    asked:
      'es tuya|es tuyo|negociable|negociables|a negociar|pido|precio fijo|no negociable|escucho ofertas',
    list: 'pvp|de lista|nuevo|precio recomendado',
    'on-the-road': 'llave en mano|matriculada|matriculacion incluida',
    cycle: 'wmtc|homologado',
    motorway: 'autopista|autovia',
    mixed: 'de promedio|promedio|medio|de media|mixto|combinado',
  },
  takers: {
    part: 'freno|frenos|diametro|carrera|diametro x carrera|disco|discos|barras|admision|escape|pinza|ancho|doble disco',
    overall: 'longitud|largo|altura total|altura|anchura|longitud total|alto',
    topSpeed: 'velocidad maxima|velocidad punta|punta',
    rider: 'mido|peso yo|yo peso|entrepierna|mi peso|para mi',
    load: 'deposito adicional|deposito auxiliar|deposito suplementario|maletas|maleta|baul|equipaje|pasajero|alforjas|top case',
    sag: 'sag|hundimiento',
    odometer: 'kilometraje|kilometros|kms|km reales',
    trip: 'ultima revision|ultima revision a|ultima revision a los|proxima revision|proxima revision a|proxima revision a los|ultimo mantenimiento|ultimo mantenimiento a|ultimo cambio de aceite|recorridos en|hecha a|cambiado a|despues de|tras',
    spending:
      'al mes|mes|seguro|financiacion|cuota|entrada|impuestos|antes|en vez de|gastos|transferencia',
    accessory: 'punos calefactables|escape|cubrecarter|pantalla|defensas|cupula|faros',
    bolt: 'par de apriete|par eje de rueda|par de la tuerca|par tuerca|apriete',
    reserve: 'reserva|de reserva',
    weather: 'temperatura|altitud|grados|desnivel',
    contact: 'tel|telefono|ref|movil',
    people: 'dueno|duenos|valvulas|tiempos|anos|propietario|propietarios|plazas',
  },
  others:
    'mi mujer|mi hermano|mi amigo|un amigo|mi marido|mi padre|mi vecino|que la|comparada|mi antigua|la antigua|anterior|rival|frente a|en comparacion',
  hedges: 'unos|aproximadamente|aprox|creo que|alrededor de|casi|sobre',
  sale: 'se vende|vendo|en venta|itv|negociable|negociables|unico dueno|segunda mano|siempre en garaje|libro de mantenimiento|particular vende|seguro hasta|pido',
  trade:
    'moto|cilindrada|asiento|horquilla|monocilindrico|bicilindrico|rpm|par|deposito|neumatico|neumaticos|cadena|trail|enduro|maletas|llantas',
  common:
    'con|una|muy|pero|más|los|las|del|por|esta|este|está|para|mi|sin|como|cuando|tiene|todo|yo',
  elsewhere:
    'remolque|furgoneta|autocaravana|cama|coche|piso|habitaciones|bicicleta|barco|horno|harina|hotel',
  facts: SPANISH_FACTS,
  factLabels: {
    ...SPANISH_ANSWERS,
    ...SPANISH_PROTECTION,
    layout: {
      labels: 'tipo de motor|motor|tipo',
      options: {
        'parallel-twin': 'bicilíndrico (?:en )?(?:paralelo|línea)',
        'v-twin': 'bicilíndrico en v',
        single: 'monocilíndrico',
      },
    },
    cooling: {
      labels: 'refrigeración',
      options: {
        'air-oil': 'aire (?:y|/) aceite|aceite',
        liquid: 'líquida|líquido|agua',
        air: 'aire',
      },
    },
    fuelling: {
      labels: 'alimentación',
      options: { injection: 'inyección', carburettor: 'carburador' },
    },
    starter: {
      labels: 'arranque',
      options: { both: 'eléctrico y pedal', electric: 'eléctrico', kick: 'pedal' },
    },
    finalDrive: {
      labels: 'transmisión final|transmisión secundaria',
      options: { chain: 'cadena', shaft: 'cardán', belt: 'correa' },
    },
    forkType: {
      labels: 'horquilla|suspensión delantera',
      options: { 'upside-down': 'invertida', conventional: 'telescópica|convencional' },
    },
    wheelType: {
      labels: 'llantas|ruedas',
      options: {
        'spoked-tubeless': 'radios,? (?:tubeless|sin cámara)',
        'spoked-tubes': '(?:de )?radios',
        cast: 'aleación|fundición|aluminio',
      },
    },
    tyreFront: { labels: 'neumático delantero|neumáticos delantero' },
    tyreRear: { labels: 'neumático trasero' },
    brakeFront: {
      labels: 'freno delantero|frenos delanteros',
      options: {
        'twin-disc': '(?:doble|dos|2) discos?',
        'single-disc': '(?:un )?disco',
        drum: 'tambor',
      },
    },
  },
};
