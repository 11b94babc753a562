import { ENGLISH_FACTS } from './facts/english';
import { FACT_LABELS } from './facts/english-labels';
import { combined, type Vocabulary } from './vocabulary';

export const ENGLISH: Vocabulary = {
  labels: {
    mass: 'wetweight=ready|wetweightkg=ready|kerbweight=ready|curbweight=ready|dryweight=dry|weightwet=ready|weightdry=dry|~on the weighbridge|~on the scales|~on our scales|~on my scales|~on their scales|~on his scales|~on the scale|~certified scale|~certified scales|~bathroom scales|~truck scale|how heavy|weight|mass|kerb weight=ready|curb weight=ready|kerbweight=ready|wet weight=ready|dry weight=dry|weighs|weighing|weighed|weigh|kerb mass=ready|curb mass=ready|wet mass=ready|dry mass=dry|tips the scales at|~kerb|~curb|~wt|unladen weight=ready|weight unladen=ready|ready to ride weight=ready|road ready weight=ready|claimed weight|claimed dry weight=dry|claimed wet weight=ready|measured wet weight=ready|measured weight|empty weight|bike weight|own weight|operating weight=ready|fuelled weight=ready|fueled weight=ready',
    maxMass:
      'max laden mass|max laden weight|maximum laden mass|~max|~permissible|gross vehicle mass|gross mass|permissible mass|max permissible mass|permitted mass|max permitted mass|permissible laden mass|permitted is|permissible is|maximum technically permissible mass|max technically permissible mass|permitted maximum mass|permitted total|total permitted|maximum permitted mass|permitted maximum|maximum permissible weight|maximum permissible mass|permissible total weight|permissible weight|max permissible weight|permitted total weight|permitted weight|max permitted weight|maximum permitted weight|maximum weight|max weight|max total weight|maximum total weight|gross weight|gross vehicle weight|gross vehicle weight rating|gvwr|gvw|gvm|maximum laden weight|max laden weight|laden weight|fully laden weight|fully loaded weight|max gross weight|maximum gross weight|plated weight|max all up weight|all up weight limit|total permitted weight|total weight allowed|weight limit|technically permissible maximum mass|technically permissible maximum laden mass|permissible maximum laden mass|maximum laden mass|gross|allowed gross weight|plate says max|plate says|plate on the headstock says|plate on the frame says|headstock plate says|vin plate says|f 1|plated at|the plate is',
    payload:
      'payload plate says|payload plate on the headstock says|payload plate on the frame says|load plate says|payload sticker says|payload plate|payload limit|load rating|loading capacity|allowed load|rated load|rated payload|payload as stated|payload|load cap|load capacity|carrying capacity|maximum load|max load|useful load|load limit|max payload|maximum payload|weight capacity|cargo capacity|carry another|it ll carry|maximum weight capacity|can carry',
    power:
      'maxpower|powermax|power at wheel=wheel|power at the wheel=wheel|power at rear wheel=wheel|power at the rear wheel=wheel|wheel power=wheel|rear wheel power=wheel|maximum power|~hp|~bhp|~kw|max power|peak power|power output|power|~output|maximum output|max output|rated output|rated power|horsepower|~makes|~made|~produces|~puts out|~develops|~delivers|pwr|engine power|claimed power|claimed horsepower|measured rear wheel power=wheel|rear wheel power=wheel|rear wheel horsepower=wheel|measured horsepower',
    rpm: 'at engine speed|engine speed|at rpm',
    powerRpm: '~peak at|~peaks at|power at|power rpm|power peak at|peak power at',
    unrestrictedPower:
      'power before restriction|before restriction|unrestricted power|full power version|~unrestricted|power full version|full power|unrestricted version|power full|derestricted power|derestricted|full version|~open',
    torque:
      'maxtorque|torquemax|torque at wheel=wheel|torque at the wheel=wheel|rear wheel torque=wheel|wheel torque=wheel|maximum torque|max torque|peak torque|torque|engine torque|claimed torque|rear wheel torque=wheel|measured rear wheel torque=wheel|tq',
    torqueRpm: 'torque at|peak torque at|torque peak at|torque rpm',
    redline:
      'redline|red line|redlines at|redlined at|rev limiter|rev limit|limiter|maximum engine speed|max rpm|max revs|maximum revs|revs to|redline at',
    idleSpeed: 'idle speed|~idle|idles at|tickover|idling speed|idle rpm|ticks over at',
    displacement:
      'displacement|~ccm|cubic capacity|engine capacity|engine size|swept volume|disp|engine displacement|displ|~capacity|cc|~engine|cubic centimetres',
    cylinders: 'cylinders|number of cylinders|no of cylinders',
    compression: 'compression ratio|compression|comp|comp ratio|cr',
    gears:
      'gears|~gearbox|~transmission|number of gears|no of gears|~box|number of speeds|gear count',
    finalRatio:
      '~final|final drive ratio|final reduction ratio|final ratio|secondary ratio|secondary reduction ratio|shaft ratio|belt ratio|bevel ratio',
    finalGearing: 'final reduction|secondary reduction',
    luggageVolume:
      'luggage that comes with it|luggage capacity|luggage volume|pannier capacity|case capacity|storage capacity|storage volume|total luggage space',
    primaryRatio:
      'primary ratio|primary reduction|primary drive|primary|primary drive ratio|primary reduction ratio',
    ratio1: 'first gear|1st gear|1st|~first|gear 1|1st gear ratio|ratio 1st|i1',
    ratio2: 'second gear|2nd gear|2nd|~second|gear 2|2nd gear ratio|i2',
    ratio3: 'third gear|3rd gear|3rd|~third|gear 3|3rd gear ratio|i3',
    ratio4: 'fourth gear|4th gear|4th|~fourth|gear 4|4th gear ratio|i4',
    ratio5: 'fifth gear|5th gear|5th|~fifth|gear 5|5th gear ratio|top gear|i5',
    ratio6: 'sixth gear|6th gear|6th|~sixth|gear 6|6th gear ratio|i6',
    sprocketFront:
      'countershaft sprocket|front sprocket|drive sprocket|gearbox sprocket|countershaft|sprocket front|sprocket, front|engine sprocket|output sprocket|countershaft teeth|front sprocket teeth|cs sprocket',
    sprocketRear:
      '~stock rear|~standard rear|rear sprocket|driven sprocket|rear wheel sprocket|sprocket rear|sprocket, rear|wheel sprocket|rear sprocket teeth',
    sprockets:
      'sprockets|~final drive|final gearing|secondary drive|gearing|stock gearing|standard gearing|~sprocket|final drive ratio teeth|final drive gearing|gearing stock',
    speedFirst:
      'speed per thousand revs in first|speed per thousand rpm in first|road speed per thousand in first',
    speedTop:
      'speed per thousand revs in top gear|speed per thousand revs in top|speed per thousand rpm in top|road speed per thousand in top',
    chainLinks: 'chain length|~chain|number of links|chain links|drive chain',
    seatHeight:
      'seatheight|seat height low=low-seat|saddle height low=low-seat|seat low=low-seat|seat sits at|saddle sits at|seat is at|seat s at|how tall|~on the seat|seat height|saddle height|standard seat height|seat|saddle|perch|seat height unladen|unladen seat height|seat ht|sh|s h|laden seat height|stock seat|standard seat|stock seat height|off the deck|off the ground at|low seat height=low-seat|low seat=low-seat|low seat option=low-seat|lowered seat height=low-seat|optional low seat=low-seat|low one=low-seat|lower seat=low-seat|to the seat|~at the seat|to the saddle|to the top of the seat|low version seat height=low-seat',
    tank: 'fuelcapacity|tankcapacity|tanksize|~tank full|~tank brimmed|~full tank|fuel tank capacity|fuel capacity|tank capacity|tank volume|fuel tank|petrol tank|gas tank|tank|~fuel|~holds|fuel tank volume|fuel load|tank size|tank holds|fc|gas capacity|petrol capacity|fuel cap|stock tank|usable fuel',
    consumption:
      'fuel burn|~sitting at|~hovering around|~settled at|long term average|~i get more like|~works out at|~works out to|~working out at|fuel consumption|consumption|fuel economy|economy|gas mileage|~mileage|fuel use|~returns|~returned|averages|averaged|average|~avg|~wmtc|fuel usage|claimed consumption|mpg|fuel mileage|observed fuel economy|claimed fuel economy|~did|~get|~gets|~getting|~got|uses|average consumption|real world economy|average mpg|tested economy|drinks|sips|~normally|~only using|~it s using',
    gets: '~i get|~we get|~you get|~one gets',
    statedRange:
      '~on a full tank|~on a brim|range as stated|how far on a tank|how far on one tank|how far does it go|how far can you go|how far do you get|how far on a fill|what range|fuel range|tank range|cruising range|range|theoretical range|~to a tank|~from a tank|~per tank|range per tank|range on a tank|out of a tank|~on one tank|estimated range|~rode till it died|~takes me|~takes you|~takes us|~gives me|~gives you|range to reserve|~gets us|~gets me|~gets you|~means|~before the light|~before reserve|~to reserve|~to the light|~until the light|~till the light|riding range|touring range|~it ll do|~it will do|~you ll see|~you ll get|~you will see|~you will get',
    travel:
      'front rear travel|front rear suspension travel|front rear wheel travel|front rear suspension|front and rear travel|front and rear suspension travel|front and rear wheel travel|f r travel|f r suspension travel|travel f r|travel front rear|travel front and rear|suspension travel f r|suspension travel|wheel travel|travel|suspension|wheel travel front rear|susp travel|suspension stroke',
    travelFront:
      'fronttravel|fronttravelmm|frontsuspensiontravel|fork travel|~fork|~forks|front suspension travel|front wheel travel|front travel|travel front|travel f|fork stroke|front axle travel|front suspension stroke|forks travel|front susp travel|travel, front',
    travelRear:
      'reartravel|rearsuspensiontravel|shock travel|monoshock travel|rear suspension travel|~monoshock|~mono shock|rear wheel travel|rear travel|travel rear|travel r|rear axle travel|rear susp travel|travel, rear|rear suspension stroke',
    clearance:
      'groundclearance|sump to floor|sump to the deck|sump off the floor|sump off the ground|engine to floor|engine to the floor|engine to ground|engine to the deck|engine off the floor|engine off the ground|belly to floor|belly to the floor|belly to ground|belly to the ground|belly to the deck|belly off the floor|belly off the ground|bash plate to the deck|bash plate off the floor|bash plate off the ground|skid plate to the deck|skid plate off the floor|skid plate off the ground|frame to floor|frame to the floor|frame to ground|frame to the ground|frame to the deck|frame off the floor|frame off the ground|cases to floor|cases to the floor|cases to ground|cases to the ground|cases to the deck|cases off the floor|cases off the ground|to the bash plate|to the skid plate|gnd clearance|skid plate to the floor|skid plate to floor|skid plate to the ground|skid plate to ground|bash plate to the floor|bash plate to floor|bash plate to the ground|bash plate to ground|sump to the floor|sump to the ground|sump to ground|engine to the ground|under the engine|under the belly|under the sump|under the bash plate|under the skid plate|ground clearance|clearance|gc|g c|ground clr|grd clr|grnd clr|gnd clr|grd clearance|min ground clearance|minimum ground clearance|belly clearance',
    wheels:
      'front rear wheel|front rear wheels|front rear wheel size|front rear rim|front rear rims|front rear wheel diameter|wheel sizes|wheel size|wheels|~wheel|rims|~rim|wheels front rear|rim sizes|rim size',
    wheelFront:
      'front wheel|wheel front|front rim|wheel, front|front wheel size|front wheel diameter|~inch front',
    wheelRear:
      'rear wheel|wheel rear|rear rim|wheel, rear|back wheel|rear wheel size|rear wheel diameter|~inch rear|~inch back',
    wheelbase: 'wheelbase|wheel base|wb|w b|axle to axle',
    rakeAndTrail:
      'rake and trail|rake trail|steering geometry|caster trail|castor trail|rake, trail|head angle and trail',
    rake: 'steering head angle|head angle|castor angle|caster angle|steering angle|caster|rake|castor|fork angle|rake angle|steering head',
    trail: 'trail|trail length',
    forkRate:
      'fork spring each leg|fork spring, each leg|fork spring rate|fork springs|fork spring|fork rate|front spring rate|front springs|front spring|~fork|~forks',
    shockRate:
      'shock spring rate|shock spring|shock rate|rear spring rate|rear spring|shock springs|stock shock spring|stock spring|standard spring|~shock',
    springs: 'spring rate|spring rates|springs',
    motionRatio: 'shock motion ratio|motion ratio|linkage ratio',
    motionRatioEnd:
      'shock motion ratio at full travel|motion ratio at full travel|motion ratio at the end',
    springRiderMass:
      '~right for|~good for|spring for a|springs suit a rider of|meant for a|set up for a|valved for a|sprung for a|sprung for a rider of|springs are for|springs are right for|springs are for somebody|springs are for someone|springs are for a rider of|set up for a rider of|sprung for|springs suit|suspension is set for a rider of|valved for a rider of|sprung for riders of',
    pressures:
      'tyre pressures|tire pressures|tyre pressure|tire pressure|~pressures|~pressure|tyres|tires|~tyre|~tire|cold pressures|inflation pressure|inflation',
    alternator:
      'alternator output|alternator|generator output|generator|stator|charging output|charging system|stator output|alternator power|electrical output|max alternator output|charging capacity',
    stockDraw:
      '~stock load|~load is|~bike runs on|~pump pulls|~bike pulls|~lights pull|~bike needs|~bike takes|~bike wants|~bike uses|~itself uses|~bike draws|~itself draws|stock electrical draw|electrical draw|stock draw|own electrical draw|~idle draw|~draw with lights|~draw at idle|~draw with the lights on',
    battery: 'battery|battery capacity',
    axleLimits:
      'front rear axle load|front rear axle loads|front rear axle limit|front rear axle limits|front rear gawr|front rear axle weight limit|front and rear axle limits|front and rear axle loads|max front rear axle load|permitted front rear axle load|gawr|axle limit|axle limits|axle load|permitted axle load|max axle load|maximum axle load|axle loads|permissible axle load|max axle weight|axle weight limit',
    axleLimitFront:
      'front axle|front axle max|front axle maximum|max front axle|axle front|front axle limit',
    axleLimitRear:
      'rear axle|rear axle max|rear axle maximum|max rear axle|axle rear|rear axle limit',
    topRatio: '~top',
    carrierLimit: 'limit of both side carriers|limit of side carriers|side carrier limit',
    seatHours: 'seat is borne for|seat is good for',
    seatSettle: 'seat goes down under you|seat settles|seat goes down under me|seat sinks under me',
    oilPrice: 'price of an oil change',
    inspectionPrice: 'price of an inspection',
    valvesPrice: 'price of a valve service',
    suspensionPrice: 'price of fork and shock service',
    rackLimit:
      'rear rack is only|rear carrier|luggage carrier|rack is only|rack is good for|rack is marked|rack is stamped|rack takes|rear rack takes|rack says|rack says max|rack is rated|rack rated|rack is rated for|rack limit|rack load|rack rated for|rack capacity|rear rack max load|rear rack capacity|rack max load|rack maximum load|rear rack load|max rack load|carrier load|rack load limit|' +
      combined(
        'rear rack|luggage rack|rear luggage rack|tail rack',
        'max|maximum|max load|maximum load|load|load limit|limit|load capacity|weight limit|is rated to|rated to',
      ) +
      '|' +
      combined(
        'max|maximum|max permissible|maximum permissible|permissible|max permitted|permitted',
        'load|weight',
        'on|on the|for the|of the',
        'rear rack|luggage rack|rear luggage rack|rack|rear carrier|carrier',
      ) +
      '|' +
      combined(
        'max|maximum',
        'rear rack|luggage rack|rear luggage rack|rack',
        'load|weight|capacity',
      ),
    pegHeight:
      '~pegs|pegs are|footpegs are|footrests are|footpegs sit at|pegs sit at|pegs at|footpeg height|peg height|footrest height|foot peg height',
    barHeight: 'handlebar height|bar height|height of the bars|~bars at|~bars|handlebar|~bar',
    service:
      'service intervals|service interval|services|serviced every|service every|~servicing|maintenance|maintenance interval|service, by hours|service, by time|~service|service schedule|service by hours|service by time|main service|major service|~then every|scheduled maintenance|intervals are|~intervals',
    valves:
      'valve checks|valve check interval|valve clearance interval|valve clearance check interval|valves checked every|valves are checked every|~valve clearance|valve check|valve clearance check|valve clearances check|valve adjustment|valve adjustments|valve inspection|valve interval|~valves|valve check, by hours|valve clearance checks|valve service|valves need checking|shims|shim check|valve clearances every|~valve clearances|valve adjust|valve check by hours|valve check interval',
    oil: 'oil changed|engine oil|oil changed once|oil change takes|oil change|oil interval|~oil|oil change, by hours|oil changed every|oil every|~with filter|with the filter|with a filter|including the filter|oil change interval|oil and filter|oil change by hours|~change',
    oilCapacity:
      'oil capacity|engine oil capacity|oil volume|oil quantity|in the sump|sump holds|takes in oil',
    price:
      'price dropped to=asked|price reduced to=asked|price lowered to=asked|price cut to=asked|cash price=asked|our price=asked|do they ask=asked|do they want for it=asked|do they ask for it=asked|does he ask=asked|does he want for it=asked|does he ask for it=asked|does she ask=asked|does she want for it=asked|does she ask for it=asked|do you ask=asked|do you want for it=asked|do you ask for it=asked|what does he want=asked|what do they want=asked|what does she want=asked|how much did you give for it=paid|how much did you pay for it=paid|how much did you pay=paid|what did you pay=paid|what did you pay for it=paid|what did you give for it=paid|how much was it=paid|how much is it|what does it cost|what s it cost|our offer is=asked|our offer=asked|our price=asked|listed at=list|sticker was=list|list was=list|msrp was=list|rrp was=list|list price was=list|list price=list|price new=list|new price=list|asking price=asked|price|msrp=list|rrp=list|~asking=asked|~asks=asked|~costs|~cost me=paid|~cost you|~run you|~runs you|~set you back|~sets you back|priced at|priced|sells for|on the road price=on-the-road|cash price|otr price=on-the-road|otr=on-the-road|base price=list|starting price=list|retails for=list|retails at=list|prices start at=list|prices start from=list|price starts at=list|starts from=list|starting at=list|price as tested|retail price=list|starts at=list|out the door=on-the-road|drive away price=on-the-road|ride away price=on-the-road|ride away=on-the-road|drive away=on-the-road|list=list|buy it now=asked|yours for=asked|sale price=asked|selling price=asked|price i paid=paid|picked up for=paid|picked it up for=paid|i paid=paid|paid=paid|bought it for=paid|it cost me=paid|~looking for=asked|~want=asked|~wants=asked|dealer wants=asked|~around=asked|~open to offers around=asked|offers over=asked|~offers around=asked|~was asking=asked|~now=asked|reduced to=asked|sticker price=list|srp=list|sticker=list|~for a bike|open to offers|priced to sell|will take=asked|would take=asked|i want=asked|on the road=on-the-road',
    usedPrice:
      'price used|used price|used prices|second hand price|used from|used|second hand|they go for|go for|used examples|secondhand|fetch|changing hands for',
    unlockPrice:
      'price of unlocking|unlocking|derestriction|full power kit|can be opened for|can be opened later for|can be opened up for|opened later for|derestriction kit|unrestriction kit|derestricting',
    warranty: 'warranty|guarantee|manufacturer warranty|factory warranty',
    madeFrom:
      '~since|made since|made from|built from|introduced in|introduced|in production since|launched in|sold from',
    madeUntil: 'made until|built until|discontinued in|discontinued|sold until|production ended in',
    dealerDistance: 'dealer distance|nearest dealer|dealer is|nearest dealership',
  },
  front: 'front|fork|forks|fr|up front|front end|f|at the front|in front|in the front|front wheel',
  rear: 'rear|back|shock|rr|out back|rear end|at the back|at the rear|in rear|in the rear|in the back|rear wheel|r|tail',
  bases: {
    'ready-90':
      'running order|90 fuel|90 % fuel|90 percent fuel|mro|tank 90 full|90 full|90 tank|90 fuelled|90 of fuel|tank at 90',
    dry: 'dry|unfuelled|unfueled|shipping|without fuel|no fuel|without fluids|no fluids|without petrol|without gas|no petrol|no gas|empty tank|excluding fuel|less fuel|w o fuel|ex fuel|minus fuel|exc fuel|fuel excluded',
    ready:
      'including oil and fuel|incl oil and fuel|including fuel and oil|with oil and fuel|full to the brim|filled to the brim|brim full|full up|fully gassed|ready to rock|full of petrol|tank brimmed|filled up|with all fluids|all juiced up|with a tank of fuel|tanked up|all in and fuelled|wet|kerb|curb|ready to ride|road ready|full fuel|full tank|fully fuelled|fully fueled|gassed|gassed up|all fluids|all up|tank full|brimmed|with fuel|full of fuel|fuelled up|fueled up|fully fuelled up|ready to go|ready to roll|all fluids included|topped up|a full tank|everything in it|everything in|with a full|fueled|fuelled|incl fuel|including fuel',
    wheel:
      'rear wheel horsepower|at wheel|at rear wheel|at the rear wheel|at the back wheel|at the wheel|rwhp|whp|dyno|at the tyre|at the tire|at the rear tyre|at the rear tire|rollers|rear wheel|on the dyno|wheel horsepower|to the wheel|to the rear wheel',
    crank: 'crank|at the crank|crankshaft',
    'taped-travel': 'taped|tape says|tape finds|measured travel|as taped|measured with a tape',
    'on-the-road':
      'otd|on the road|otr|drive away|ride away|rideaway|driveaway|out the door|drive away no more to pay|on road',
    asked:
      'asking|asked|or near offer|near offer|ono|obo|o n o|o b o|for sale|or nearest offer|or best offer|firm|no offers|ovno|asks|neg|negotiable|open to offers',
    paid: 'paid|i paid|bought for',
    list: 'plus on the road charges|plus on the road costs|plus on the road|plus otr|plus otr charges|plus on roads|plus on road costs|before on road costs|before on the road costs|plus freight|plus dealer fees|before taxes|plus taxes|list|msrp|rrp|srp|new',
    'low-seat':
      'low seat|in the lowest|in its lowest|at its lowest|in lowest|low option|lower option|low setting|low position|lowest setting|lowest position|lower position|lower setting|lowest of two|lowest of three|low version|lowered|low suspension|low model|low saddle|lowered version',
    'standard-seat': 'standard seat|standard version',
    'own-fills':
      'own fills|my fills|logged|over my fills|i get more like|i m getting|im getting|i ve averaged|ive averaged|we averaged|i averaged',
    cycle: 'test cycle|wmtc|nedc|official|homologation|homologated|combined cycle|claimed by wmtc',
    motorway:
      'dual carriageway|on the slab|slab|motorway|highway|autobahn|freeway|interstate|at 75 mph|at 80 mph',
    gentle: 'gently|gentle|easy pace|careful|hypermiling|taking it easy|eco pace',
    mixed: 'mixed|average|averaged|overall|combined|averages|observed|i average|mixed use',
  },
  takers: {
    part: 'shock stroke|bore|stroke|bore and stroke|bore x stroke|bore stroke|disc|discs|disk|rotor|rotors|brake|brakes|caliper|calipers|diameter|dia|width|tread|fork oil level|oil level|intake|exhaust|inlet|valve clearance|play|slack|chain slack|tubes|telescopic|upside down|inverted|display|tft|riser|risers|spacer|gap|throttle body|throttle bodies|mm fork|mm forks|mm usd|mm upside down|mm inverted|mm telescopic|mm cartridge|jets|jet|pilot|main jet|clickers|clicks|pegs|taller|shorter|lower|drops it|lowered|cut to',
    overall:
      'length|overall length|overall width|overall height|height|overall|total height|height with mirrors|tall wheel|ceiling height',
    topSpeed:
      'top speed|max speed|maximum speed|gets up to|got up to|goes up to|flat out|vmax|speed|mph in|0 60|0 100|0 to 60|0 to 100',
    rider:
      'rider weight|rider|my weight|i weigh|i am|i m|im|im about|im only|im around|im like|im just|im roughly|inseam|inside leg|body weight|my height|on me|for my|at my|she is|he is|wife is|wife|pillion is|me at|with me|my inseam|in kit|in gear|with gear|geared up|i measure|tall rider|shorter riders',
    load: 'luggage|pillion|passenger weight|pillion weight|panniers|pannier|top case|topcase|top box|topbox|side cases|tank bag|with luggage|of luggage|saddlebags|bags|drybag|aftermarket tank|aftermarket|i run a|i carry|can|aux tank|auxiliary tank|spare tank|extra tank|second tank|rear aux tank|jerry can|fuel can|bladder|long range tank|cases|saddle bags|gear weighs|camping gear|tow|trailer|spare fuel',
    sag: 'sag|static sag|rider sag|race sag|free sag|static',
    odometer:
      'odometer|miles|kilometers|kilometres|kms|odometer reading|on the clock|on the clocks|on the odometer|miles on it|mileage|kilometres on it|done only|has covered|has done|miles from new|clocked|ticked over|odo|has only|milage|only done|covered|miles covered|on it',
    trip: 'next oil at|next oil|next service at|next service|next valve check at|1st service|rode|ridden|riding|trip|day|round trip|in the saddle|fuel stops|every fuel stop|away|lasted|detour|ride home|commute|delivery|deliver|shipping|run in|first service|break in|after|sprockets at|done at|replaced at|serviced at|service due|due at|new tyres at|changed at|last service|last serviced|chain at|overdue|over',
    spending:
      'get it for|got it for|had it for|gave|per week|bought new|cost new|new for|bought for|per month|a week|a month|p w|pw|pcm|pm|mo|month|monthly|deposit|down|insurance|tax|road tax|vat|freight|setup|set up fee|fees|rebate|discount|off the price|knocked off|extras worth|worth of|worth|spent|labour|labor|shipping|delivery|transport|service cost|service cost me|cost me|receipts|budget|my budget|invested|fare|fee|refund|apr|was|originally|rental|hire|trade in|trade-in|estimate|reserve|per day|a day|in fuel|fuel cost|repayments|doc fee|registration|plates|camp fee|prep',
    accessory:
      'fork oil|final drive oil|shaft oil|kit costs|kit is|skid plate was|the rack|skid plate|bash plate|sump guard|engine guard|rack|taller screen|screen|windscreen|windshield|heated grips|grips|crash bars|top box was|exhaust|slip on|silencer|panniers were|new tyres|new tires|tyres were|jacket|heated jacket|lights|aux lights|headlight|headlamp|spotlights|satnav|gps|phone mount|usb charger|charger|cover|bike cover|tower|lowering link|hand guards|handguards|chain and sprockets|helmet|boots|damper|steering damper|centre stand|center stand|alarm|tracker|spare wheels|filter|oil filter|tool kit|tools|air filter|rally seat|comfort seat|exhaust system|draws|lamp|bulb|indicators|pump',
    bolt: 'bolt torque|nut torque|wheel nut torque|axle torque|axle nut torque|spindle torque|rear axle torque|front axle torque|wheel axle torque|wheel bolt torque|screw torque|plug torque|drain plug torque|sprocket nut torque|head bolt torque|clamp torque|caliper bolt torque|tightening torques|torque value|torque setting|drain plug|axle bolt|wrench|torque wrench|axle nut|nut to|bolts to|bolt to|torque the|tighten|torque spec|torqued to|pinch bolts|torque settings|tightening torque',
    reserve:
      'reserve|incl reserve|reserve of|including reserve|of which reserve|litre reserve|gallon reserve|fuel light|light comes on|reserve at',
    weather:
      'temperature|altitude|elevation|climbing|degrees outside|ambient|wind|rain|visibility|of climbing|heat|metres up|at altitude|above sea level|hot day',
    contact:
      'call|tel|phone|text|ring|contact|invoice|lot|ref|date|page|post|model code|vin|frame no|platform|coach|train|bus|flight|room|ext|stock no|stock number',
    people:
      'owners|owner|keys|years riding|years old|feet tall|tall|foot|previous owner|previous owners|valve|valves per cylinder|valves dohc|v|led|modes|star|stars|pistons|piston|doors|step|stage|way|waiting list|mot till|mot until|mot due|rego|rego till|days',
    volts: 'volt|volts|12v|12 v|amps|cca',
  },
  others:
    'my wife rides|my wife has|my wife owns|my wife bought|my husband rides|my husband has|my husband owns|my husband bought|my mate rides|my mate has|my mate owns|my mate bought|my brother rides|my brother has|my brother owns|my brother bought|my sister rides|my sister has|my sister owns|my sister bought|my dad rides|my dad has|my dad owns|my dad bought|my son rides|my son has|my son owns|my son bought|my daughter rides|my daughter has|my daughter owns|my daughter bought|my friend rides|my friend has|my friend owns|my friend bought|my girlfriend rides|my girlfriend has|my girlfriend owns|my girlfriend bought|my boyfriend rides|my boyfriend has|my boyfriend owns|my boyfriend bought|my partner rides|my partner has|my partner owns|my partner bought|my neighbour rides|my neighbour has|my neighbour owns|my neighbour bought|springs for my|i came from a|i came off a|coming from a|coming off a|i come from a|than|compared to|compared with|comparison|my last bike|my last one|my last|last bike i had|my first bike|my old|the old|old bike|old one|older one|the older model|previous model|previous one|predecessor|outgoing model|last one|last year s|its rival|rival|rivals|my mate s|my mates|next door s|my wife s|my husband s|my brother s|my son s|my daughter s|my dad s|my father s|my girlfriend s|my boyfriend s|my buddy s|my partner s|mate s|friend s|neighbour s|my other|other bike|whereas the|unlike the|versus the|vs the|vs my|up from|down from|instead of|used to have|i had a|i had an|i had the|i had before|one i had|my own|my car|a car|for a lighter|i fitted|fitted a|swapped to|swapped for|upgraded to|changed to|replaced with|now runs|i run|i also run|i now run|mine is now|mine is cut|tried|with the rally seat|add|aftermarket|class average|most bikes|budget is|my current|current bike|currently on|currently riding|currently ride|i currently own|currently have|at the moment i ride|i want something|would look at|looking at the|looking at a|looking at an|been looking at|also looking at',
  hedges:
    'should be|should be about|should be around|ought to be|ought to be about|my guess|guess|about|around|roughly|approx|approximately|circa|i think|i guess|i reckon|maybe|perhaps|someone said|they say|they reckon|folks reckon|people reckon|apparently|supposedly|near enough|almost|nearly|just under|just over|ish|or so|i believe|if i remember|from memory|i doubt|reportedly|rumoured|people say|i was told|i read somewhere|i heard|allegedly|if i remember right|unless i m mistaken',
  sale: 'offers around|rec rego|demo bike|demonstrator|first registered|balance of the manufacturer s warranty|balance of warranty|offers over|project bike|starting bid|buy it now|barn find|up for sale|ex demo|fixed|road registered|road legal|for sale|selling|asking|ono|obo|or best offer|or nearest offer|no time wasters|full service history|fsh|service history|mot|one owner|1 owner|two owners|clean title|title status|title in hand|rego|rwc|hpi|cash only|no trades|open to offers|part exchange|px|v5|log book|logbook|previous owner|previous owners|on the clock|good condition|immaculate|one previous owner|low miles|low mileage|must sell|no silly offers|firm|street legal|plated|new battery|title|sell my|swap my|reg|owners|just serviced|spares or repair|collection only|full house|papers|wof|drive away|mileage',
  trade:
    'flat foot|flat footed|flat footing|a2 form|a2 licence|a2 version|a2 kit|a2 spec|a2 restricted|a2 rider|first service|dyno|rwhp|whp|horsepower|newton metres|newton meters|at the wheel|at the crank|fully fuelled|fully fueled|full tank|subframe|rear rack|tooth|teeth|gearing|gallon|gallons|speed box|five speed|six speed|shims|motorcycle|motorbike|bike|bikes|moto|rider|pillion|enduro|dual sport|adventure|trail bike|rally|scrambler|supermoto|single|twin|kerb weight|curb weight|wet weight|dry weight|seat height|saddle|ground clearance|wheelbase|rake|trail|fork|forks|swingarm|shock|sprocket|sprockets|chain|bash plate|skid plate|crash bars|hand guards|handguards|panniers|heated grips|sidestand|centre stand|center stand|footpegs|handlebar|handlebars|bars|throttle|clutch|carb|two stroke|four stroke|2 stroke|4 stroke|monoshock|suspension|spoked|tubeless|knobblies|throttle|bhp|inseam|abs|kickstart|dirt|gravel|stator|valves|tank range|sag|wmtc|pegs|rear wheel|front wheel|compression|torque|gearbox|low seat|tyres|tires|kickstarter|street legal|mpg|miles per gallon|revs|redline|fairing|seat',
  elsewhere:
    'motorcycle trailer|bike trailer|motorbike trailer|box trailer|mechanic wanted|wheelbarrow|golf|trike|tandem|helicopter|microlight|aircraft|glider|sprayer|mower|compressor|pressure washer|water pump|aquarium|barbell|pram|stroller|wheelchair|sim rig|treadmill|cement mixer|forklift|excavator|canoe|horse float|touring bicycle|running shoes|scooter|mobility scooter|log splitter|power station|e assist|mountain bike|mtb|e mtb|emtb|seat tube|outboard|long shaft|chainsaw|the saw|inverter generator|dishwasher|rowing machine|office chair|chair|tows|go kart|kart|snowmobile|dinghy|kayak|sleeps two|reach is|hardtail|dropper|seat tube angle|atv|4x4|winch|campervan|tonnes|tonne|loader|skis|avalanche|square metres|sofa|people and the boot|estate car|cassette|derailleur|road bicycle|groupset|premium for|camper|berth|motorhome|drone|fits most|estate|estate s|e bike|ebike|the pair|pair of|jacket|size|premium is|excess|nautical|departs|trkpt|boot is|wh|bicycle|smartphone|phone with|oven|flour|recipe|invoice|diesel|doors|estate car|hatchback|saloon|sedan|suv|boot|tow bar|boat|sloop|draft|beam|hotel|breakfast|platform|fare|coach|bench press|squat|room for|rooms|bedroom flat|bed flat|room flat|floor flat|flat to rent|flat to let|flat for rent|flat for sale|furnished flat|flat share|ceiling|wrench|gb|mah|troops|army|guns|index html|camp fee|serves|eggs|visibility|sunrise|km from centre|pool|for let|let i|seat post|gravel bicycle|car|train|kitchen|washing machine|laptop|camera|lens|drill|van|caravan|trailer|lawn|tractor|quad|jet ski|pannier rack|helmet|jacket for sale|budget|between fuel stops|km between|under 6 000',
  facts: ENGLISH_FACTS,
  factLabels: FACT_LABELS,
};
