import { FRENCH_ANSWERS } from './facts/answers';
import { FRENCH_PROTECTION } from './facts/protection';
import { FRENCH_FACTS } from './facts/french';
import { combined, type Vocabulary } from './vocabulary';

export const FRENCH: Vocabulary = {
  labels: {
    mass: '~sur la balance|~sur la bascule|~a la pesee|poids|masse|poids a sec=dry|poids a vide|masse a vide|poids tous pleins faits=ready|poids tpf=ready|poids en ordre de marche=ready-90|poids en ordre=ready-90|pese|pesee|poids tous pleins=ready|masse a sec=dry|masse en ordre de marche=ready-90|affiche|poids avec pleins=ready|poids plein fait=ready',
    maxMass:
      'ptac|p t a c|mtma|poids maximal autorise|poids maximum admissible|poids maximal|poids total autorise|poids maximum autorise|poids total autorise en charge|masse maximale autorisee|ptra',
    payload:
      'charge max|charge maximum|charge admissible|charge autorisee|capacite de charge|charge utile|charge maximale|charge maxi',
    power: 'puissance|puissance maxi|puissance max|puissance maximale|developpe|sort|delivre',
    unrestrictedPower:
      '~debridee|~debride|version libre|puissance libre|version full|puissance full',
    torque: 'couple|couple maxi|couple max|couple maximal|couple maximum',
    redline: 'regime maxi|zone rouge|rupteur',
    idleSpeed: 'ralenti',
    displacement: 'cylindree',
    cylinders: 'nombre de cylindres',
    compression: 'taux de compression|rapport volumetrique|compression|rapport de compression',
    gears: 'boite de vitesses|boite|nombre de rapports|boite de vitesse|boite a',
    primaryRatio: 'rapport primaire|transmission primaire|reduction primaire',
    finalGearing: 'rapport final|reduction secondaire|rapport secondaire',
    sprockets: 'demultiplication|transmission secondaire|pignon couronne',
    sprocketFront: 'pignon|pignon de sortie de boite',
    sprocketRear: 'couronne',
    seatHeight:
      'selle culmine a|selle perchee a|~perchee a|hauteur de l assise|hauteur de selle|hauteur selle|selle|selle basse=low-seat|hauteur de la selle|hauteur d assise|assise',
    tank: 'le plein c est|reservoir contient|~il en contient|plein de|reservoir|capacite du reservoir|contenance|capacite reservoir|reservoir d essence|reservoir de|contenance du reservoir|essence|volume du reservoir|capacite du reservoir de carburant',
    consumption:
      '~boit|~je consomme|consommations|conso reelle|~consos|consommation|conso|consommation moyenne=mixed|consomme|conso moyenne=mixed|consommation wmtc=cycle',
    statedRange:
      '~avec un plein|~par plein|~rayon d action|autonomie reelle|autonomie|autonomie theorique|autonomie moyenne',
    travel: 'debattement|debattements|~deb|suspension|debattement av ar|suspensions',
    travelFront:
      'debatt av|debatt avant|debattement avant|debattement av|debattement fourche|debattement de la fourche|debattement roue avant|suspension avant|suspension av',
    travelRear:
      'debattement arriere|debattement ar|debattement roue arriere|suspension arriere|suspension ar',
    clearance:
      'distance minimale au sol|distance au sol|sous le sabot|sous moteur|hauteur sous sabot|garde au sol|hauteur libre au sol',
    wheels: 'roues|jantes|jante',
    wheelFront: 'roue avant|jante avant',
    wheelRear: 'roue arriere|jante arriere',
    wheelbase: 'empattement',
    rake: 'angle|angle de chasse|angle de colonne|chasse angle',
    trail: 'chasse|deport',
    springs: 'raideur|raideur ressort',
    pressures: 'pression des pneus|pression pneus|pressions|~pression',
    alternator: 'alternateur|puissance alternateur',
    battery: 'batterie',
    service:
      'entretien|entretien tous les|revision|revision tous les|revisions|intervalle d entretien|periodicite|intervalles d entretien|revisions tous les|entretien periodique',
    valves: 'jeu aux soupapes|soupapes|controle des soupapes|jeu aux soupapes tous les',
    oil: 'vidange|vidange tous les',
    oilCapacity: 'capacite d huile|huile moteur|contenance huile|quantite d huile',
    price:
      '~cedee a=asked|~cede a=asked|prix en baisse=asked|baisse de prix=asked|il en demande=asked|elle en demande=asked|ils en demandent=asked|il en veut=asked|ils en veulent=asked|affichee a|proposee a|vendue a|achetee neuve=paid|coutait=list|~payee=paid|coute|elle coute|achetee=paid|achete=paid|~achetee a=paid|prix demande=asked|prix souhaite=asked|prix voulu=asked|prix|tarif|prix neuf=list|prix de vente|prix catalogue=list|prix cles en main=on-the-road|a partir de=list|vendue|prix public=list|tarif de base=list|cote',
    usedPrice: 'prix occasion|en occasion|occasion',
    warranty: 'garantie',
    axleLimits:
      'charge par essieu|charge maxi essieu|charge maxi par essieu|charge max essieu|charge max par essieu|charge maximale par essieu|charge maximale essieu|charge essieu|charge sur essieu|charge a l essieu|poids maxi par essieu',
    barHeight: 'hauteur du guidon|hauteur guidon',
    rackLimit:
      combined(
        'charge max|charge maxi|charge maximale|charge maximum|charge admissible|charge|poids max|poids maxi',
        'porte bagages|sur porte bagages|sur le porte bagages|du porte bagages|porte paquets',
      ) +
      '|' +
      combined('porte bagages', 'max|maxi|charge max|charge maxi|charge maximale'),
    luggageVolume: 'volume des valises',
  },
  front: 'devant|avant|av|fourche',
  rear: 'derriere|arriere|ar|amortisseur|monoamortisseur|mono amortisseur',
  bases: {
    'own-fills': 'mes pleins|mesure par mes soins|releve',
    dry: 'a sec|sans essence|a vide|sans carburant',
    ready:
      'avec les pleins|pleins compris|le plein fait|reservoir plein|plein d essence|les pleins faits|avec tous les pleins|tous pleins faits|tpf|pleins faits|avec le plein|tous pleins|plein fait|avec plein|tout plein|en etat de marche',
    'ready-90':
      'en ordre de marche|ordre de marche|a 90 pour cent|90 du plein|90 de carburant|90 carburant|reservoir a 90|plein a 90',
    wheel: 'a la roue|au banc',
    crank: 'au vilebrequin',
    'on-the-road': 'cle en main|cles en main|tout compris',
    asked: 'a debattre|negociable|prix ferme|ferme|debattre',
    list: 'prix neuf|catalogue|prix public',
    paid: 'paye|achetee|m a coute|nous a coute',
    cycle: 'wmtc|norme|cycle',
    motorway: 'autoroute',
    mixed: 'moyenne|en moyenne|mixte|moyen',
    gentle: 'conduite souple|tranquille',
    'low-seat': 'selle basse|position basse|position la plus basse|version basse',
  },
  takers: {
    part: 'frein|freins|alesage|alesage x course|disque|disques|diametre|tubes|etrier|admission|echappement|largeur',
    overall: 'longueur|hauteur|longueur totale|hauteur totale|largeur totale',
    topSpeed: 'vitesse maxi|vitesse max|vitesse maximale|vitesse de pointe',
    rider: 'je mesure|je pese|je fais|entrejambe|mon poids|pour mes|moi',
    load: 'reservoir additionnel|reservoir supplementaire|reservoir auxiliaire|valises|valise|top case|bagages|passager|sacoches|sacoche|pot et',
    sag: 'enfoncement|sag',
    odometer: 'kilometrage|compteur|km au compteur|kms au compteur|kilometres|km reels',
    trip: 'dernier entretien|dernier entretien a|derniere revision|derniere revision a|dernier service|prochain entretien|prochaine revision|prochain entretien a|prochaine revision a|derniere vidange|revision des|entretien fait a|roule|revision faite a|faite a|apres|parcouru|faits a|fait a|changee a',
    spending:
      'par mois|mois|credit|assurance|mensualite|frais|carte grise|acompte|au lieu de|etait|facture|frais de dossier|valeur|cote',
    accessory:
      'poignees chauffantes|pot|protege mains|sabot|bulle|crash bars|feux|gps|bequille centrale',
    bolt: 'couple de serrage|couple axe de roue|couple ecrou|couple vis|serrage|ecrou',
    reserve: 'reserve|dont reserve|dont 4 l de reserve|de reserve|l de reserve',
    weather: 'temperature|altitude|degres|denivele',
    contact: 'tel|telephone|ref',
    people: 'proprietaire|proprietaires|main|soupapes|soupape|temps|places|ans|cylindres',
  },
  others:
    'mon pote|ma femme|mon frere|mon mari|mon pere|mon voisin|mon collegue|celle de mon|j ai mis|j ai monte|que la|par rapport|mon ancienne|l ancienne|ma precedente|concurrente|contre|remplace par|passee de',
  hedges: 'environ|env|a peu pres|je crois|peut etre|presque|pres de|autour de',
  sale: 'vends|a vendre|vend|ct ok|premiere main|1ere main|controle technique|kilometrage|debattre|factures|carnet d entretien|revisee|non accidentee|prix ferme',
  trade:
    'moto|cylindree|selle|empattement|garde au sol|fourche|monocylindre|bicylindre|tr min|couple|enduro|trail|reservoir|chaine|motard|pneu|pneus|guidon|jantes',
  common:
    'est|avec|les|des|pas|une|pour|dans|elle|mais|que|qui|sur|plus|ça|cest|jai|du|mon|ma|aux|sont|très|fait|moi',
  elsewhere:
    'remorque|camping car|fourgon|tronconneuse|hors bord|metres carres|loyer|voiture|appartement|pieces|velo|telephone portable|bateau|four|farine|hotel',
  facts: FRENCH_FACTS,
  factLabels: {
    ...FRENCH_ANSWERS,
    ...FRENCH_PROTECTION,
    layout: {
      labels: 'moteur|type moteur|architecture|type',
      options: {
        'parallel-twin': 'bicylindre (?:parallèle|en ligne)|twin parallèle',
        'v-twin': 'bicylindre en v',
        single: 'monocylindre',
      },
    },
    cooling: {
      labels: 'refroidissement',
      options: { 'air-oil': 'air (?:et|/) huile|huile', liquid: 'liquide|eau', air: 'air' },
    },
    fuelling: {
      labels: 'alimentation',
      options: { injection: 'injection', carburettor: 'carburateur' },
    },
    starter: {
      labels: 'démarrage|démarreur',
      options: { both: 'électrique et kick', electric: 'électrique', kick: 'kick' },
    },
    finalDrive: {
      labels: 'transmission finale|transmission secondaire|transmission',
      options: { chain: 'chaîne', shaft: 'cardan|arbre', belt: 'courroie' },
    },
    forkType: {
      labels: 'fourche|suspension avant|suspension av',
      options: { 'upside-down': 'inversée', conventional: 'télescopique' },
    },
    wheelType: {
      labels: 'jantes|roues',
      options: {
        'spoked-tubeless': 'rayons,? (?:tubeless|sans chambre)',
        'spoked-tubes': '(?:à )?rayons',
        cast: 'alu\\p{L}*|alliage|bâtons',
      },
    },
    tyreFront: { labels: 'pneu avant|pneu av|pneumatique avant' },
    tyreRear: { labels: 'pneu arrière|pneu ar|pneumatique arrière' },
    brakeFront: {
      labels: 'frein avant|freins avant|frein av',
      options: {
        'twin-disc': 'double disque|(?:2|deux) disques',
        'single-disc': '(?:simple )?disque',
        drum: 'tambour',
      },
    },
  },
};
