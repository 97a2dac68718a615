// Made by `npm run schema` from the record classes.
"use strict";
export const isShaped = validate20;
const schema31 = {"$id":"project","$schema":"https://json-schema.org/draft/2020-12/schema","title":"Zinc Ladder project, version 19","description":"Rules between records (references, times that belong together) are in file-format.md.","properties":{"format":{"type":"string","enum":["zinc-ladder-project"]},"version":{"type":"number","enum":[19]},"savedAtMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"shop":{"$ref":"#/$defs/Shop","type":"object"},"props":{"items":{"$ref":"#/$defs/Prop"},"type":"array"},"parts":{"items":{"$ref":"#/$defs/Part"},"type":"array"},"joins":{"items":{"$ref":"#/$defs/Join"},"type":"array"},"ladders":{"items":{"$ref":"#/$defs/Ladder"},"type":"array"},"rungs":{"items":{"$ref":"#/$defs/Rung"},"type":"array"},"products":{"items":{"$ref":"#/$defs/Product"},"type":"array"},"cans":{"items":{"$ref":"#/$defs/Can"},"type":"array"},"supplies":{"items":{"$ref":"#/$defs/Supply"},"type":"array"},"suppliers":{"items":{"$ref":"#/$defs/Supplier"},"type":"array"},"packs":{"items":{"$ref":"#/$defs/Pack"},"type":"array"},"purchases":{"items":{"$ref":"#/$defs/Purchase"},"type":"array"},"mixCards":{"items":{"$ref":"#/$defs/MixCard"},"type":"array"},"logEntries":{"items":{"$ref":"#/$defs/LogEntry"},"type":"array"},"pictures":{"items":{"$ref":"#/$defs/PictureReference"},"type":"array"},"meshes":{"items":{"$ref":"#/$defs/MeshReference"},"type":"array"},"passes":{"items":{"$ref":"#/$defs/SurfacePass"},"type":"array"},"flaws":{"items":{"$ref":"#/$defs/Flaw"},"type":"array"},"fits":{"items":{"$ref":"#/$defs/Fit"},"type":"array"},"timers":{"items":{"$ref":"#/$defs/BenchTimer"},"type":"array"},"targets":{"items":{"$ref":"#/$defs/ColourTarget"},"type":"array"},"maskPlans":{"items":{"$ref":"#/$defs/MaskPlan"},"type":"array"},"stencils":{"items":{"$ref":"#/$defs/Stencil"},"type":"array"},"weatherPlans":{"items":{"$ref":"#/$defs/WeatherPlan"},"type":"array"},"techniqueCards":{"items":{"$ref":"#/$defs/TechniqueCard"},"type":"array"},"ownRoutes":{"items":{"$ref":"#/$defs/OwnRoute"},"type":"array"},"persons":{"items":{"$ref":"#/$defs/Person"},"type":"array"},"dimensions":{"items":{"$ref":"#/$defs/Dimension"},"type":"array"},"measurings":{"items":{"$ref":"#/$defs/Measuring"},"type":"array"},"matches":{"items":{"$ref":"#/$defs/PictureMatch"},"type":"array"},"lightPlans":{"items":{"$ref":"#/$defs/LightPlan"},"type":"array"},"climateReadings":{"items":{"$ref":"#/$defs/ClimateReading"},"type":"array"}},"type":"object","required":["format","version","savedAtMs","shop","props","parts","joins","ladders","rungs","products","cans","supplies","suppliers","packs","purchases","mixCards","logEntries","pictures","meshes","passes","flaws","fits","timers","targets","maskPlans","stencils","weatherPlans","techniqueCards","ownRoutes","persons","dimensions","measurings","matches","lightPlans","climateReadings"],"additionalProperties":false,"$defs":{"BenchTimer":{"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"startedAtMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"endsAtMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"note":{"maxLength":400,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","startedAtMs","endsAtMs","note","id","revision"],"additionalProperties":false},"Bought":{"properties":{"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"supplyId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"amount":{"maximum":10000000,"type":"number","minimum":0.001},"price":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0},{"type":"null"}]},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["productId","supplyId","amount","price","id","revision"],"additionalProperties":false},"BusyTime":{"properties":{"startMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"endMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"title":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"}},"type":"object","required":["startMs","endMs","title"],"additionalProperties":false},"Can":{"properties":{"productId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"sizeMillilitres":{"maximum":100000,"type":"number","minimum":0.1},"leftMillilitres":{"maximum":100000,"type":"number","minimum":0},"half":{"anyOf":[{"type":"string","enum":["a","b"]},{"type":"null"}]},"emptyGrams":{"anyOf":[{"maximum":100000,"type":"number","minimum":0},{"type":"null"}]},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"},"level":{"anyOf":[{"type":"string","enum":["enough","low","out"]},{"type":"null"}]},"countedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"boughtAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"openedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"provedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"paid":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0},{"type":"null"}]},"lot":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"place":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"note":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"}},"type":"object","required":["productId","sizeMillilitres","leftMillilitres","half","emptyGrams","id","revision","level","countedAtMs","boughtAtMs","openedAtMs","provedAtMs","paid","lot","place","note"],"additionalProperties":false},"CanWeighing":{"properties":{"reckonedMillilitres":{"maximum":100000,"type":"number","minimum":0.001},"usedMillilitres":{"maximum":100000,"type":"number","minimum":0.001},"atMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000}},"type":"object","required":["reckonedMillilitres","usedMillilitres","atMs"],"additionalProperties":false},"ClimateReading":{"properties":{"atMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"temperatureCelsius":{"maximum":70,"type":"number","minimum":-50},"relativeHumidityPercent":{"maximum":100,"type":"number","minimum":0.1},"windMetresPerSecond":{"anyOf":[{"maximum":60,"type":"number","minimum":0},{"type":"null"}]},"kind":{"type":"string","enum":["measured","forecast"]},"place":{"type":"string","enum":["shop","yard"]},"source":{"maxLength":100,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["atMs","temperatureCelsius","relativeHumidityPercent","windMetresPerSecond","kind","place","source","id","revision"],"additionalProperties":false},"ColourReading":{"properties":{"method":{"type":"string","enum":["picture","reader","simulatedReader","eye","typed"]},"lab":{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},"count":{"maximum":1000,"type":"integer","minimum":1},"spread":{"maximum":100,"type":"number","minimum":0},"atMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000}},"type":"object","required":["method","lab","count","spread","atMs"],"additionalProperties":false},"ColourTarget":{"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"propId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"origin":{"type":"string","enum":["samples","typed"]},"lab":{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},"spread":{"maximum":100,"type":"number","minimum":0},"samples":{"items":{"$ref":"#/$defs/TargetSample"},"type":"array","maxItems":40},"note":{"maxLength":2000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","propId","origin","lab","spread","samples","note","id","revision"],"additionalProperties":false},"CoverageRecord":{"properties":{"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"passId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"amount":{"maximum":10,"type":"number","minimum":0},"coverage":{"anyOf":[{"maximum":1,"type":"number","minimum":0},{"type":"null"}]},"half":{"maximum":1,"type":"number","minimum":0},"most":{"anyOf":[{"maximum":1,"type":"number","minimum":0},{"type":"null"}]},"how":{"type":"string","enum":["pair","unregistered","single","eye"]},"pictureId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"atMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000}},"type":"object","required":["id","passId","amount","coverage","half","most","how","pictureId","atMs"],"additionalProperties":false},"DaySpan":{"properties":{"startMinute":{"maximum":1439,"type":"integer","minimum":0},"endMinute":{"maximum":1440,"type":"integer","minimum":1}},"type":"object","required":["startMinute","endMinute"],"additionalProperties":false},"Dimension":{"properties":{"propId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"position":{"maximum":10000,"type":"integer","minimum":0},"meshMillimetres":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0.001},{"type":"null"}]},"note":{"maxLength":4000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["propId","name","position","meshMillimetres","note","id","revision"],"additionalProperties":false},"DimensionReading":{"properties":{"dimensionId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"a":{"$ref":"#/$defs/PicturePlace","type":"object"},"b":{"$ref":"#/$defs/PicturePlace","type":"object"},"isLeftOut":{"type":"boolean"}},"type":"object","required":["dimensionId","a","b","isLeftOut"],"additionalProperties":false},"DryingSighting":{"properties":{"stage":{"type":"string","enum":["touch","recoat","handle","sand","tape","hard"]},"isReached":{"type":"boolean"},"elapsedMinutes":{"maximum":10000000,"type":"number","minimum":0},"expectedMinutes":{"maximum":10000000,"type":"number","minimum":0.01},"atMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000}},"type":"object","required":["stage","isReached","elapsedMinutes","expectedMinutes","atMs"],"additionalProperties":false},"Fit":{"properties":{"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"otherPartId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"kind":{"type":"string","enum":["shaft","lid","slot"]},"holeMillimetres":{"maximum":10000,"type":"number","minimum":0.01},"shaftMillimetres":{"maximum":10000,"type":"number","minimum":0.01},"printErrorMillimetres":{"maximum":5,"type":"number","minimum":-5},"isMasked":{"type":"boolean"},"note":{"maxLength":2000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["partId","otherPartId","name","kind","holeMillimetres","shaftMillimetres","printErrorMillimetres","isMasked","note","id","revision"],"additionalProperties":false},"Flaw":{"properties":{"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"kind":{"type":"string","enum":["layerLine","supportScar","brim","swollenFoot","seam","pinhole","scratch","run","sag","orangePeel","drySpray","fishEye","wrinkle","crack","overspray","tapeBleed","liftedPaint","dust","printThrough"]},"sizeMillimetres":{"maximum":1000,"type":"number","minimum":0.01},"foundPassId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"fixedPassId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"pin":{"anyOf":[{"$ref":"#/$defs/FlawPin","type":"object"},{"type":"null"}]},"note":{"maxLength":2000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["partId","kind","sizeMillimetres","foundPassId","fixedPassId","pin","note","id","revision"],"additionalProperties":false},"FlawPin":{"properties":{"pictureId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"meshId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"place":{"items":{"type":"number"},"type":"array","maxItems":3,"minItems":2}},"type":"object","required":["pictureId","meshId","place"],"additionalProperties":false},"GeoPlace":{"properties":{"latitude":{"maximum":90,"type":"number","minimum":-90},"longitude":{"maximum":180,"type":"number","minimum":-180}},"type":"object","required":["latitude","longitude"],"additionalProperties":false},"HoursException":{"properties":{"date":{"pattern":"^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$","type":"string"},"spans":{"items":{"$ref":"#/$defs/DaySpan"},"type":"array","maxItems":10},"note":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"}},"type":"object","required":["date","spans","note"],"additionalProperties":false},"Join":{"properties":{"hostPartId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"hostRungId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"guestPartId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"guestRungId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"note":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"seam":{"anyOf":[{"$ref":"#/$defs/Seam","type":"object"},{"type":"null"}]},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["hostPartId","hostRungId","guestPartId","guestRungId","note","seam","id","revision"],"additionalProperties":false},"Kept":{"properties":{"level":{"anyOf":[{"type":"string","enum":["enough","low","out"]},{"type":"null"}]},"countedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"boughtAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"openedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"provedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"paid":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0},{"type":"null"}]},"lot":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"place":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"note":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["level","countedAtMs","boughtAtMs","openedAtMs","provedAtMs","paid","lot","place","note","id","revision"],"additionalProperties":false},"KnownStretch":{"properties":{"a":{"$ref":"#/$defs/PicturePlace","type":"object"},"b":{"$ref":"#/$defs/PicturePlace","type":"object"},"millimetres":{"maximum":1000000,"type":"number","minimum":0.001},"sdMillimetres":{"maximum":1000000,"type":"number","minimum":0},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"}},"type":"object","required":["a","b","millimetres","sdMillimetres","name"],"additionalProperties":false},"Ladder":{"properties":{"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"route":{"anyOf":[{"$ref":"#/$defs/LadderRoute","type":"object"},{"type":"null"}]},"rungIds":{"items":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"type":"array","uniqueItems":true,"maxItems":400},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["partId","route","rungIds","id","revision"],"additionalProperties":false},"LadderRoute":{"properties":{"finish":{"type":"string","enum":["gloss","satin","metal","bareChrome","litTranslucent","clear","textureKept","bone","leather","stone","rubber","asItIs"]},"age":{"type":"string","enum":["new","inUse","worn","battered","ancient"]},"smoothing":{"type":"string","enum":["primerOnly","putty","bodyFiller","brushEpoxy","solvent","slurry","texture"]},"joining":{"type":"string","enum":["none","joinFirst","paintApart","assembleAndMask"]},"sealing":{"type":"string","enum":["unsealed","clearBeforeWeathering","clearLast","clearBoth"]}},"type":"object","required":["finish","age","smoothing","joining","sealing"],"additionalProperties":false},"LightGroup":{"properties":{"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"in":{"$ref":"#/$defs/LightSpot","type":"object"},"out":{"$ref":"#/$defs/LightSpot","type":"object"},"hasPower":{"type":"boolean"},"hasGround":{"type":"boolean"}},"type":"object","required":["id","name","in","out","hasPower","hasGround"],"additionalProperties":false},"LightPlan":{"properties":{"propId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"partId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"kind":{"type":"string","enum":["singles","strip","addressable"]},"supplyId":{"type":"string","enum":["coin","aaa","aa","lithiumPack","usbBank","fixed"]},"cells":{"maximum":100,"type":"integer","minimum":1},"fixedVolts":{"maximum":60,"type":"number","minimum":0},"milliampHours":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0.1},{"type":"null"}]},"usable":{"maximum":1,"type":"number","minimum":0.05},"brightness":{"maximum":1,"type":"number","minimum":0.01},"colour":{"type":"string","enum":["warm","neutral","cool","red","amber","green","blue"]},"leds":{"maximum":10000,"type":"integer","minimum":0},"inRow":{"maximum":100,"type":"integer","minimum":1},"milliampsEach":{"maximum":5000,"type":"number","minimum":0},"pitchMillimetres":{"maximum":10000,"type":"number","minimum":0.1},"beamDegrees":{"maximum":170,"type":"number","minimum":1},"ohmsPerLed":{"maximum":100,"type":"number","minimum":0},"feeds":{"items":{"maximum":9999,"type":"integer","minimum":0},"type":"array","maxItems":50},"leadMillimetres":{"maximum":100000,"type":"number","minimum":0},"squareMillimetres":{"maximum":100,"type":"number","minimum":0.005},"cutEvery":{"maximum":100,"type":"integer","minimum":1},"rows":{"maximum":100,"type":"integer","minimum":1},"rowMillimetres":{"maximum":10000,"type":"number","minimum":0.1},"distanceMillimetres":{"maximum":10000,"type":"number","minimum":0},"foamSheets":{"maximum":20,"type":"integer","minimum":0},"skinHex":{"anyOf":[{"pattern":"^#[0-9a-f]{6}$","type":"string"},{"type":"null"}]},"heatAreaSquareCentimetres":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0.1},{"type":"null"}]},"darkPartId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"wallMillimetres":{"maximum":1000,"type":"number","minimum":0},"seamMillimetres":{"maximum":100,"type":"number","minimum":0},"hasLip":{"type":"boolean"},"isSeamBlack":{"type":"boolean"},"flashHertz":{"anyOf":[{"maximum":1000,"type":"number","minimum":0.01},{"type":"null"}]},"pulseHertz":{"anyOf":[{"maximum":1000000,"type":"number","minimum":1},{"type":"null"}]},"controller":{"$ref":"#/$defs/LightSpot","type":"object"},"groups":{"items":{"$ref":"#/$defs/LightGroup"},"type":"array","maxItems":200},"wires":{"items":{"$ref":"#/$defs/LightWire"},"type":"array","maxItems":400},"rungIds":{"items":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"type":"array","maxItems":20},"note":{"maxLength":4000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["propId","partId","name","kind","supplyId","cells","fixedVolts","milliampHours","usable","brightness","colour","leds","inRow","milliampsEach","pitchMillimetres","beamDegrees","ohmsPerLed","feeds","leadMillimetres","squareMillimetres","cutEvery","rows","rowMillimetres","distanceMillimetres","foamSheets","skinHex","heatAreaSquareCentimetres","darkPartId","wallMillimetres","seamMillimetres","hasLip","isSeamBlack","flashHertz","pulseHertz","controller","groups","wires","rungIds","note","id","revision"],"additionalProperties":false},"LightSpot":{"properties":{"x":{"maximum":10000,"type":"number","minimum":-10000},"y":{"maximum":10000,"type":"number","minimum":-10000},"z":{"maximum":10000,"type":"number","minimum":-10000}},"type":"object","required":["x","y","z"],"additionalProperties":false},"LightWire":{"properties":{"fromId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"fromEnd":{"type":"string","enum":["in","out"]},"toId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"toEnd":{"type":"string","enum":["in","out"]}},"type":"object","required":["fromId","fromEnd","toId","toEnd"],"additionalProperties":false},"LogEntry":{"properties":{"kind":{"type":"string","enum":["done","setDown","note","mistake","reopened","deviation"]},"atMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"counter":{"minimum":0,"type":"integer"},"propId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"partId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"rungId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"personId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"tookMillilitres":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0},{"type":"null"}]},"plannedMinutes":{"anyOf":[{"maximum":10000,"type":"number","minimum":0},{"type":"null"}]},"actualMinutes":{"anyOf":[{"maximum":10000,"type":"number","minimum":0},{"type":"null"}]},"air":{"anyOf":[{"$ref":"#/$defs/LoggedAir","type":"object"},{"type":"null"}]},"text":{"maxLength":4000,"type":"string"},"isForNextTime":{"type":"boolean"},"pictureIds":{"items":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"type":"array","maxItems":50},"correctsId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["kind","atMs","counter","propId","partId","rungId","personId","productId","tookMillilitres","plannedMinutes","actualMinutes","air","text","isForNextTime","pictureIds","correctsId","id","revision"],"additionalProperties":false},"LoggedAir":{"properties":{"temperatureCelsius":{"maximum":70,"type":"number","minimum":-50},"relativeHumidityPercent":{"maximum":100,"type":"number","minimum":0},"origin":{"type":"string","enum":["measured","forecast","typical"]}},"type":"object","required":["temperatureCelsius","relativeHumidityPercent","origin"],"additionalProperties":false},"MaskPlan":{"properties":{"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"pictureId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"regions":{"items":{"$ref":"#/$defs/MaskPlanRegion"},"type":"array","maxItems":12},"borders":{"items":{"$ref":"#/$defs/MaskPlanBorder"},"type":"array","maxItems":100},"seal":{"type":"string","enum":["under","clear","none"]},"pull":{"type":"string","enum":["wet","dry"]},"order":{"items":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"type":"array","maxItems":12},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["partId","pictureId","regions","borders","seal","pull","order","id","revision"],"additionalProperties":false},"MaskPlanBorder":{"properties":{"firstId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"secondId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"lengthMillimetres":{"maximum":100000,"type":"number","minimum":0},"form":{"type":"string","enum":["straight","curved"]},"place":{"type":"string","enum":["panelLine","free"]}},"type":"object","required":["firstId","secondId","lengthMillimetres","form","place"],"additionalProperties":false},"MaskPlanRegion":{"properties":{"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"areaSquareCentimetres":{"maximum":200000,"type":"number","minimum":0},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"coats":{"maximum":20,"type":"integer","minimum":1},"isBase":{"type":"boolean"},"chipsShowId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"spot":{"anyOf":[{"$ref":"#/$defs/PicturePlace","type":"object"},{"type":"null"}]}},"type":"object","required":["id","name","partId","areaSquareCentimetres","productId","coats","isBase","chipsShowId","spot"],"additionalProperties":false},"MatchedRegion":{"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"area":{"$ref":"#/$defs/PictureArea","type":"object"},"partId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"mixCardId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]}},"type":"object","required":["name","area","partId","mixCardId"],"additionalProperties":false},"MatchedSpot":{"properties":{"reference":{"$ref":"#/$defs/PicturePlace","type":"object"},"own":{"$ref":"#/$defs/PicturePlace","type":"object"}},"type":"object","required":["reference","own"],"additionalProperties":false},"Measuring":{"properties":{"pictureId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"origin":{"maxLength":500,"type":"string"},"distrusted":{"items":{"type":"string","enum":["light","scale"]},"type":"array","uniqueItems":true},"tiltDegrees":{"maximum":45,"type":"number","minimum":0},"rectangle":{"anyOf":[{"$ref":"#/$defs/SeenRectangle","type":"object"},{"type":"null"}]},"circle":{"anyOf":[{"$ref":"#/$defs/SeenCircle","type":"object"},{"type":"null"}]},"knowns":{"items":{"$ref":"#/$defs/KnownStretch"},"type":"array","maxItems":20},"readings":{"items":{"$ref":"#/$defs/DimensionReading"},"type":"array","maxItems":100},"pins":{"items":{"$ref":"#/$defs/PicturePin"},"type":"array","maxItems":200},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["pictureId","origin","distrusted","tiltDegrees","rectangle","circle","knowns","readings","pins","id","revision"],"additionalProperties":false},"MeshReference":{"properties":{"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"format":{"type":"string","enum":["stl","obj","3mf"]},"byteLength":{"maximum":134217728,"type":"integer","minimum":1},"unit":{"type":"string","enum":["mm","cm","in","m"]},"scale":{"maximum":1000,"type":"number","minimum":0.001},"up":{"items":{"maximum":1,"type":"number","minimum":-1},"type":"array","maxItems":3,"minItems":3},"hiddenSide":{"type":"string","enum":["none","-z","+z","-y","+y","-x","+x"]},"note":{"maxLength":4000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["partId","name","format","byteLength","unit","scale","up","hiddenSide","note","id","revision"],"additionalProperties":false},"MixCard":{"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"purpose":{"maxLength":400,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"unit":{"type":"string","enum":["drops","parts","grams"]},"components":{"items":{"$ref":"#/$defs/MixComponent"},"type":"array","maxItems":12,"minItems":1},"dilution":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"swatchHex":{"anyOf":[{"pattern":"^#[0-9a-f]{6}$","type":"string"},{"type":"null"}]},"pictureId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"targetId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"undercoatId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"coats":{"maximum":20,"type":"integer","minimum":1},"tool":{"type":"string","enum":["brush","airbrush","aerosol","sponge"]},"reading":{"anyOf":[{"$ref":"#/$defs/ColourReading","type":"object"},{"type":"null"}]},"correctsId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"madeAtMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"note":{"maxLength":4000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","purpose","unit","components","dilution","swatchHex","pictureId","targetId","undercoatId","coats","tool","reading","correctsId","madeAtMs","note","id","revision"],"additionalProperties":false},"MixComponent":{"properties":{"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"amount":{"maximum":100000,"type":"number","minimum":0.001}},"type":"object","required":["productId","name","amount"],"additionalProperties":false},"MixParts":{"properties":{"partsA":{"maximum":1000,"type":"number","minimum":0.01},"partsB":{"maximum":1000,"type":"number","minimum":0.01}},"type":"object","required":["partsA","partsB"],"additionalProperties":false},"OwnRoute":{"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"note":{"maxLength":4000,"type":"string"},"route":{"anyOf":[{"$ref":"#/$defs/LadderRoute","type":"object"},{"type":"null"}]},"steps":{"items":{"$ref":"#/$defs/RungStep"},"type":"array","maxItems":400,"minItems":1},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","note","route","steps","id","revision"],"additionalProperties":false},"Pack":{"properties":{"supplierId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"supplyId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"amount":{"maximum":10000000,"type":"number","minimum":0.001},"price":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0},{"type":"null"}]}},"type":"object","required":["supplierId","id","revision","productId","supplyId","amount","price"],"additionalProperties":false},"Part":{"properties":{"propId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"count":{"maximum":500,"type":"integer","minimum":1},"materialId":{"type":"string","enum":["rigid","soluble","translucent","flexible","resin","clearResin","cast","sheet","fabric","foam","metal","bought"]},"layerMillimetres":{"maximum":1,"type":"number","minimum":0},"areaSquareCentimetres":{"maximum":200000,"type":"number","minimum":0},"ridgeMicrometres":{"anyOf":[{"maximum":5000,"type":"number","minimum":0},{"type":"null"}]},"shapeId":{"anyOf":[{"type":"string","enum":["box","cylinder","dome","ball","plate","organic"]},{"type":"null"}]},"sizeMillimetres":{"anyOf":[{"items":{"maximum":5000,"type":"number","minimum":0.1},"type":"array","maxItems":3,"minItems":3},{"type":"null"}]},"printHours":{"anyOf":[{"maximum":2000,"type":"number","minimum":0.01},{"type":"null"}]},"print":{"anyOf":[{"$ref":"#/$defs/PartPrint","type":"object"},{"type":"null"}]},"engraving":{"anyOf":[{"$ref":"#/$defs/PartEngraving","type":"object"},{"type":"null"}]},"rackPlaces":{"maximum":200,"type":"integer","minimum":0},"note":{"maxLength":4000,"type":"string"},"position":{"minimum":0,"type":"integer"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["propId","name","count","materialId","layerMillimetres","areaSquareCentimetres","ridgeMicrometres","shapeId","sizeMillimetres","printHours","print","engraving","rackPlaces","note","position","id","revision"],"additionalProperties":false},"PartEngraving":{"properties":{"widthMillimetres":{"maximum":100,"type":"number","minimum":0.01},"depthMillimetres":{"maximum":100,"type":"number","minimum":0.01}},"type":"object","required":["widthMillimetres","depthMillimetres"],"additionalProperties":false},"PartPrint":{"properties":{"piecesLeft":{"maximum":500,"type":"integer","minimum":1},"bedPieces":{"maximum":500,"type":"integer","minimum":1},"startedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"failureShare":{"maximum":0.9,"type":"number","minimum":0}},"type":"object","required":["piecesLeft","bedPieces","startedAtMs","failureShare"],"additionalProperties":false},"PartSeat":{"properties":{"turnDegrees":{"maximum":360,"type":"number","minimum":-360},"offset":{"items":{"maximum":10000,"type":"number","minimum":-10000},"type":"array","maxItems":3,"minItems":3}},"type":"object","required":["turnDegrees","offset"],"additionalProperties":false},"Person":{"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"position":{"maximum":1000,"type":"integer","minimum":0},"hours":{"anyOf":[{"items":{"$ref":"#/$defs/WeekSpan"},"type":"array","maxItems":50},{"type":"null"}]},"exceptions":{"items":{"$ref":"#/$defs/HoursException"},"type":"array","maxItems":500},"busy":{"items":{"$ref":"#/$defs/BusyTime"},"type":"array","maxItems":5000},"refuses":{"items":{"type":"string","enum":["spraying","sanding","powerTools","solvents","masking","brushwork"]},"type":"array","uniqueItems":true,"maxItems":50},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","position","hours","exceptions","busy","refuses","id","revision"],"additionalProperties":false},"PictureArea":{"properties":{"width":{"maximum":1,"type":"number","minimum":0},"height":{"maximum":1,"type":"number","minimum":0},"x":{"maximum":1,"type":"number","minimum":0},"y":{"maximum":1,"type":"number","minimum":0}},"type":"object","required":["width","height","x","y"],"additionalProperties":false},"PictureMatch":{"properties":{"propId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"referenceId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"ownId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"atMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"conditions":{"type":"string","enum":["sameCameraAndLight","lightElsewhere","otherCamera","otherLight","otherLightAndCamera","chipsInBoth"]},"isFlat":{"type":"boolean"},"spots":{"items":{"$ref":"#/$defs/MatchedSpot"},"type":"array","maxItems":60},"regions":{"items":{"$ref":"#/$defs/MatchedRegion"},"type":"array","maxItems":60},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["propId","referenceId","ownId","atMs","conditions","isFlat","spots","regions","id","revision"],"additionalProperties":false},"PictureNeutral":{"properties":{"area":{"$ref":"#/$defs/PictureArea","type":"object"},"known":{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},"gains":{"items":{"maximum":100000,"type":"number","minimum":0},"type":"array","maxItems":3,"minItems":3}},"type":"object","required":["area","known","gains"],"additionalProperties":false},"PicturePin":{"properties":{"place":{"$ref":"#/$defs/PicturePlace","type":"object"},"text":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"}},"type":"object","required":["place","text"],"additionalProperties":false},"PicturePlace":{"properties":{"x":{"maximum":1,"type":"number","minimum":0},"y":{"maximum":1,"type":"number","minimum":0}},"type":"object","required":["x","y"],"additionalProperties":false},"PictureReference":{"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"mediaType":{"type":"string","enum":["image/jpeg","image/png","image/webp"]},"byteLength":{"maximum":67108864,"type":"integer","minimum":1},"propId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"partId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"isOwn":{"type":"boolean"},"focalShare":{"anyOf":[{"maximum":100,"type":"number","minimum":0.1},{"type":"null"}]},"neutral":{"anyOf":[{"$ref":"#/$defs/PictureNeutral","type":"object"},{"type":"null"}]},"takenAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"note":{"maxLength":4000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","mediaType","byteLength","propId","partId","isOwn","focalShare","neutral","takenAtMs","note","id","revision"],"additionalProperties":false},"PlannedWeatherPass":{"properties":{"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"techniqueId":{"type":"string","enum":["chipsTaken","washWiped","washLeft","washSprayed","washCorners","oilWash","pinWash","streaks","rustUp","verdigris","spongeStipple","grime","rustRunOff","chipsBrush","chipsSponge","scratches","dryBrush","splatter","chipsStick","soot","polishEdges","graphiteEdges","wetGloss","dust"]},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"lab":{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},"amount":{"maximum":1,"type":"number","minimum":0},"wiped":{"maximum":1,"type":"number","minimum":0},"sizeMillimetres":{"maximum":200,"type":"number","minimum":0.05},"seed":{"maximum":1000000,"type":"integer","minimum":0},"stop":{"anyOf":[{"maximum":1,"type":"number","minimum":0},{"type":"null"}]},"rungId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]}},"type":"object","required":["id","techniqueId","productId","lab","amount","wiped","sizeMillimetres","seed","stop","rungId"],"additionalProperties":false},"Product":{"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"classId":{"type":"string","enum":["fillerPrimer","primer","adhesionPrimer","lacquerColour","enamelColour","metallicLacquer","texturedEnamel","airbrushAcrylic","brushAcrylic","waterClear","lacquerClear","floorPolish","rubberDip","vinylColour","brushEpoxy","tintedEpoxy","bodyFiller","putty","slurry","textureCompound","oilWash","acrylicWash","maskingRubber","epoxyGlue","cyanoacrylate","contactCement"]},"colourHex":{"anyOf":[{"pattern":"^#[0-9a-f]{6}$","type":"string"},{"type":"null"}]},"sheen":{"type":"string","enum":["matte","eggshell","satin","semi","gloss","none"]},"values":{"items":{"$ref":"#/$defs/ProductValue"},"type":"array","maxItems":15},"effect":{"type":"string","enum":["none","metallic","candy","fluorescent"]},"lab":{"anyOf":[{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},{"type":"null"}]},"pigmentId":{"anyOf":[{"type":"string","enum":["white","black","earth","inorganic","organic","strongOrganic","mixed"]},{"type":"null"}]},"strength":{"anyOf":[{"maximum":100,"type":"number","minimum":0.01},{"type":"null"}]},"scatterPerCoat":{"anyOf":[{"maximum":100,"type":"number","minimum":0.01},{"type":"null"}]},"dryingShift":{"anyOf":[{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},{"type":"null"}]},"sightings":{"items":{"$ref":"#/$defs/DryingSighting"},"type":"array","maxItems":200},"weighings":{"items":{"$ref":"#/$defs/CanWeighing"},"type":"array","maxItems":200},"mixParts":{"anyOf":[{"$ref":"#/$defs/MixParts","type":"object"},{"type":"null"}]},"closedMonths":{"anyOf":[{"maximum":1200,"type":"number","minimum":0.1},{"type":"null"}]},"openedMonths":{"anyOf":[{"maximum":1200,"type":"number","minimum":0.1},{"type":"null"}]},"mayBeBought":{"type":"boolean"},"note":{"maxLength":4000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","classId","colourHex","sheen","values","effect","lab","pigmentId","strength","scatterPerCoat","dryingShift","sightings","weighings","mixParts","closedMonths","openedMonths","mayBeBought","note","id","revision"],"additionalProperties":false},"ProductValue":{"properties":{"field":{"type":"string","enum":["coatMicrometres","touchMinutes","recoatFromMinutes","recoatUntilMinutes","recoatAgainMinutes","handleMinutes","sandMinutes","tapeMinutes","hardMinutes","minimumFilmCelsius","volumeSolids","densityKgPerLitre","coldestCelsius","warmestCelsius","mostHumidityPercent"]},"value":{"anyOf":[{"maximum":1000000,"type":"number","minimum":-50},{"type":"null"}]},"origin":{"type":"string","enum":["label","entered","observed"]},"note":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"}},"type":"object","required":["field","value","origin","note"],"additionalProperties":false},"Prop":{"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"story":{"maxLength":4000,"type":"string"},"dueMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"weight":{"maximum":100,"type":"number","minimum":0.01},"viewingMetres":{"anyOf":[{"maximum":1000,"type":"number","minimum":0.05},{"type":"null"}]},"position":{"minimum":0,"type":"integer"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","story","dueMs","weight","viewingMetres","position","id","revision"],"additionalProperties":false},"Purchase":{"properties":{"supplierId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"count":{"maximum":100000,"type":"integer","minimum":1},"orderedAtMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"dueAtMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"arrivedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"note":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"supplyId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"amount":{"maximum":10000000,"type":"number","minimum":0.001},"price":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0},{"type":"null"}]}},"type":"object","required":["supplierId","count","orderedAtMs","dueAtMs","arrivedAtMs","note","id","revision","productId","supplyId","amount","price"],"additionalProperties":false},"Rung":{"properties":{"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"},"ladderId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"minutes":{"maximum":10000,"type":"integer","minimum":0},"minutesFormula":{"maxLength":400,"type":"string"},"areaSquareCentimetres":{"anyOf":[{"maximum":200000,"type":"number","minimum":0.01},{"type":"null"}]},"pieces":{"anyOf":[{"maximum":500,"type":"integer","minimum":1},{"type":"null"}]},"cautionIds":{"items":{"type":"string"},"type":"array","maxItems":20},"notBeforeMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"hardRungId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"lockedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"personId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"doerId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"mixCardId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"state":{"type":"string","enum":["open","inHand","setDown","done","leftOut"]},"startedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"workedMs":{"maximum":360000000,"type":"integer","minimum":0},"doneAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"methodId":{"type":"string","enum":["cut","washResin","degrease","dryFit","repair","reprint","heat","grind","shim","cutShape","drill","formSheet","trimSheet","stitch","cement","press","bond","firstCut","fill","brushFilm","solventSmooth","heatSeal","wetSand","textureOn","sand","scuff","wash","prime","primeSand","inspect","sprayCoat","airbrushCoat","dye","varnish","brushCoat","mask","maskRubber","edgeSeal","maskedCoat","unmask","scorePull","warmDry","detail","clear","brushClear","darkWash","dryBrush","stipple","rub","shade","chip","scratch","streak","splatter","polish","dustOn","polishClear","fasten","lights","fit"]},"band":{"type":"string","enum":["cutBond","fillSand","prime","colour","maskDetail","weather","fit"]},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"role":{"anyOf":[{"maxLength":20,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},{"type":"null"}]},"grit":{"anyOf":[{"maxLength":20,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},{"type":"null"}]},"coatMicrometres":{"anyOf":[{"maximum":20000,"type":"number","minimum":0},{"type":"null"}]},"side":{"type":"string","enum":["all","under","top"]},"detail":{"maxLength":4000,"type":"string"},"why":{"maxLength":2000,"type":"string"}},"type":"object","required":["id","revision","ladderId","minutes","minutesFormula","areaSquareCentimetres","pieces","cautionIds","notBeforeMs","hardRungId","lockedAtMs","personId","doerId","mixCardId","state","startedAtMs","workedMs","doneAtMs","name","methodId","band","productId","role","grit","coatMicrometres","side","detail","why"],"additionalProperties":false},"RungStep":{"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"methodId":{"type":"string","enum":["cut","washResin","degrease","dryFit","repair","reprint","heat","grind","shim","cutShape","drill","formSheet","trimSheet","stitch","cement","press","bond","firstCut","fill","brushFilm","solventSmooth","heatSeal","wetSand","textureOn","sand","scuff","wash","prime","primeSand","inspect","sprayCoat","airbrushCoat","dye","varnish","brushCoat","mask","maskRubber","edgeSeal","maskedCoat","unmask","scorePull","warmDry","detail","clear","brushClear","darkWash","dryBrush","stipple","rub","shade","chip","scratch","streak","splatter","polish","dustOn","polishClear","fasten","lights","fit"]},"band":{"type":"string","enum":["cutBond","fillSand","prime","colour","maskDetail","weather","fit"]},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"role":{"anyOf":[{"maxLength":20,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},{"type":"null"}]},"grit":{"anyOf":[{"maxLength":20,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},{"type":"null"}]},"coatMicrometres":{"anyOf":[{"maximum":20000,"type":"number","minimum":0},{"type":"null"}]},"side":{"type":"string","enum":["all","under","top"]},"detail":{"maxLength":4000,"type":"string"},"why":{"maxLength":2000,"type":"string"}},"type":"object","required":["name","methodId","band","productId","role","grit","coatMicrometres","side","detail","why"],"additionalProperties":false},"Seam":{"properties":{"dryFit":{"type":"string","enum":["notTried","fits","tight","loose","gap"]},"lengthMillimetres":{"maximum":100000,"type":"number","minimum":0},"gapMillimetres":{"maximum":100,"type":"number","minimum":0},"depthMillimetres":{"maximum":100,"type":"number","minimum":0},"stepMillimetres":{"maximum":100,"type":"number","minimum":0},"load":{"type":"string","enum":["display","handled","worn"]},"isSeen":{"type":"boolean"},"isReachable":{"type":"boolean"},"mustComeOff":{"type":"boolean"}},"type":"object","required":["dryFit","lengthMillimetres","gapMillimetres","depthMillimetres","stepMillimetres","load","isSeen","isReachable","mustComeOff"],"additionalProperties":false},"SeenCircle":{"properties":{"rim":{"items":{"$ref":"#/$defs/PicturePlace"},"type":"array","maxItems":40,"minItems":5},"centre":{"anyOf":[{"$ref":"#/$defs/PicturePlace","type":"object"},{"type":"null"}]},"diameterMillimetres":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0.001},{"type":"null"}]}},"type":"object","required":["rim","centre","diameterMillimetres"],"additionalProperties":false},"SeenRectangle":{"properties":{"corners":{"items":{"$ref":"#/$defs/PicturePlace"},"type":"array","maxItems":4,"minItems":4},"proportion":{"maximum":1000,"type":"number","minimum":0.001},"sideMillimetres":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0.001},{"type":"null"}]}},"type":"object","required":["corners","proportion","sideMillimetres"],"additionalProperties":false},"Shop":{"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"timeZone":{"minLength":1,"type":"string","maxLength":64,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"units":{"type":"string","enum":["metric","us"]},"hourCycle":{"type":"string","enum":["24","12"]},"hours":{"items":{"$ref":"#/$defs/WeekSpan"},"type":"array","maxItems":50},"exceptions":{"items":{"$ref":"#/$defs/HoursException"},"type":"array","maxItems":500},"busy":{"items":{"$ref":"#/$defs/BusyTime"},"type":"array","maxItems":5000},"sprayHours":{"items":{"$ref":"#/$defs/WeekSpan"},"type":"array","maxItems":50},"quietHours":{"items":{"$ref":"#/$defs/WeekSpan"},"type":"array","maxItems":50},"place":{"anyOf":[{"$ref":"#/$defs/GeoPlace","type":"object"},{"type":"null"}]},"spraysByDaylight":{"type":"boolean"},"airbrushesInside":{"type":"boolean"},"sprayLimits":{"$ref":"#/$defs/SprayLimitValues","type":"object"},"typicalDay":{"$ref":"#/$defs/TypicalDayValues","type":"object"},"yardDay":{"anyOf":[{"$ref":"#/$defs/TypicalDayValues","type":"object"},{"type":"null"}]},"climateSource":{"type":"string","enum":["sensor","typed","typical"]},"objective":{"type":"string","enum":["surest","readyFirst","fewestEvenings","fewestCleanings"]},"goesByOwnPace":{"type":"boolean"},"currency":{"anyOf":[{"pattern":"^[A-Z]{3}$","type":"string"},{"type":"null"}]},"hourPrice":{"anyOf":[{"maximum":100000,"type":"number","minimum":0},{"type":"null"}]},"shelfChance":{"maximum":0.999,"type":"number","minimum":0.5},"parcelDays":{"maximum":365,"type":"integer","minimum":0},"mirroredShare":{"maximum":0.05,"type":"number","minimum":0},"printers":{"maximum":50,"type":"integer","minimum":1},"boothPlaces":{"maximum":20,"type":"integer","minimum":1},"rackPlaces":{"maximum":200,"type":"integer","minimum":1},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","timeZone","units","hourCycle","hours","exceptions","busy","sprayHours","quietHours","place","spraysByDaylight","airbrushesInside","sprayLimits","typicalDay","yardDay","climateSource","objective","goesByOwnPace","currency","hourPrice","shelfChance","parcelDays","mirroredShare","printers","boothPlaces","rackPlaces","id","revision"],"additionalProperties":false},"SprayLimitValues":{"properties":{"leastDewGapKelvin":{"maximum":20,"type":"number","minimum":0},"mostHumidityPercent":{"maximum":100,"type":"number","minimum":1},"coldestCelsius":{"maximum":50,"type":"number","minimum":-10},"warmestCelsius":{"maximum":60,"type":"number","minimum":-10},"mostWindMetresPerSecond":{"anyOf":[{"maximum":30,"type":"number","minimum":0},{"type":"null"}]}},"type":"object","required":["leastDewGapKelvin","mostHumidityPercent","coldestCelsius","warmestCelsius","mostWindMetresPerSecond"],"additionalProperties":false},"Stencil":{"properties":{"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"outline":{"pattern":"^[MLZ0-9 .,-]+$","type":"string","maxLength":2000000},"millimetresPerUnit":{"maximum":10000,"type":"number","minimum":0.000001},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["partId","name","outline","millimetresPerUnit","id","revision"],"additionalProperties":false},"Supplier":{"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"days":{"maximum":365,"type":"integer","minimum":0},"sendingWeekdays":{"items":{"maximum":7,"type":"integer","minimum":1},"type":"array","uniqueItems":true,"maxItems":7},"carriage":{"maximum":1000000,"type":"number","minimum":0},"leastOrder":{"maximum":1000000,"type":"number","minimum":0},"note":{"maxLength":4000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","days","sendingWeekdays","carriage","leastOrder","note","id","revision"],"additionalProperties":false},"Supply":{"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"kindId":{"type":"string","enum":["abrasiveSheet","abrasiveDisc","tape","maskingFilm","gloves","cartridge","thinner","cups","magnets","leds","cells","sundry"]},"grit":{"anyOf":[{"maximum":20000,"type":"integer","minimum":8},{"type":"null"}]},"widthMillimetres":{"anyOf":[{"maximum":5000,"type":"number","minimum":0.1},{"type":"null"}]},"left":{"maximum":10000000,"type":"number","minimum":0},"closedMonths":{"anyOf":[{"maximum":1200,"type":"number","minimum":0.1},{"type":"null"}]},"openedMonths":{"anyOf":[{"maximum":1200,"type":"number","minimum":0.1},{"type":"null"}]},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"},"level":{"anyOf":[{"type":"string","enum":["enough","low","out"]},{"type":"null"}]},"countedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"boughtAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"openedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"provedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"paid":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0},{"type":"null"}]},"lot":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"place":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"note":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"}},"type":"object","required":["name","kindId","grit","widthMillimetres","left","closedMonths","openedMonths","id","revision","level","countedAtMs","boughtAtMs","openedAtMs","provedAtMs","paid","lot","place","note"],"additionalProperties":false},"SurfacePass":{"properties":{"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"atMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"minutes":{"maximum":10000,"type":"number","minimum":0},"plannedMinutes":{"anyOf":[{"maximum":10000,"type":"number","minimum":0},{"type":"null"}]},"zone":{"anyOf":[{"type":"string","enum":["bed","flat","dome","shoulder","wall","overhang"]},{"type":"null"}]},"valleyMicrometres":{"anyOf":[{"maximum":10000,"type":"number","minimum":0.1},{"type":"null"}]},"isGuideCoat":{"type":"boolean"},"note":{"maxLength":4000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["partId","atMs","minutes","plannedMinutes","zone","valleyMicrometres","isGuideCoat","note","id","revision"],"additionalProperties":false},"TargetSample":{"properties":{"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"pictureId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"area":{"anyOf":[{"$ref":"#/$defs/PictureArea","type":"object"},{"type":"null"}]},"lab":{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},"doubts":{"items":{"type":"string"},"type":"array","maxItems":8},"isLeftOut":{"type":"boolean"}},"type":"object","required":["id","pictureId","area","lab","doubts","isLeftOut"],"additionalProperties":false},"TechniqueCard":{"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"techniqueId":{"type":"string","enum":["chipsTaken","washWiped","washLeft","washSprayed","washCorners","oilWash","pinWash","streaks","rustUp","verdigris","spongeStipple","grime","rustRunOff","chipsBrush","chipsSponge","scratches","dryBrush","splatter","chipsStick","soot","polishEdges","graphiteEdges","wetGloss","dust"]},"triedOn":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"baseLab":{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},"depositLab":{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"amount":{"maximum":1,"type":"number","minimum":0},"wiped":{"maximum":1,"type":"number","minimum":0},"sizeMillimetres":{"maximum":200,"type":"number","minimum":0.05},"tool":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"mix":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"minutes":{"anyOf":[{"maximum":10000,"type":"number","minimum":0},{"type":"null"}]},"coverageBefore":{"anyOf":[{"maximum":1,"type":"number","minimum":0},{"type":"null"}]},"coverageAfter":{"anyOf":[{"maximum":1,"type":"number","minimum":0},{"type":"null"}]},"half":{"anyOf":[{"maximum":1,"type":"number","minimum":0},{"type":"null"}]},"isGood":{"anyOf":[{"type":"boolean"},{"type":"null"}]},"note":{"maxLength":4000,"type":"string"},"madeAtMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","techniqueId","triedOn","baseLab","depositLab","productId","amount","wiped","sizeMillimetres","tool","mix","minutes","coverageBefore","coverageAfter","half","isGood","note","madeAtMs","id","revision"],"additionalProperties":false},"TypicalDayValues":{"properties":{"meanCelsius":{"maximum":50,"type":"number","minimum":-40},"swingCelsius":{"maximum":25,"type":"number","minimum":0},"warmestHour":{"maximum":24,"type":"number","minimum":0},"meanHumidityPercent":{"maximum":100,"type":"number","minimum":1},"swingHumidityPercent":{"maximum":50,"type":"number","minimum":0}},"type":"object","required":["meanCelsius","swingCelsius","warmestHour","meanHumidityPercent","swingHumidityPercent"],"additionalProperties":false},"WearPin":{"properties":{"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"kind":{"type":"string","enum":["held","runs"]},"place":{"items":{"type":"number"},"type":"array","maxItems":3,"minItems":3}},"type":"object","required":["id","kind","place"],"additionalProperties":false},"WeatherPlan":{"properties":{"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"shownId":{"type":"string","enum":["metal","paintedMetal","wood","leather","bone","plastic","stone"]},"baseLab":{"anyOf":[{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},{"type":"null"}]},"up":{"items":{"maximum":1,"type":"number","minimum":-1},"type":"array","maxItems":3,"minItems":3},"pins":{"items":{"$ref":"#/$defs/WearPin"},"type":"array","maxItems":60},"seat":{"anyOf":[{"$ref":"#/$defs/PartSeat","type":"object"},{"type":"null"}]},"regions":{"items":{"$ref":"#/$defs/WeatherRegion"},"type":"array","maxItems":8},"passes":{"items":{"$ref":"#/$defs/PlannedWeatherPass"},"type":"array","maxItems":40},"readings":{"items":{"$ref":"#/$defs/CoverageRecord"},"type":"array","maxItems":400},"cleanPictureId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["partId","shownId","baseLab","up","pins","seat","regions","passes","readings","cleanPictureId","id","revision"],"additionalProperties":false},"WeatherRegion":{"properties":{"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"lab":{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},"place":{"items":{"type":"number"},"type":"array","maxItems":3,"minItems":3},"edgeDegrees":{"maximum":180,"type":"number","minimum":1},"reachMillimetres":{"anyOf":[{"maximum":5000,"type":"number","minimum":0.1},{"type":"null"}]},"stencilId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"turnDegrees":{"maximum":360,"type":"number","minimum":-360}},"type":"object","required":["id","productId","lab","place","edgeDegrees","reachMillimetres","stencilId","turnDegrees"],"additionalProperties":false},"WeekSpan":{"properties":{"weekday":{"maximum":7,"type":"integer","minimum":1},"startMinute":{"maximum":1439,"type":"integer","minimum":0},"endMinute":{"maximum":1440,"type":"integer","minimum":1}},"type":"object","required":["weekday","startMinute","endMinute"],"additionalProperties":false}}};
const schema43 = {"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"story":{"maxLength":4000,"type":"string"},"dueMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"weight":{"maximum":100,"type":"number","minimum":0.01},"viewingMetres":{"anyOf":[{"maximum":1000,"type":"number","minimum":0.05},{"type":"null"}]},"position":{"minimum":0,"type":"integer"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","story","dueMs","weight","viewingMetres","position","id","revision"],"additionalProperties":false};
const schema51 = {"properties":{"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"},"ladderId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"minutes":{"maximum":10000,"type":"integer","minimum":0},"minutesFormula":{"maxLength":400,"type":"string"},"areaSquareCentimetres":{"anyOf":[{"maximum":200000,"type":"number","minimum":0.01},{"type":"null"}]},"pieces":{"anyOf":[{"maximum":500,"type":"integer","minimum":1},{"type":"null"}]},"cautionIds":{"items":{"type":"string"},"type":"array","maxItems":20},"notBeforeMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"hardRungId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"lockedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"personId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"doerId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"mixCardId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"state":{"type":"string","enum":["open","inHand","setDown","done","leftOut"]},"startedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"workedMs":{"maximum":360000000,"type":"integer","minimum":0},"doneAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"methodId":{"type":"string","enum":["cut","washResin","degrease","dryFit","repair","reprint","heat","grind","shim","cutShape","drill","formSheet","trimSheet","stitch","cement","press","bond","firstCut","fill","brushFilm","solventSmooth","heatSeal","wetSand","textureOn","sand","scuff","wash","prime","primeSand","inspect","sprayCoat","airbrushCoat","dye","varnish","brushCoat","mask","maskRubber","edgeSeal","maskedCoat","unmask","scorePull","warmDry","detail","clear","brushClear","darkWash","dryBrush","stipple","rub","shade","chip","scratch","streak","splatter","polish","dustOn","polishClear","fasten","lights","fit"]},"band":{"type":"string","enum":["cutBond","fillSand","prime","colour","maskDetail","weather","fit"]},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"role":{"anyOf":[{"maxLength":20,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},{"type":"null"}]},"grit":{"anyOf":[{"maxLength":20,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},{"type":"null"}]},"coatMicrometres":{"anyOf":[{"maximum":20000,"type":"number","minimum":0},{"type":"null"}]},"side":{"type":"string","enum":["all","under","top"]},"detail":{"maxLength":4000,"type":"string"},"why":{"maxLength":2000,"type":"string"}},"type":"object","required":["id","revision","ladderId","minutes","minutesFormula","areaSquareCentimetres","pieces","cautionIds","notBeforeMs","hardRungId","lockedAtMs","personId","doerId","mixCardId","state","startedAtMs","workedMs","doneAtMs","name","methodId","band","productId","role","grit","coatMicrometres","side","detail","why"],"additionalProperties":false};
const schema57 = {"properties":{"productId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"sizeMillilitres":{"maximum":100000,"type":"number","minimum":0.1},"leftMillilitres":{"maximum":100000,"type":"number","minimum":0},"half":{"anyOf":[{"type":"string","enum":["a","b"]},{"type":"null"}]},"emptyGrams":{"anyOf":[{"maximum":100000,"type":"number","minimum":0},{"type":"null"}]},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"},"level":{"anyOf":[{"type":"string","enum":["enough","low","out"]},{"type":"null"}]},"countedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"boughtAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"openedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"provedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"paid":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0},{"type":"null"}]},"lot":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"place":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"note":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"}},"type":"object","required":["productId","sizeMillilitres","leftMillilitres","half","emptyGrams","id","revision","level","countedAtMs","boughtAtMs","openedAtMs","provedAtMs","paid","lot","place","note"],"additionalProperties":false};
const schema58 = {"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"kindId":{"type":"string","enum":["abrasiveSheet","abrasiveDisc","tape","maskingFilm","gloves","cartridge","thinner","cups","magnets","leds","cells","sundry"]},"grit":{"anyOf":[{"maximum":20000,"type":"integer","minimum":8},{"type":"null"}]},"widthMillimetres":{"anyOf":[{"maximum":5000,"type":"number","minimum":0.1},{"type":"null"}]},"left":{"maximum":10000000,"type":"number","minimum":0},"closedMonths":{"anyOf":[{"maximum":1200,"type":"number","minimum":0.1},{"type":"null"}]},"openedMonths":{"anyOf":[{"maximum":1200,"type":"number","minimum":0.1},{"type":"null"}]},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"},"level":{"anyOf":[{"type":"string","enum":["enough","low","out"]},{"type":"null"}]},"countedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"boughtAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"openedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"provedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"paid":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0},{"type":"null"}]},"lot":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"place":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"note":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"}},"type":"object","required":["name","kindId","grit","widthMillimetres","left","closedMonths","openedMonths","id","revision","level","countedAtMs","boughtAtMs","openedAtMs","provedAtMs","paid","lot","place","note"],"additionalProperties":false};
const schema59 = {"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"days":{"maximum":365,"type":"integer","minimum":0},"sendingWeekdays":{"items":{"maximum":7,"type":"integer","minimum":1},"type":"array","uniqueItems":true,"maxItems":7},"carriage":{"maximum":1000000,"type":"number","minimum":0},"leastOrder":{"maximum":1000000,"type":"number","minimum":0},"note":{"maxLength":4000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","days","sendingWeekdays","carriage","leastOrder","note","id","revision"],"additionalProperties":false};
const schema60 = {"properties":{"supplierId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"supplyId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"amount":{"maximum":10000000,"type":"number","minimum":0.001},"price":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0},{"type":"null"}]}},"type":"object","required":["supplierId","id","revision","productId","supplyId","amount","price"],"additionalProperties":false};
const schema61 = {"properties":{"supplierId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"count":{"maximum":100000,"type":"integer","minimum":1},"orderedAtMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"dueAtMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"arrivedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"note":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"supplyId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"amount":{"maximum":10000000,"type":"number","minimum":0.001},"price":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0},{"type":"null"}]}},"type":"object","required":["supplierId","count","orderedAtMs","dueAtMs","arrivedAtMs","note","id","revision","productId","supplyId","amount","price"],"additionalProperties":false};
const schema70 = {"properties":{"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"format":{"type":"string","enum":["stl","obj","3mf"]},"byteLength":{"maximum":134217728,"type":"integer","minimum":1},"unit":{"type":"string","enum":["mm","cm","in","m"]},"scale":{"maximum":1000,"type":"number","minimum":0.001},"up":{"items":{"maximum":1,"type":"number","minimum":-1},"type":"array","maxItems":3,"minItems":3},"hiddenSide":{"type":"string","enum":["none","-z","+z","-y","+y","-x","+x"]},"note":{"maxLength":4000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["partId","name","format","byteLength","unit","scale","up","hiddenSide","note","id","revision"],"additionalProperties":false};
const schema71 = {"properties":{"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"atMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"minutes":{"maximum":10000,"type":"number","minimum":0},"plannedMinutes":{"anyOf":[{"maximum":10000,"type":"number","minimum":0},{"type":"null"}]},"zone":{"anyOf":[{"type":"string","enum":["bed","flat","dome","shoulder","wall","overhang"]},{"type":"null"}]},"valleyMicrometres":{"anyOf":[{"maximum":10000,"type":"number","minimum":0.1},{"type":"null"}]},"isGuideCoat":{"type":"boolean"},"note":{"maxLength":4000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["partId","atMs","minutes","plannedMinutes","zone","valleyMicrometres","isGuideCoat","note","id","revision"],"additionalProperties":false};
const schema74 = {"properties":{"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"otherPartId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"kind":{"type":"string","enum":["shaft","lid","slot"]},"holeMillimetres":{"maximum":10000,"type":"number","minimum":0.01},"shaftMillimetres":{"maximum":10000,"type":"number","minimum":0.01},"printErrorMillimetres":{"maximum":5,"type":"number","minimum":-5},"isMasked":{"type":"boolean"},"note":{"maxLength":2000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["partId","otherPartId","name","kind","holeMillimetres","shaftMillimetres","printErrorMillimetres","isMasked","note","id","revision"],"additionalProperties":false};
const schema75 = {"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"startedAtMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"endsAtMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"note":{"maxLength":400,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","startedAtMs","endsAtMs","note","id","revision"],"additionalProperties":false};
const schema83 = {"properties":{"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"outline":{"pattern":"^[MLZ0-9 .,-]+$","type":"string","maxLength":2000000},"millimetresPerUnit":{"maximum":10000,"type":"number","minimum":0.000001},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["partId","name","outline","millimetresPerUnit","id","revision"],"additionalProperties":false};
const schema90 = {"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"techniqueId":{"type":"string","enum":["chipsTaken","washWiped","washLeft","washSprayed","washCorners","oilWash","pinWash","streaks","rustUp","verdigris","spongeStipple","grime","rustRunOff","chipsBrush","chipsSponge","scratches","dryBrush","splatter","chipsStick","soot","polishEdges","graphiteEdges","wetGloss","dust"]},"triedOn":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"baseLab":{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},"depositLab":{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"amount":{"maximum":1,"type":"number","minimum":0},"wiped":{"maximum":1,"type":"number","minimum":0},"sizeMillimetres":{"maximum":200,"type":"number","minimum":0.05},"tool":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"mix":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"minutes":{"anyOf":[{"maximum":10000,"type":"number","minimum":0},{"type":"null"}]},"coverageBefore":{"anyOf":[{"maximum":1,"type":"number","minimum":0},{"type":"null"}]},"coverageAfter":{"anyOf":[{"maximum":1,"type":"number","minimum":0},{"type":"null"}]},"half":{"anyOf":[{"maximum":1,"type":"number","minimum":0},{"type":"null"}]},"isGood":{"anyOf":[{"type":"boolean"},{"type":"null"}]},"note":{"maxLength":4000,"type":"string"},"madeAtMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","techniqueId","triedOn","baseLab","depositLab","productId","amount","wiped","sizeMillimetres","tool","mix","minutes","coverageBefore","coverageAfter","half","isGood","note","madeAtMs","id","revision"],"additionalProperties":false};
const schema97 = {"properties":{"propId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"position":{"maximum":10000,"type":"integer","minimum":0},"meshMillimetres":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0.001},{"type":"null"}]},"note":{"maxLength":4000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["propId","name","position","meshMillimetres","note","id","revision"],"additionalProperties":false};
const schema124 = {"properties":{"atMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"temperatureCelsius":{"maximum":70,"type":"number","minimum":-50},"relativeHumidityPercent":{"maximum":100,"type":"number","minimum":0.1},"windMetresPerSecond":{"anyOf":[{"maximum":60,"type":"number","minimum":0},{"type":"null"}]},"kind":{"type":"string","enum":["measured","forecast"]},"place":{"type":"string","enum":["shop","yard"]},"source":{"maxLength":100,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["atMs","temperatureCelsius","relativeHumidityPercent","windMetresPerSecond","kind","place","source","id","revision"],"additionalProperties":false};
const func1 = Object.prototype.hasOwnProperty;
const schema32 = {"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"timeZone":{"minLength":1,"type":"string","maxLength":64,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"units":{"type":"string","enum":["metric","us"]},"hourCycle":{"type":"string","enum":["24","12"]},"hours":{"items":{"$ref":"#/$defs/WeekSpan"},"type":"array","maxItems":50},"exceptions":{"items":{"$ref":"#/$defs/HoursException"},"type":"array","maxItems":500},"busy":{"items":{"$ref":"#/$defs/BusyTime"},"type":"array","maxItems":5000},"sprayHours":{"items":{"$ref":"#/$defs/WeekSpan"},"type":"array","maxItems":50},"quietHours":{"items":{"$ref":"#/$defs/WeekSpan"},"type":"array","maxItems":50},"place":{"anyOf":[{"$ref":"#/$defs/GeoPlace","type":"object"},{"type":"null"}]},"spraysByDaylight":{"type":"boolean"},"airbrushesInside":{"type":"boolean"},"sprayLimits":{"$ref":"#/$defs/SprayLimitValues","type":"object"},"typicalDay":{"$ref":"#/$defs/TypicalDayValues","type":"object"},"yardDay":{"anyOf":[{"$ref":"#/$defs/TypicalDayValues","type":"object"},{"type":"null"}]},"climateSource":{"type":"string","enum":["sensor","typed","typical"]},"objective":{"type":"string","enum":["surest","readyFirst","fewestEvenings","fewestCleanings"]},"goesByOwnPace":{"type":"boolean"},"currency":{"anyOf":[{"pattern":"^[A-Z]{3}$","type":"string"},{"type":"null"}]},"hourPrice":{"anyOf":[{"maximum":100000,"type":"number","minimum":0},{"type":"null"}]},"shelfChance":{"maximum":0.999,"type":"number","minimum":0.5},"parcelDays":{"maximum":365,"type":"integer","minimum":0},"mirroredShare":{"maximum":0.05,"type":"number","minimum":0},"printers":{"maximum":50,"type":"integer","minimum":1},"boothPlaces":{"maximum":20,"type":"integer","minimum":1},"rackPlaces":{"maximum":200,"type":"integer","minimum":1},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","timeZone","units","hourCycle","hours","exceptions","busy","sprayHours","quietHours","place","spraysByDaylight","airbrushesInside","sprayLimits","typicalDay","yardDay","climateSource","objective","goesByOwnPace","currency","hourPrice","shelfChance","parcelDays","mirroredShare","printers","boothPlaces","rackPlaces","id","revision"],"additionalProperties":false};
const schema33 = {"properties":{"weekday":{"maximum":7,"type":"integer","minimum":1},"startMinute":{"maximum":1439,"type":"integer","minimum":0},"endMinute":{"maximum":1440,"type":"integer","minimum":1}},"type":"object","required":["weekday","startMinute","endMinute"],"additionalProperties":false};
const schema36 = {"properties":{"startMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"endMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"title":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"}},"type":"object","required":["startMs","endMs","title"],"additionalProperties":false};
const schema39 = {"properties":{"latitude":{"maximum":90,"type":"number","minimum":-90},"longitude":{"maximum":180,"type":"number","minimum":-180}},"type":"object","required":["latitude","longitude"],"additionalProperties":false};
const schema40 = {"properties":{"leastDewGapKelvin":{"maximum":20,"type":"number","minimum":0},"mostHumidityPercent":{"maximum":100,"type":"number","minimum":1},"coldestCelsius":{"maximum":50,"type":"number","minimum":-10},"warmestCelsius":{"maximum":60,"type":"number","minimum":-10},"mostWindMetresPerSecond":{"anyOf":[{"maximum":30,"type":"number","minimum":0},{"type":"null"}]}},"type":"object","required":["leastDewGapKelvin","mostHumidityPercent","coldestCelsius","warmestCelsius","mostWindMetresPerSecond"],"additionalProperties":false};
const schema41 = {"properties":{"meanCelsius":{"maximum":50,"type":"number","minimum":-40},"swingCelsius":{"maximum":25,"type":"number","minimum":0},"warmestHour":{"maximum":24,"type":"number","minimum":0},"meanHumidityPercent":{"maximum":100,"type":"number","minimum":1},"swingHumidityPercent":{"maximum":50,"type":"number","minimum":0}},"type":"object","required":["meanCelsius","swingCelsius","warmestHour","meanHumidityPercent","swingHumidityPercent"],"additionalProperties":false};
const pattern4 = new RegExp("^[^\\u0000-\\u001f\\u007f]*$", "u");
const pattern9 = new RegExp("^[A-Z]{3}$", "u");
const pattern10 = new RegExp("^[A-Za-z0-9_-]{1,64}$", "u");
const schema34 = {"properties":{"date":{"pattern":"^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$","type":"string"},"spans":{"items":{"$ref":"#/$defs/DaySpan"},"type":"array","maxItems":10},"note":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"}},"type":"object","required":["date","spans","note"],"additionalProperties":false};
const schema35 = {"properties":{"startMinute":{"maximum":1439,"type":"integer","minimum":0},"endMinute":{"maximum":1440,"type":"integer","minimum":1}},"type":"object","required":["startMinute","endMinute"],"additionalProperties":false};
const pattern6 = new RegExp("^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$", "u");

function validate22(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate22.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if((((data.date === undefined) && (missing0 = "date")) || ((data.spans === undefined) && (missing0 = "spans"))) || ((data.note === undefined) && (missing0 = "note"))){
validate22.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(((key0 === "date") || (key0 === "spans")) || (key0 === "note"))){
validate22.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.date !== undefined){
let data0 = data.date;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(!pattern6.test(data0)){
validate22.errors = [{instancePath:instancePath+"/date",schemaPath:"#/properties/date/pattern",keyword:"pattern",params:{pattern: "^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$"}}];
return false;
}
}
else {
validate22.errors = [{instancePath:instancePath+"/date",schemaPath:"#/properties/date/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.spans !== undefined){
let data1 = data.spans;
const _errs4 = errors;
if(errors === _errs4){
if(Array.isArray(data1)){
if(data1.length > 10){
validate22.errors = [{instancePath:instancePath+"/spans",schemaPath:"#/properties/spans/maxItems",keyword:"maxItems",params:{limit: 10}}];
return false;
}
else {
var valid1 = true;
const len0 = data1.length;
for(let i0=0; i0<len0; i0++){
let data2 = data1[i0];
const _errs6 = errors;
const _errs7 = errors;
if(errors === _errs7){
if(data2 && typeof data2 == "object" && !Array.isArray(data2)){
let missing1;
if(((data2.startMinute === undefined) && (missing1 = "startMinute")) || ((data2.endMinute === undefined) && (missing1 = "endMinute"))){
validate22.errors = [{instancePath:instancePath+"/spans/" + i0,schemaPath:"#/$defs/DaySpan/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs9 = errors;
for(const key1 in data2){
if(!((key1 === "startMinute") || (key1 === "endMinute"))){
validate22.errors = [{instancePath:instancePath+"/spans/" + i0,schemaPath:"#/$defs/DaySpan/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs9 === errors){
if(data2.startMinute !== undefined){
let data3 = data2.startMinute;
const _errs10 = errors;
if(!(((typeof data3 == "number") && (!(data3 % 1) && !isNaN(data3))) && (isFinite(data3)))){
validate22.errors = [{instancePath:instancePath+"/spans/" + i0+"/startMinute",schemaPath:"#/$defs/DaySpan/properties/startMinute/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs10){
if((typeof data3 == "number") && (isFinite(data3))){
if(data3 > 1439 || isNaN(data3)){
validate22.errors = [{instancePath:instancePath+"/spans/" + i0+"/startMinute",schemaPath:"#/$defs/DaySpan/properties/startMinute/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1439}}];
return false;
}
else {
if(data3 < 0 || isNaN(data3)){
validate22.errors = [{instancePath:instancePath+"/spans/" + i0+"/startMinute",schemaPath:"#/$defs/DaySpan/properties/startMinute/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
}
var valid3 = _errs10 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data2.endMinute !== undefined){
let data4 = data2.endMinute;
const _errs12 = errors;
if(!(((typeof data4 == "number") && (!(data4 % 1) && !isNaN(data4))) && (isFinite(data4)))){
validate22.errors = [{instancePath:instancePath+"/spans/" + i0+"/endMinute",schemaPath:"#/$defs/DaySpan/properties/endMinute/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs12){
if((typeof data4 == "number") && (isFinite(data4))){
if(data4 > 1440 || isNaN(data4)){
validate22.errors = [{instancePath:instancePath+"/spans/" + i0+"/endMinute",schemaPath:"#/$defs/DaySpan/properties/endMinute/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1440}}];
return false;
}
else {
if(data4 < 1 || isNaN(data4)){
validate22.errors = [{instancePath:instancePath+"/spans/" + i0+"/endMinute",schemaPath:"#/$defs/DaySpan/properties/endMinute/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid3 = _errs12 === errors;
}
else {
var valid3 = true;
}
}
}
}
}
else {
validate22.errors = [{instancePath:instancePath+"/spans/" + i0,schemaPath:"#/$defs/DaySpan/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid1 = _errs6 === errors;
if(!valid1){
break;
}
}
}
}
else {
validate22.errors = [{instancePath:instancePath+"/spans",schemaPath:"#/properties/spans/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.note !== undefined){
let data5 = data.note;
const _errs14 = errors;
if(errors === _errs14){
if(typeof data5 === "string"){
if(data5.length > 200){
validate22.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(!pattern4.test(data5)){
validate22.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate22.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs14 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
else {
validate22.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate22.errors = vErrors;
return errors === 0;
}
validate22.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};


function validate21(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate21.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if(((((((((((((((((((((((((((((data.name === undefined) && (missing0 = "name")) || ((data.timeZone === undefined) && (missing0 = "timeZone"))) || ((data.units === undefined) && (missing0 = "units"))) || ((data.hourCycle === undefined) && (missing0 = "hourCycle"))) || ((data.hours === undefined) && (missing0 = "hours"))) || ((data.exceptions === undefined) && (missing0 = "exceptions"))) || ((data.busy === undefined) && (missing0 = "busy"))) || ((data.sprayHours === undefined) && (missing0 = "sprayHours"))) || ((data.quietHours === undefined) && (missing0 = "quietHours"))) || ((data.place === undefined) && (missing0 = "place"))) || ((data.spraysByDaylight === undefined) && (missing0 = "spraysByDaylight"))) || ((data.airbrushesInside === undefined) && (missing0 = "airbrushesInside"))) || ((data.sprayLimits === undefined) && (missing0 = "sprayLimits"))) || ((data.typicalDay === undefined) && (missing0 = "typicalDay"))) || ((data.yardDay === undefined) && (missing0 = "yardDay"))) || ((data.climateSource === undefined) && (missing0 = "climateSource"))) || ((data.objective === undefined) && (missing0 = "objective"))) || ((data.goesByOwnPace === undefined) && (missing0 = "goesByOwnPace"))) || ((data.currency === undefined) && (missing0 = "currency"))) || ((data.hourPrice === undefined) && (missing0 = "hourPrice"))) || ((data.shelfChance === undefined) && (missing0 = "shelfChance"))) || ((data.parcelDays === undefined) && (missing0 = "parcelDays"))) || ((data.mirroredShare === undefined) && (missing0 = "mirroredShare"))) || ((data.printers === undefined) && (missing0 = "printers"))) || ((data.boothPlaces === undefined) && (missing0 = "boothPlaces"))) || ((data.rackPlaces === undefined) && (missing0 = "rackPlaces"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate21.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(func1.call(schema32.properties, key0))){
validate21.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.name !== undefined){
let data0 = data.name;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(data0.length > 200){
validate21.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data0.length < 1){
validate21.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data0)){
validate21.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.timeZone !== undefined){
let data1 = data.timeZone;
const _errs4 = errors;
if(errors === _errs4){
if(typeof data1 === "string"){
if(data1.length > 64){
validate21.errors = [{instancePath:instancePath+"/timeZone",schemaPath:"#/properties/timeZone/maxLength",keyword:"maxLength",params:{limit: 64}}];
return false;
}
else {
if(data1.length < 1){
validate21.errors = [{instancePath:instancePath+"/timeZone",schemaPath:"#/properties/timeZone/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data1)){
validate21.errors = [{instancePath:instancePath+"/timeZone",schemaPath:"#/properties/timeZone/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/timeZone",schemaPath:"#/properties/timeZone/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.units !== undefined){
let data2 = data.units;
const _errs6 = errors;
if(typeof data2 !== "string"){
validate21.errors = [{instancePath:instancePath+"/units",schemaPath:"#/properties/units/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((data2 === "metric") || (data2 === "us"))){
validate21.errors = [{instancePath:instancePath+"/units",schemaPath:"#/properties/units/enum",keyword:"enum",params:{allowedValues: schema32.properties.units.enum}}];
return false;
}
var valid0 = _errs6 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.hourCycle !== undefined){
let data3 = data.hourCycle;
const _errs8 = errors;
if(typeof data3 !== "string"){
validate21.errors = [{instancePath:instancePath+"/hourCycle",schemaPath:"#/properties/hourCycle/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((data3 === "24") || (data3 === "12"))){
validate21.errors = [{instancePath:instancePath+"/hourCycle",schemaPath:"#/properties/hourCycle/enum",keyword:"enum",params:{allowedValues: schema32.properties.hourCycle.enum}}];
return false;
}
var valid0 = _errs8 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.hours !== undefined){
let data4 = data.hours;
const _errs10 = errors;
if(errors === _errs10){
if(Array.isArray(data4)){
if(data4.length > 50){
validate21.errors = [{instancePath:instancePath+"/hours",schemaPath:"#/properties/hours/maxItems",keyword:"maxItems",params:{limit: 50}}];
return false;
}
else {
var valid1 = true;
const len0 = data4.length;
for(let i0=0; i0<len0; i0++){
let data5 = data4[i0];
const _errs12 = errors;
const _errs13 = errors;
if(errors === _errs13){
if(data5 && typeof data5 == "object" && !Array.isArray(data5)){
let missing1;
if((((data5.weekday === undefined) && (missing1 = "weekday")) || ((data5.startMinute === undefined) && (missing1 = "startMinute"))) || ((data5.endMinute === undefined) && (missing1 = "endMinute"))){
validate21.errors = [{instancePath:instancePath+"/hours/" + i0,schemaPath:"#/$defs/WeekSpan/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs15 = errors;
for(const key1 in data5){
if(!(((key1 === "weekday") || (key1 === "startMinute")) || (key1 === "endMinute"))){
validate21.errors = [{instancePath:instancePath+"/hours/" + i0,schemaPath:"#/$defs/WeekSpan/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs15 === errors){
if(data5.weekday !== undefined){
let data6 = data5.weekday;
const _errs16 = errors;
if(!(((typeof data6 == "number") && (!(data6 % 1) && !isNaN(data6))) && (isFinite(data6)))){
validate21.errors = [{instancePath:instancePath+"/hours/" + i0+"/weekday",schemaPath:"#/$defs/WeekSpan/properties/weekday/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs16){
if((typeof data6 == "number") && (isFinite(data6))){
if(data6 > 7 || isNaN(data6)){
validate21.errors = [{instancePath:instancePath+"/hours/" + i0+"/weekday",schemaPath:"#/$defs/WeekSpan/properties/weekday/maximum",keyword:"maximum",params:{comparison: "<=", limit: 7}}];
return false;
}
else {
if(data6 < 1 || isNaN(data6)){
validate21.errors = [{instancePath:instancePath+"/hours/" + i0+"/weekday",schemaPath:"#/$defs/WeekSpan/properties/weekday/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid3 = _errs16 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data5.startMinute !== undefined){
let data7 = data5.startMinute;
const _errs18 = errors;
if(!(((typeof data7 == "number") && (!(data7 % 1) && !isNaN(data7))) && (isFinite(data7)))){
validate21.errors = [{instancePath:instancePath+"/hours/" + i0+"/startMinute",schemaPath:"#/$defs/WeekSpan/properties/startMinute/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs18){
if((typeof data7 == "number") && (isFinite(data7))){
if(data7 > 1439 || isNaN(data7)){
validate21.errors = [{instancePath:instancePath+"/hours/" + i0+"/startMinute",schemaPath:"#/$defs/WeekSpan/properties/startMinute/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1439}}];
return false;
}
else {
if(data7 < 0 || isNaN(data7)){
validate21.errors = [{instancePath:instancePath+"/hours/" + i0+"/startMinute",schemaPath:"#/$defs/WeekSpan/properties/startMinute/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
}
var valid3 = _errs18 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data5.endMinute !== undefined){
let data8 = data5.endMinute;
const _errs20 = errors;
if(!(((typeof data8 == "number") && (!(data8 % 1) && !isNaN(data8))) && (isFinite(data8)))){
validate21.errors = [{instancePath:instancePath+"/hours/" + i0+"/endMinute",schemaPath:"#/$defs/WeekSpan/properties/endMinute/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs20){
if((typeof data8 == "number") && (isFinite(data8))){
if(data8 > 1440 || isNaN(data8)){
validate21.errors = [{instancePath:instancePath+"/hours/" + i0+"/endMinute",schemaPath:"#/$defs/WeekSpan/properties/endMinute/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1440}}];
return false;
}
else {
if(data8 < 1 || isNaN(data8)){
validate21.errors = [{instancePath:instancePath+"/hours/" + i0+"/endMinute",schemaPath:"#/$defs/WeekSpan/properties/endMinute/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid3 = _errs20 === errors;
}
else {
var valid3 = true;
}
}
}
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/hours/" + i0,schemaPath:"#/$defs/WeekSpan/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid1 = _errs12 === errors;
if(!valid1){
break;
}
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/hours",schemaPath:"#/properties/hours/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs10 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.exceptions !== undefined){
let data9 = data.exceptions;
const _errs22 = errors;
if(errors === _errs22){
if(Array.isArray(data9)){
if(data9.length > 500){
validate21.errors = [{instancePath:instancePath+"/exceptions",schemaPath:"#/properties/exceptions/maxItems",keyword:"maxItems",params:{limit: 500}}];
return false;
}
else {
var valid4 = true;
const len1 = data9.length;
for(let i1=0; i1<len1; i1++){
const _errs24 = errors;
if(!(validate22(data9[i1], {instancePath:instancePath+"/exceptions/" + i1,parentData:data9,parentDataProperty:i1,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate22.errors : vErrors.concat(validate22.errors);
errors = vErrors.length;
}
var valid4 = _errs24 === errors;
if(!valid4){
break;
}
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/exceptions",schemaPath:"#/properties/exceptions/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs22 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.busy !== undefined){
let data11 = data.busy;
const _errs25 = errors;
if(errors === _errs25){
if(Array.isArray(data11)){
if(data11.length > 5000){
validate21.errors = [{instancePath:instancePath+"/busy",schemaPath:"#/properties/busy/maxItems",keyword:"maxItems",params:{limit: 5000}}];
return false;
}
else {
var valid5 = true;
const len2 = data11.length;
for(let i2=0; i2<len2; i2++){
let data12 = data11[i2];
const _errs27 = errors;
const _errs28 = errors;
if(errors === _errs28){
if(data12 && typeof data12 == "object" && !Array.isArray(data12)){
let missing2;
if((((data12.startMs === undefined) && (missing2 = "startMs")) || ((data12.endMs === undefined) && (missing2 = "endMs"))) || ((data12.title === undefined) && (missing2 = "title"))){
validate21.errors = [{instancePath:instancePath+"/busy/" + i2,schemaPath:"#/$defs/BusyTime/required",keyword:"required",params:{missingProperty: missing2}}];
return false;
}
else {
const _errs30 = errors;
for(const key2 in data12){
if(!(((key2 === "startMs") || (key2 === "endMs")) || (key2 === "title"))){
validate21.errors = [{instancePath:instancePath+"/busy/" + i2,schemaPath:"#/$defs/BusyTime/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key2}}];
return false;
break;
}
}
if(_errs30 === errors){
if(data12.startMs !== undefined){
let data13 = data12.startMs;
const _errs31 = errors;
if(!(((typeof data13 == "number") && (!(data13 % 1) && !isNaN(data13))) && (isFinite(data13)))){
validate21.errors = [{instancePath:instancePath+"/busy/" + i2+"/startMs",schemaPath:"#/$defs/BusyTime/properties/startMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs31){
if((typeof data13 == "number") && (isFinite(data13))){
if(data13 > 4102444800000 || isNaN(data13)){
validate21.errors = [{instancePath:instancePath+"/busy/" + i2+"/startMs",schemaPath:"#/$defs/BusyTime/properties/startMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data13 < 946684800000 || isNaN(data13)){
validate21.errors = [{instancePath:instancePath+"/busy/" + i2+"/startMs",schemaPath:"#/$defs/BusyTime/properties/startMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid7 = _errs31 === errors;
}
else {
var valid7 = true;
}
if(valid7){
if(data12.endMs !== undefined){
let data14 = data12.endMs;
const _errs33 = errors;
if(!(((typeof data14 == "number") && (!(data14 % 1) && !isNaN(data14))) && (isFinite(data14)))){
validate21.errors = [{instancePath:instancePath+"/busy/" + i2+"/endMs",schemaPath:"#/$defs/BusyTime/properties/endMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs33){
if((typeof data14 == "number") && (isFinite(data14))){
if(data14 > 4102444800000 || isNaN(data14)){
validate21.errors = [{instancePath:instancePath+"/busy/" + i2+"/endMs",schemaPath:"#/$defs/BusyTime/properties/endMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data14 < 946684800000 || isNaN(data14)){
validate21.errors = [{instancePath:instancePath+"/busy/" + i2+"/endMs",schemaPath:"#/$defs/BusyTime/properties/endMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid7 = _errs33 === errors;
}
else {
var valid7 = true;
}
if(valid7){
if(data12.title !== undefined){
let data15 = data12.title;
const _errs35 = errors;
if(errors === _errs35){
if(typeof data15 === "string"){
if(data15.length > 200){
validate21.errors = [{instancePath:instancePath+"/busy/" + i2+"/title",schemaPath:"#/$defs/BusyTime/properties/title/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(!pattern4.test(data15)){
validate21.errors = [{instancePath:instancePath+"/busy/" + i2+"/title",schemaPath:"#/$defs/BusyTime/properties/title/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/busy/" + i2+"/title",schemaPath:"#/$defs/BusyTime/properties/title/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid7 = _errs35 === errors;
}
else {
var valid7 = true;
}
}
}
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/busy/" + i2,schemaPath:"#/$defs/BusyTime/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid5 = _errs27 === errors;
if(!valid5){
break;
}
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/busy",schemaPath:"#/properties/busy/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs25 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.sprayHours !== undefined){
let data16 = data.sprayHours;
const _errs37 = errors;
if(errors === _errs37){
if(Array.isArray(data16)){
if(data16.length > 50){
validate21.errors = [{instancePath:instancePath+"/sprayHours",schemaPath:"#/properties/sprayHours/maxItems",keyword:"maxItems",params:{limit: 50}}];
return false;
}
else {
var valid8 = true;
const len3 = data16.length;
for(let i3=0; i3<len3; i3++){
let data17 = data16[i3];
const _errs39 = errors;
const _errs40 = errors;
if(errors === _errs40){
if(data17 && typeof data17 == "object" && !Array.isArray(data17)){
let missing3;
if((((data17.weekday === undefined) && (missing3 = "weekday")) || ((data17.startMinute === undefined) && (missing3 = "startMinute"))) || ((data17.endMinute === undefined) && (missing3 = "endMinute"))){
validate21.errors = [{instancePath:instancePath+"/sprayHours/" + i3,schemaPath:"#/$defs/WeekSpan/required",keyword:"required",params:{missingProperty: missing3}}];
return false;
}
else {
const _errs42 = errors;
for(const key3 in data17){
if(!(((key3 === "weekday") || (key3 === "startMinute")) || (key3 === "endMinute"))){
validate21.errors = [{instancePath:instancePath+"/sprayHours/" + i3,schemaPath:"#/$defs/WeekSpan/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key3}}];
return false;
break;
}
}
if(_errs42 === errors){
if(data17.weekday !== undefined){
let data18 = data17.weekday;
const _errs43 = errors;
if(!(((typeof data18 == "number") && (!(data18 % 1) && !isNaN(data18))) && (isFinite(data18)))){
validate21.errors = [{instancePath:instancePath+"/sprayHours/" + i3+"/weekday",schemaPath:"#/$defs/WeekSpan/properties/weekday/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs43){
if((typeof data18 == "number") && (isFinite(data18))){
if(data18 > 7 || isNaN(data18)){
validate21.errors = [{instancePath:instancePath+"/sprayHours/" + i3+"/weekday",schemaPath:"#/$defs/WeekSpan/properties/weekday/maximum",keyword:"maximum",params:{comparison: "<=", limit: 7}}];
return false;
}
else {
if(data18 < 1 || isNaN(data18)){
validate21.errors = [{instancePath:instancePath+"/sprayHours/" + i3+"/weekday",schemaPath:"#/$defs/WeekSpan/properties/weekday/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid10 = _errs43 === errors;
}
else {
var valid10 = true;
}
if(valid10){
if(data17.startMinute !== undefined){
let data19 = data17.startMinute;
const _errs45 = errors;
if(!(((typeof data19 == "number") && (!(data19 % 1) && !isNaN(data19))) && (isFinite(data19)))){
validate21.errors = [{instancePath:instancePath+"/sprayHours/" + i3+"/startMinute",schemaPath:"#/$defs/WeekSpan/properties/startMinute/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs45){
if((typeof data19 == "number") && (isFinite(data19))){
if(data19 > 1439 || isNaN(data19)){
validate21.errors = [{instancePath:instancePath+"/sprayHours/" + i3+"/startMinute",schemaPath:"#/$defs/WeekSpan/properties/startMinute/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1439}}];
return false;
}
else {
if(data19 < 0 || isNaN(data19)){
validate21.errors = [{instancePath:instancePath+"/sprayHours/" + i3+"/startMinute",schemaPath:"#/$defs/WeekSpan/properties/startMinute/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
}
var valid10 = _errs45 === errors;
}
else {
var valid10 = true;
}
if(valid10){
if(data17.endMinute !== undefined){
let data20 = data17.endMinute;
const _errs47 = errors;
if(!(((typeof data20 == "number") && (!(data20 % 1) && !isNaN(data20))) && (isFinite(data20)))){
validate21.errors = [{instancePath:instancePath+"/sprayHours/" + i3+"/endMinute",schemaPath:"#/$defs/WeekSpan/properties/endMinute/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs47){
if((typeof data20 == "number") && (isFinite(data20))){
if(data20 > 1440 || isNaN(data20)){
validate21.errors = [{instancePath:instancePath+"/sprayHours/" + i3+"/endMinute",schemaPath:"#/$defs/WeekSpan/properties/endMinute/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1440}}];
return false;
}
else {
if(data20 < 1 || isNaN(data20)){
validate21.errors = [{instancePath:instancePath+"/sprayHours/" + i3+"/endMinute",schemaPath:"#/$defs/WeekSpan/properties/endMinute/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid10 = _errs47 === errors;
}
else {
var valid10 = true;
}
}
}
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/sprayHours/" + i3,schemaPath:"#/$defs/WeekSpan/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid8 = _errs39 === errors;
if(!valid8){
break;
}
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/sprayHours",schemaPath:"#/properties/sprayHours/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs37 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.quietHours !== undefined){
let data21 = data.quietHours;
const _errs49 = errors;
if(errors === _errs49){
if(Array.isArray(data21)){
if(data21.length > 50){
validate21.errors = [{instancePath:instancePath+"/quietHours",schemaPath:"#/properties/quietHours/maxItems",keyword:"maxItems",params:{limit: 50}}];
return false;
}
else {
var valid11 = true;
const len4 = data21.length;
for(let i4=0; i4<len4; i4++){
let data22 = data21[i4];
const _errs51 = errors;
const _errs52 = errors;
if(errors === _errs52){
if(data22 && typeof data22 == "object" && !Array.isArray(data22)){
let missing4;
if((((data22.weekday === undefined) && (missing4 = "weekday")) || ((data22.startMinute === undefined) && (missing4 = "startMinute"))) || ((data22.endMinute === undefined) && (missing4 = "endMinute"))){
validate21.errors = [{instancePath:instancePath+"/quietHours/" + i4,schemaPath:"#/$defs/WeekSpan/required",keyword:"required",params:{missingProperty: missing4}}];
return false;
}
else {
const _errs54 = errors;
for(const key4 in data22){
if(!(((key4 === "weekday") || (key4 === "startMinute")) || (key4 === "endMinute"))){
validate21.errors = [{instancePath:instancePath+"/quietHours/" + i4,schemaPath:"#/$defs/WeekSpan/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key4}}];
return false;
break;
}
}
if(_errs54 === errors){
if(data22.weekday !== undefined){
let data23 = data22.weekday;
const _errs55 = errors;
if(!(((typeof data23 == "number") && (!(data23 % 1) && !isNaN(data23))) && (isFinite(data23)))){
validate21.errors = [{instancePath:instancePath+"/quietHours/" + i4+"/weekday",schemaPath:"#/$defs/WeekSpan/properties/weekday/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs55){
if((typeof data23 == "number") && (isFinite(data23))){
if(data23 > 7 || isNaN(data23)){
validate21.errors = [{instancePath:instancePath+"/quietHours/" + i4+"/weekday",schemaPath:"#/$defs/WeekSpan/properties/weekday/maximum",keyword:"maximum",params:{comparison: "<=", limit: 7}}];
return false;
}
else {
if(data23 < 1 || isNaN(data23)){
validate21.errors = [{instancePath:instancePath+"/quietHours/" + i4+"/weekday",schemaPath:"#/$defs/WeekSpan/properties/weekday/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid13 = _errs55 === errors;
}
else {
var valid13 = true;
}
if(valid13){
if(data22.startMinute !== undefined){
let data24 = data22.startMinute;
const _errs57 = errors;
if(!(((typeof data24 == "number") && (!(data24 % 1) && !isNaN(data24))) && (isFinite(data24)))){
validate21.errors = [{instancePath:instancePath+"/quietHours/" + i4+"/startMinute",schemaPath:"#/$defs/WeekSpan/properties/startMinute/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs57){
if((typeof data24 == "number") && (isFinite(data24))){
if(data24 > 1439 || isNaN(data24)){
validate21.errors = [{instancePath:instancePath+"/quietHours/" + i4+"/startMinute",schemaPath:"#/$defs/WeekSpan/properties/startMinute/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1439}}];
return false;
}
else {
if(data24 < 0 || isNaN(data24)){
validate21.errors = [{instancePath:instancePath+"/quietHours/" + i4+"/startMinute",schemaPath:"#/$defs/WeekSpan/properties/startMinute/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
}
var valid13 = _errs57 === errors;
}
else {
var valid13 = true;
}
if(valid13){
if(data22.endMinute !== undefined){
let data25 = data22.endMinute;
const _errs59 = errors;
if(!(((typeof data25 == "number") && (!(data25 % 1) && !isNaN(data25))) && (isFinite(data25)))){
validate21.errors = [{instancePath:instancePath+"/quietHours/" + i4+"/endMinute",schemaPath:"#/$defs/WeekSpan/properties/endMinute/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs59){
if((typeof data25 == "number") && (isFinite(data25))){
if(data25 > 1440 || isNaN(data25)){
validate21.errors = [{instancePath:instancePath+"/quietHours/" + i4+"/endMinute",schemaPath:"#/$defs/WeekSpan/properties/endMinute/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1440}}];
return false;
}
else {
if(data25 < 1 || isNaN(data25)){
validate21.errors = [{instancePath:instancePath+"/quietHours/" + i4+"/endMinute",schemaPath:"#/$defs/WeekSpan/properties/endMinute/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid13 = _errs59 === errors;
}
else {
var valid13 = true;
}
}
}
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/quietHours/" + i4,schemaPath:"#/$defs/WeekSpan/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid11 = _errs51 === errors;
if(!valid11){
break;
}
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/quietHours",schemaPath:"#/properties/quietHours/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs49 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.place !== undefined){
let data26 = data.place;
const _errs61 = errors;
const _errs62 = errors;
let valid14 = false;
const _errs63 = errors;
if(!(data26 && typeof data26 == "object" && !Array.isArray(data26))){
const err0 = {instancePath:instancePath+"/place",schemaPath:"#/properties/place/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
const _errs64 = errors;
if(errors === _errs64){
if(data26 && typeof data26 == "object" && !Array.isArray(data26)){
let missing5;
if(((data26.latitude === undefined) && (missing5 = "latitude")) || ((data26.longitude === undefined) && (missing5 = "longitude"))){
const err1 = {instancePath:instancePath+"/place",schemaPath:"#/$defs/GeoPlace/required",keyword:"required",params:{missingProperty: missing5}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
else {
const _errs66 = errors;
for(const key5 in data26){
if(!((key5 === "latitude") || (key5 === "longitude"))){
const err2 = {instancePath:instancePath+"/place",schemaPath:"#/$defs/GeoPlace/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key5}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
break;
}
}
if(_errs66 === errors){
if(data26.latitude !== undefined){
let data27 = data26.latitude;
const _errs67 = errors;
if(errors === _errs67){
if((typeof data27 == "number") && (isFinite(data27))){
if(data27 > 90 || isNaN(data27)){
const err3 = {instancePath:instancePath+"/place/latitude",schemaPath:"#/$defs/GeoPlace/properties/latitude/maximum",keyword:"maximum",params:{comparison: "<=", limit: 90}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
}
else {
if(data27 < -90 || isNaN(data27)){
const err4 = {instancePath:instancePath+"/place/latitude",schemaPath:"#/$defs/GeoPlace/properties/latitude/minimum",keyword:"minimum",params:{comparison: ">=", limit: -90}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
}
}
else {
const err5 = {instancePath:instancePath+"/place/latitude",schemaPath:"#/$defs/GeoPlace/properties/latitude/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
}
var valid16 = _errs67 === errors;
}
else {
var valid16 = true;
}
if(valid16){
if(data26.longitude !== undefined){
let data28 = data26.longitude;
const _errs69 = errors;
if(errors === _errs69){
if((typeof data28 == "number") && (isFinite(data28))){
if(data28 > 180 || isNaN(data28)){
const err6 = {instancePath:instancePath+"/place/longitude",schemaPath:"#/$defs/GeoPlace/properties/longitude/maximum",keyword:"maximum",params:{comparison: "<=", limit: 180}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
}
else {
if(data28 < -180 || isNaN(data28)){
const err7 = {instancePath:instancePath+"/place/longitude",schemaPath:"#/$defs/GeoPlace/properties/longitude/minimum",keyword:"minimum",params:{comparison: ">=", limit: -180}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
}
}
}
else {
const err8 = {instancePath:instancePath+"/place/longitude",schemaPath:"#/$defs/GeoPlace/properties/longitude/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
}
}
var valid16 = _errs69 === errors;
}
else {
var valid16 = true;
}
}
}
}
}
else {
const err9 = {instancePath:instancePath+"/place",schemaPath:"#/$defs/GeoPlace/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
}
}
var _valid0 = _errs63 === errors;
valid14 = valid14 || _valid0;
const _errs72 = errors;
if(data26 !== null){
const err10 = {instancePath:instancePath+"/place",schemaPath:"#/properties/place/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
}
var _valid0 = _errs72 === errors;
valid14 = valid14 || _valid0;
if(!valid14){
const err11 = {instancePath:instancePath+"/place",schemaPath:"#/properties/place/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
validate21.errors = vErrors;
return false;
}
else {
errors = _errs62;
if(vErrors !== null){
if(_errs62){
vErrors.length = _errs62;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs61 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.spraysByDaylight !== undefined){
const _errs74 = errors;
if(typeof data.spraysByDaylight !== "boolean"){
validate21.errors = [{instancePath:instancePath+"/spraysByDaylight",schemaPath:"#/properties/spraysByDaylight/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid0 = _errs74 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.airbrushesInside !== undefined){
const _errs76 = errors;
if(typeof data.airbrushesInside !== "boolean"){
validate21.errors = [{instancePath:instancePath+"/airbrushesInside",schemaPath:"#/properties/airbrushesInside/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid0 = _errs76 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.sprayLimits !== undefined){
let data31 = data.sprayLimits;
const _errs78 = errors;
if(!(data31 && typeof data31 == "object" && !Array.isArray(data31))){
validate21.errors = [{instancePath:instancePath+"/sprayLimits",schemaPath:"#/properties/sprayLimits/type",keyword:"type",params:{type: "object"}}];
return false;
}
const _errs79 = errors;
if(errors === _errs79){
if(data31 && typeof data31 == "object" && !Array.isArray(data31)){
let missing6;
if((((((data31.leastDewGapKelvin === undefined) && (missing6 = "leastDewGapKelvin")) || ((data31.mostHumidityPercent === undefined) && (missing6 = "mostHumidityPercent"))) || ((data31.coldestCelsius === undefined) && (missing6 = "coldestCelsius"))) || ((data31.warmestCelsius === undefined) && (missing6 = "warmestCelsius"))) || ((data31.mostWindMetresPerSecond === undefined) && (missing6 = "mostWindMetresPerSecond"))){
validate21.errors = [{instancePath:instancePath+"/sprayLimits",schemaPath:"#/$defs/SprayLimitValues/required",keyword:"required",params:{missingProperty: missing6}}];
return false;
}
else {
const _errs81 = errors;
for(const key6 in data31){
if(!(((((key6 === "leastDewGapKelvin") || (key6 === "mostHumidityPercent")) || (key6 === "coldestCelsius")) || (key6 === "warmestCelsius")) || (key6 === "mostWindMetresPerSecond"))){
validate21.errors = [{instancePath:instancePath+"/sprayLimits",schemaPath:"#/$defs/SprayLimitValues/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key6}}];
return false;
break;
}
}
if(_errs81 === errors){
if(data31.leastDewGapKelvin !== undefined){
let data32 = data31.leastDewGapKelvin;
const _errs82 = errors;
if(errors === _errs82){
if((typeof data32 == "number") && (isFinite(data32))){
if(data32 > 20 || isNaN(data32)){
validate21.errors = [{instancePath:instancePath+"/sprayLimits/leastDewGapKelvin",schemaPath:"#/$defs/SprayLimitValues/properties/leastDewGapKelvin/maximum",keyword:"maximum",params:{comparison: "<=", limit: 20}}];
return false;
}
else {
if(data32 < 0 || isNaN(data32)){
validate21.errors = [{instancePath:instancePath+"/sprayLimits/leastDewGapKelvin",schemaPath:"#/$defs/SprayLimitValues/properties/leastDewGapKelvin/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/sprayLimits/leastDewGapKelvin",schemaPath:"#/$defs/SprayLimitValues/properties/leastDewGapKelvin/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid18 = _errs82 === errors;
}
else {
var valid18 = true;
}
if(valid18){
if(data31.mostHumidityPercent !== undefined){
let data33 = data31.mostHumidityPercent;
const _errs84 = errors;
if(errors === _errs84){
if((typeof data33 == "number") && (isFinite(data33))){
if(data33 > 100 || isNaN(data33)){
validate21.errors = [{instancePath:instancePath+"/sprayLimits/mostHumidityPercent",schemaPath:"#/$defs/SprayLimitValues/properties/mostHumidityPercent/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}}];
return false;
}
else {
if(data33 < 1 || isNaN(data33)){
validate21.errors = [{instancePath:instancePath+"/sprayLimits/mostHumidityPercent",schemaPath:"#/$defs/SprayLimitValues/properties/mostHumidityPercent/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/sprayLimits/mostHumidityPercent",schemaPath:"#/$defs/SprayLimitValues/properties/mostHumidityPercent/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid18 = _errs84 === errors;
}
else {
var valid18 = true;
}
if(valid18){
if(data31.coldestCelsius !== undefined){
let data34 = data31.coldestCelsius;
const _errs86 = errors;
if(errors === _errs86){
if((typeof data34 == "number") && (isFinite(data34))){
if(data34 > 50 || isNaN(data34)){
validate21.errors = [{instancePath:instancePath+"/sprayLimits/coldestCelsius",schemaPath:"#/$defs/SprayLimitValues/properties/coldestCelsius/maximum",keyword:"maximum",params:{comparison: "<=", limit: 50}}];
return false;
}
else {
if(data34 < -10 || isNaN(data34)){
validate21.errors = [{instancePath:instancePath+"/sprayLimits/coldestCelsius",schemaPath:"#/$defs/SprayLimitValues/properties/coldestCelsius/minimum",keyword:"minimum",params:{comparison: ">=", limit: -10}}];
return false;
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/sprayLimits/coldestCelsius",schemaPath:"#/$defs/SprayLimitValues/properties/coldestCelsius/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid18 = _errs86 === errors;
}
else {
var valid18 = true;
}
if(valid18){
if(data31.warmestCelsius !== undefined){
let data35 = data31.warmestCelsius;
const _errs88 = errors;
if(errors === _errs88){
if((typeof data35 == "number") && (isFinite(data35))){
if(data35 > 60 || isNaN(data35)){
validate21.errors = [{instancePath:instancePath+"/sprayLimits/warmestCelsius",schemaPath:"#/$defs/SprayLimitValues/properties/warmestCelsius/maximum",keyword:"maximum",params:{comparison: "<=", limit: 60}}];
return false;
}
else {
if(data35 < -10 || isNaN(data35)){
validate21.errors = [{instancePath:instancePath+"/sprayLimits/warmestCelsius",schemaPath:"#/$defs/SprayLimitValues/properties/warmestCelsius/minimum",keyword:"minimum",params:{comparison: ">=", limit: -10}}];
return false;
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/sprayLimits/warmestCelsius",schemaPath:"#/$defs/SprayLimitValues/properties/warmestCelsius/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid18 = _errs88 === errors;
}
else {
var valid18 = true;
}
if(valid18){
if(data31.mostWindMetresPerSecond !== undefined){
let data36 = data31.mostWindMetresPerSecond;
const _errs90 = errors;
const _errs91 = errors;
let valid19 = false;
const _errs92 = errors;
if(errors === _errs92){
if((typeof data36 == "number") && (isFinite(data36))){
if(data36 > 30 || isNaN(data36)){
const err12 = {instancePath:instancePath+"/sprayLimits/mostWindMetresPerSecond",schemaPath:"#/$defs/SprayLimitValues/properties/mostWindMetresPerSecond/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 30}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
}
else {
if(data36 < 0 || isNaN(data36)){
const err13 = {instancePath:instancePath+"/sprayLimits/mostWindMetresPerSecond",schemaPath:"#/$defs/SprayLimitValues/properties/mostWindMetresPerSecond/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
}
}
else {
const err14 = {instancePath:instancePath+"/sprayLimits/mostWindMetresPerSecond",schemaPath:"#/$defs/SprayLimitValues/properties/mostWindMetresPerSecond/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
}
}
var _valid1 = _errs92 === errors;
valid19 = valid19 || _valid1;
const _errs94 = errors;
if(data36 !== null){
const err15 = {instancePath:instancePath+"/sprayLimits/mostWindMetresPerSecond",schemaPath:"#/$defs/SprayLimitValues/properties/mostWindMetresPerSecond/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
}
var _valid1 = _errs94 === errors;
valid19 = valid19 || _valid1;
if(!valid19){
const err16 = {instancePath:instancePath+"/sprayLimits/mostWindMetresPerSecond",schemaPath:"#/$defs/SprayLimitValues/properties/mostWindMetresPerSecond/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err16];
}
else {
vErrors.push(err16);
}
errors++;
validate21.errors = vErrors;
return false;
}
else {
errors = _errs91;
if(vErrors !== null){
if(_errs91){
vErrors.length = _errs91;
}
else {
vErrors = null;
}
}
}
var valid18 = _errs90 === errors;
}
else {
var valid18 = true;
}
}
}
}
}
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/sprayLimits",schemaPath:"#/$defs/SprayLimitValues/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid0 = _errs78 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.typicalDay !== undefined){
let data37 = data.typicalDay;
const _errs97 = errors;
if(!(data37 && typeof data37 == "object" && !Array.isArray(data37))){
validate21.errors = [{instancePath:instancePath+"/typicalDay",schemaPath:"#/properties/typicalDay/type",keyword:"type",params:{type: "object"}}];
return false;
}
const _errs98 = errors;
if(errors === _errs98){
if(data37 && typeof data37 == "object" && !Array.isArray(data37)){
let missing7;
if((((((data37.meanCelsius === undefined) && (missing7 = "meanCelsius")) || ((data37.swingCelsius === undefined) && (missing7 = "swingCelsius"))) || ((data37.warmestHour === undefined) && (missing7 = "warmestHour"))) || ((data37.meanHumidityPercent === undefined) && (missing7 = "meanHumidityPercent"))) || ((data37.swingHumidityPercent === undefined) && (missing7 = "swingHumidityPercent"))){
validate21.errors = [{instancePath:instancePath+"/typicalDay",schemaPath:"#/$defs/TypicalDayValues/required",keyword:"required",params:{missingProperty: missing7}}];
return false;
}
else {
const _errs100 = errors;
for(const key7 in data37){
if(!(((((key7 === "meanCelsius") || (key7 === "swingCelsius")) || (key7 === "warmestHour")) || (key7 === "meanHumidityPercent")) || (key7 === "swingHumidityPercent"))){
validate21.errors = [{instancePath:instancePath+"/typicalDay",schemaPath:"#/$defs/TypicalDayValues/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key7}}];
return false;
break;
}
}
if(_errs100 === errors){
if(data37.meanCelsius !== undefined){
let data38 = data37.meanCelsius;
const _errs101 = errors;
if(errors === _errs101){
if((typeof data38 == "number") && (isFinite(data38))){
if(data38 > 50 || isNaN(data38)){
validate21.errors = [{instancePath:instancePath+"/typicalDay/meanCelsius",schemaPath:"#/$defs/TypicalDayValues/properties/meanCelsius/maximum",keyword:"maximum",params:{comparison: "<=", limit: 50}}];
return false;
}
else {
if(data38 < -40 || isNaN(data38)){
validate21.errors = [{instancePath:instancePath+"/typicalDay/meanCelsius",schemaPath:"#/$defs/TypicalDayValues/properties/meanCelsius/minimum",keyword:"minimum",params:{comparison: ">=", limit: -40}}];
return false;
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/typicalDay/meanCelsius",schemaPath:"#/$defs/TypicalDayValues/properties/meanCelsius/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid21 = _errs101 === errors;
}
else {
var valid21 = true;
}
if(valid21){
if(data37.swingCelsius !== undefined){
let data39 = data37.swingCelsius;
const _errs103 = errors;
if(errors === _errs103){
if((typeof data39 == "number") && (isFinite(data39))){
if(data39 > 25 || isNaN(data39)){
validate21.errors = [{instancePath:instancePath+"/typicalDay/swingCelsius",schemaPath:"#/$defs/TypicalDayValues/properties/swingCelsius/maximum",keyword:"maximum",params:{comparison: "<=", limit: 25}}];
return false;
}
else {
if(data39 < 0 || isNaN(data39)){
validate21.errors = [{instancePath:instancePath+"/typicalDay/swingCelsius",schemaPath:"#/$defs/TypicalDayValues/properties/swingCelsius/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/typicalDay/swingCelsius",schemaPath:"#/$defs/TypicalDayValues/properties/swingCelsius/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid21 = _errs103 === errors;
}
else {
var valid21 = true;
}
if(valid21){
if(data37.warmestHour !== undefined){
let data40 = data37.warmestHour;
const _errs105 = errors;
if(errors === _errs105){
if((typeof data40 == "number") && (isFinite(data40))){
if(data40 > 24 || isNaN(data40)){
validate21.errors = [{instancePath:instancePath+"/typicalDay/warmestHour",schemaPath:"#/$defs/TypicalDayValues/properties/warmestHour/maximum",keyword:"maximum",params:{comparison: "<=", limit: 24}}];
return false;
}
else {
if(data40 < 0 || isNaN(data40)){
validate21.errors = [{instancePath:instancePath+"/typicalDay/warmestHour",schemaPath:"#/$defs/TypicalDayValues/properties/warmestHour/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/typicalDay/warmestHour",schemaPath:"#/$defs/TypicalDayValues/properties/warmestHour/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid21 = _errs105 === errors;
}
else {
var valid21 = true;
}
if(valid21){
if(data37.meanHumidityPercent !== undefined){
let data41 = data37.meanHumidityPercent;
const _errs107 = errors;
if(errors === _errs107){
if((typeof data41 == "number") && (isFinite(data41))){
if(data41 > 100 || isNaN(data41)){
validate21.errors = [{instancePath:instancePath+"/typicalDay/meanHumidityPercent",schemaPath:"#/$defs/TypicalDayValues/properties/meanHumidityPercent/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}}];
return false;
}
else {
if(data41 < 1 || isNaN(data41)){
validate21.errors = [{instancePath:instancePath+"/typicalDay/meanHumidityPercent",schemaPath:"#/$defs/TypicalDayValues/properties/meanHumidityPercent/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/typicalDay/meanHumidityPercent",schemaPath:"#/$defs/TypicalDayValues/properties/meanHumidityPercent/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid21 = _errs107 === errors;
}
else {
var valid21 = true;
}
if(valid21){
if(data37.swingHumidityPercent !== undefined){
let data42 = data37.swingHumidityPercent;
const _errs109 = errors;
if(errors === _errs109){
if((typeof data42 == "number") && (isFinite(data42))){
if(data42 > 50 || isNaN(data42)){
validate21.errors = [{instancePath:instancePath+"/typicalDay/swingHumidityPercent",schemaPath:"#/$defs/TypicalDayValues/properties/swingHumidityPercent/maximum",keyword:"maximum",params:{comparison: "<=", limit: 50}}];
return false;
}
else {
if(data42 < 0 || isNaN(data42)){
validate21.errors = [{instancePath:instancePath+"/typicalDay/swingHumidityPercent",schemaPath:"#/$defs/TypicalDayValues/properties/swingHumidityPercent/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/typicalDay/swingHumidityPercent",schemaPath:"#/$defs/TypicalDayValues/properties/swingHumidityPercent/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid21 = _errs109 === errors;
}
else {
var valid21 = true;
}
}
}
}
}
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/typicalDay",schemaPath:"#/$defs/TypicalDayValues/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid0 = _errs97 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.yardDay !== undefined){
let data43 = data.yardDay;
const _errs112 = errors;
const _errs113 = errors;
let valid22 = false;
const _errs114 = errors;
if(!(data43 && typeof data43 == "object" && !Array.isArray(data43))){
const err17 = {instancePath:instancePath+"/yardDay",schemaPath:"#/properties/yardDay/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err17];
}
else {
vErrors.push(err17);
}
errors++;
}
const _errs115 = errors;
if(errors === _errs115){
if(data43 && typeof data43 == "object" && !Array.isArray(data43)){
let missing8;
if((((((data43.meanCelsius === undefined) && (missing8 = "meanCelsius")) || ((data43.swingCelsius === undefined) && (missing8 = "swingCelsius"))) || ((data43.warmestHour === undefined) && (missing8 = "warmestHour"))) || ((data43.meanHumidityPercent === undefined) && (missing8 = "meanHumidityPercent"))) || ((data43.swingHumidityPercent === undefined) && (missing8 = "swingHumidityPercent"))){
const err18 = {instancePath:instancePath+"/yardDay",schemaPath:"#/$defs/TypicalDayValues/required",keyword:"required",params:{missingProperty: missing8}};
if(vErrors === null){
vErrors = [err18];
}
else {
vErrors.push(err18);
}
errors++;
}
else {
const _errs117 = errors;
for(const key8 in data43){
if(!(((((key8 === "meanCelsius") || (key8 === "swingCelsius")) || (key8 === "warmestHour")) || (key8 === "meanHumidityPercent")) || (key8 === "swingHumidityPercent"))){
const err19 = {instancePath:instancePath+"/yardDay",schemaPath:"#/$defs/TypicalDayValues/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key8}};
if(vErrors === null){
vErrors = [err19];
}
else {
vErrors.push(err19);
}
errors++;
break;
}
}
if(_errs117 === errors){
if(data43.meanCelsius !== undefined){
let data44 = data43.meanCelsius;
const _errs118 = errors;
if(errors === _errs118){
if((typeof data44 == "number") && (isFinite(data44))){
if(data44 > 50 || isNaN(data44)){
const err20 = {instancePath:instancePath+"/yardDay/meanCelsius",schemaPath:"#/$defs/TypicalDayValues/properties/meanCelsius/maximum",keyword:"maximum",params:{comparison: "<=", limit: 50}};
if(vErrors === null){
vErrors = [err20];
}
else {
vErrors.push(err20);
}
errors++;
}
else {
if(data44 < -40 || isNaN(data44)){
const err21 = {instancePath:instancePath+"/yardDay/meanCelsius",schemaPath:"#/$defs/TypicalDayValues/properties/meanCelsius/minimum",keyword:"minimum",params:{comparison: ">=", limit: -40}};
if(vErrors === null){
vErrors = [err21];
}
else {
vErrors.push(err21);
}
errors++;
}
}
}
else {
const err22 = {instancePath:instancePath+"/yardDay/meanCelsius",schemaPath:"#/$defs/TypicalDayValues/properties/meanCelsius/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err22];
}
else {
vErrors.push(err22);
}
errors++;
}
}
var valid24 = _errs118 === errors;
}
else {
var valid24 = true;
}
if(valid24){
if(data43.swingCelsius !== undefined){
let data45 = data43.swingCelsius;
const _errs120 = errors;
if(errors === _errs120){
if((typeof data45 == "number") && (isFinite(data45))){
if(data45 > 25 || isNaN(data45)){
const err23 = {instancePath:instancePath+"/yardDay/swingCelsius",schemaPath:"#/$defs/TypicalDayValues/properties/swingCelsius/maximum",keyword:"maximum",params:{comparison: "<=", limit: 25}};
if(vErrors === null){
vErrors = [err23];
}
else {
vErrors.push(err23);
}
errors++;
}
else {
if(data45 < 0 || isNaN(data45)){
const err24 = {instancePath:instancePath+"/yardDay/swingCelsius",schemaPath:"#/$defs/TypicalDayValues/properties/swingCelsius/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err24];
}
else {
vErrors.push(err24);
}
errors++;
}
}
}
else {
const err25 = {instancePath:instancePath+"/yardDay/swingCelsius",schemaPath:"#/$defs/TypicalDayValues/properties/swingCelsius/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err25];
}
else {
vErrors.push(err25);
}
errors++;
}
}
var valid24 = _errs120 === errors;
}
else {
var valid24 = true;
}
if(valid24){
if(data43.warmestHour !== undefined){
let data46 = data43.warmestHour;
const _errs122 = errors;
if(errors === _errs122){
if((typeof data46 == "number") && (isFinite(data46))){
if(data46 > 24 || isNaN(data46)){
const err26 = {instancePath:instancePath+"/yardDay/warmestHour",schemaPath:"#/$defs/TypicalDayValues/properties/warmestHour/maximum",keyword:"maximum",params:{comparison: "<=", limit: 24}};
if(vErrors === null){
vErrors = [err26];
}
else {
vErrors.push(err26);
}
errors++;
}
else {
if(data46 < 0 || isNaN(data46)){
const err27 = {instancePath:instancePath+"/yardDay/warmestHour",schemaPath:"#/$defs/TypicalDayValues/properties/warmestHour/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err27];
}
else {
vErrors.push(err27);
}
errors++;
}
}
}
else {
const err28 = {instancePath:instancePath+"/yardDay/warmestHour",schemaPath:"#/$defs/TypicalDayValues/properties/warmestHour/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err28];
}
else {
vErrors.push(err28);
}
errors++;
}
}
var valid24 = _errs122 === errors;
}
else {
var valid24 = true;
}
if(valid24){
if(data43.meanHumidityPercent !== undefined){
let data47 = data43.meanHumidityPercent;
const _errs124 = errors;
if(errors === _errs124){
if((typeof data47 == "number") && (isFinite(data47))){
if(data47 > 100 || isNaN(data47)){
const err29 = {instancePath:instancePath+"/yardDay/meanHumidityPercent",schemaPath:"#/$defs/TypicalDayValues/properties/meanHumidityPercent/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}};
if(vErrors === null){
vErrors = [err29];
}
else {
vErrors.push(err29);
}
errors++;
}
else {
if(data47 < 1 || isNaN(data47)){
const err30 = {instancePath:instancePath+"/yardDay/meanHumidityPercent",schemaPath:"#/$defs/TypicalDayValues/properties/meanHumidityPercent/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}};
if(vErrors === null){
vErrors = [err30];
}
else {
vErrors.push(err30);
}
errors++;
}
}
}
else {
const err31 = {instancePath:instancePath+"/yardDay/meanHumidityPercent",schemaPath:"#/$defs/TypicalDayValues/properties/meanHumidityPercent/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err31];
}
else {
vErrors.push(err31);
}
errors++;
}
}
var valid24 = _errs124 === errors;
}
else {
var valid24 = true;
}
if(valid24){
if(data43.swingHumidityPercent !== undefined){
let data48 = data43.swingHumidityPercent;
const _errs126 = errors;
if(errors === _errs126){
if((typeof data48 == "number") && (isFinite(data48))){
if(data48 > 50 || isNaN(data48)){
const err32 = {instancePath:instancePath+"/yardDay/swingHumidityPercent",schemaPath:"#/$defs/TypicalDayValues/properties/swingHumidityPercent/maximum",keyword:"maximum",params:{comparison: "<=", limit: 50}};
if(vErrors === null){
vErrors = [err32];
}
else {
vErrors.push(err32);
}
errors++;
}
else {
if(data48 < 0 || isNaN(data48)){
const err33 = {instancePath:instancePath+"/yardDay/swingHumidityPercent",schemaPath:"#/$defs/TypicalDayValues/properties/swingHumidityPercent/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err33];
}
else {
vErrors.push(err33);
}
errors++;
}
}
}
else {
const err34 = {instancePath:instancePath+"/yardDay/swingHumidityPercent",schemaPath:"#/$defs/TypicalDayValues/properties/swingHumidityPercent/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err34];
}
else {
vErrors.push(err34);
}
errors++;
}
}
var valid24 = _errs126 === errors;
}
else {
var valid24 = true;
}
}
}
}
}
}
}
}
else {
const err35 = {instancePath:instancePath+"/yardDay",schemaPath:"#/$defs/TypicalDayValues/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err35];
}
else {
vErrors.push(err35);
}
errors++;
}
}
var _valid2 = _errs114 === errors;
valid22 = valid22 || _valid2;
const _errs129 = errors;
if(data43 !== null){
const err36 = {instancePath:instancePath+"/yardDay",schemaPath:"#/properties/yardDay/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err36];
}
else {
vErrors.push(err36);
}
errors++;
}
var _valid2 = _errs129 === errors;
valid22 = valid22 || _valid2;
if(!valid22){
const err37 = {instancePath:instancePath+"/yardDay",schemaPath:"#/properties/yardDay/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err37];
}
else {
vErrors.push(err37);
}
errors++;
validate21.errors = vErrors;
return false;
}
else {
errors = _errs113;
if(vErrors !== null){
if(_errs113){
vErrors.length = _errs113;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs112 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.climateSource !== undefined){
let data49 = data.climateSource;
const _errs131 = errors;
if(typeof data49 !== "string"){
validate21.errors = [{instancePath:instancePath+"/climateSource",schemaPath:"#/properties/climateSource/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((data49 === "sensor") || (data49 === "typed")) || (data49 === "typical"))){
validate21.errors = [{instancePath:instancePath+"/climateSource",schemaPath:"#/properties/climateSource/enum",keyword:"enum",params:{allowedValues: schema32.properties.climateSource.enum}}];
return false;
}
var valid0 = _errs131 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.objective !== undefined){
let data50 = data.objective;
const _errs133 = errors;
if(typeof data50 !== "string"){
validate21.errors = [{instancePath:instancePath+"/objective",schemaPath:"#/properties/objective/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((data50 === "surest") || (data50 === "readyFirst")) || (data50 === "fewestEvenings")) || (data50 === "fewestCleanings"))){
validate21.errors = [{instancePath:instancePath+"/objective",schemaPath:"#/properties/objective/enum",keyword:"enum",params:{allowedValues: schema32.properties.objective.enum}}];
return false;
}
var valid0 = _errs133 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.goesByOwnPace !== undefined){
const _errs135 = errors;
if(typeof data.goesByOwnPace !== "boolean"){
validate21.errors = [{instancePath:instancePath+"/goesByOwnPace",schemaPath:"#/properties/goesByOwnPace/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid0 = _errs135 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.currency !== undefined){
let data52 = data.currency;
const _errs137 = errors;
const _errs138 = errors;
let valid25 = false;
const _errs139 = errors;
if(errors === _errs139){
if(typeof data52 === "string"){
if(!pattern9.test(data52)){
const err38 = {instancePath:instancePath+"/currency",schemaPath:"#/properties/currency/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Z]{3}$"}};
if(vErrors === null){
vErrors = [err38];
}
else {
vErrors.push(err38);
}
errors++;
}
}
else {
const err39 = {instancePath:instancePath+"/currency",schemaPath:"#/properties/currency/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err39];
}
else {
vErrors.push(err39);
}
errors++;
}
}
var _valid3 = _errs139 === errors;
valid25 = valid25 || _valid3;
const _errs141 = errors;
if(data52 !== null){
const err40 = {instancePath:instancePath+"/currency",schemaPath:"#/properties/currency/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err40];
}
else {
vErrors.push(err40);
}
errors++;
}
var _valid3 = _errs141 === errors;
valid25 = valid25 || _valid3;
if(!valid25){
const err41 = {instancePath:instancePath+"/currency",schemaPath:"#/properties/currency/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err41];
}
else {
vErrors.push(err41);
}
errors++;
validate21.errors = vErrors;
return false;
}
else {
errors = _errs138;
if(vErrors !== null){
if(_errs138){
vErrors.length = _errs138;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs137 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.hourPrice !== undefined){
let data53 = data.hourPrice;
const _errs143 = errors;
const _errs144 = errors;
let valid26 = false;
const _errs145 = errors;
if(errors === _errs145){
if((typeof data53 == "number") && (isFinite(data53))){
if(data53 > 100000 || isNaN(data53)){
const err42 = {instancePath:instancePath+"/hourPrice",schemaPath:"#/properties/hourPrice/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100000}};
if(vErrors === null){
vErrors = [err42];
}
else {
vErrors.push(err42);
}
errors++;
}
else {
if(data53 < 0 || isNaN(data53)){
const err43 = {instancePath:instancePath+"/hourPrice",schemaPath:"#/properties/hourPrice/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err43];
}
else {
vErrors.push(err43);
}
errors++;
}
}
}
else {
const err44 = {instancePath:instancePath+"/hourPrice",schemaPath:"#/properties/hourPrice/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err44];
}
else {
vErrors.push(err44);
}
errors++;
}
}
var _valid4 = _errs145 === errors;
valid26 = valid26 || _valid4;
const _errs147 = errors;
if(data53 !== null){
const err45 = {instancePath:instancePath+"/hourPrice",schemaPath:"#/properties/hourPrice/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err45];
}
else {
vErrors.push(err45);
}
errors++;
}
var _valid4 = _errs147 === errors;
valid26 = valid26 || _valid4;
if(!valid26){
const err46 = {instancePath:instancePath+"/hourPrice",schemaPath:"#/properties/hourPrice/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err46];
}
else {
vErrors.push(err46);
}
errors++;
validate21.errors = vErrors;
return false;
}
else {
errors = _errs144;
if(vErrors !== null){
if(_errs144){
vErrors.length = _errs144;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs143 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.shelfChance !== undefined){
let data54 = data.shelfChance;
const _errs149 = errors;
if(errors === _errs149){
if((typeof data54 == "number") && (isFinite(data54))){
if(data54 > 0.999 || isNaN(data54)){
validate21.errors = [{instancePath:instancePath+"/shelfChance",schemaPath:"#/properties/shelfChance/maximum",keyword:"maximum",params:{comparison: "<=", limit: 0.999}}];
return false;
}
else {
if(data54 < 0.5 || isNaN(data54)){
validate21.errors = [{instancePath:instancePath+"/shelfChance",schemaPath:"#/properties/shelfChance/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.5}}];
return false;
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/shelfChance",schemaPath:"#/properties/shelfChance/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs149 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.parcelDays !== undefined){
let data55 = data.parcelDays;
const _errs151 = errors;
if(!(((typeof data55 == "number") && (!(data55 % 1) && !isNaN(data55))) && (isFinite(data55)))){
validate21.errors = [{instancePath:instancePath+"/parcelDays",schemaPath:"#/properties/parcelDays/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs151){
if((typeof data55 == "number") && (isFinite(data55))){
if(data55 > 365 || isNaN(data55)){
validate21.errors = [{instancePath:instancePath+"/parcelDays",schemaPath:"#/properties/parcelDays/maximum",keyword:"maximum",params:{comparison: "<=", limit: 365}}];
return false;
}
else {
if(data55 < 0 || isNaN(data55)){
validate21.errors = [{instancePath:instancePath+"/parcelDays",schemaPath:"#/properties/parcelDays/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
}
var valid0 = _errs151 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.mirroredShare !== undefined){
let data56 = data.mirroredShare;
const _errs153 = errors;
if(errors === _errs153){
if((typeof data56 == "number") && (isFinite(data56))){
if(data56 > 0.05 || isNaN(data56)){
validate21.errors = [{instancePath:instancePath+"/mirroredShare",schemaPath:"#/properties/mirroredShare/maximum",keyword:"maximum",params:{comparison: "<=", limit: 0.05}}];
return false;
}
else {
if(data56 < 0 || isNaN(data56)){
validate21.errors = [{instancePath:instancePath+"/mirroredShare",schemaPath:"#/properties/mirroredShare/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate21.errors = [{instancePath:instancePath+"/mirroredShare",schemaPath:"#/properties/mirroredShare/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs153 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.printers !== undefined){
let data57 = data.printers;
const _errs155 = errors;
if(!(((typeof data57 == "number") && (!(data57 % 1) && !isNaN(data57))) && (isFinite(data57)))){
validate21.errors = [{instancePath:instancePath+"/printers",schemaPath:"#/properties/printers/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs155){
if((typeof data57 == "number") && (isFinite(data57))){
if(data57 > 50 || isNaN(data57)){
validate21.errors = [{instancePath:instancePath+"/printers",schemaPath:"#/properties/printers/maximum",keyword:"maximum",params:{comparison: "<=", limit: 50}}];
return false;
}
else {
if(data57 < 1 || isNaN(data57)){
validate21.errors = [{instancePath:instancePath+"/printers",schemaPath:"#/properties/printers/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid0 = _errs155 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.boothPlaces !== undefined){
let data58 = data.boothPlaces;
const _errs157 = errors;
if(!(((typeof data58 == "number") && (!(data58 % 1) && !isNaN(data58))) && (isFinite(data58)))){
validate21.errors = [{instancePath:instancePath+"/boothPlaces",schemaPath:"#/properties/boothPlaces/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs157){
if((typeof data58 == "number") && (isFinite(data58))){
if(data58 > 20 || isNaN(data58)){
validate21.errors = [{instancePath:instancePath+"/boothPlaces",schemaPath:"#/properties/boothPlaces/maximum",keyword:"maximum",params:{comparison: "<=", limit: 20}}];
return false;
}
else {
if(data58 < 1 || isNaN(data58)){
validate21.errors = [{instancePath:instancePath+"/boothPlaces",schemaPath:"#/properties/boothPlaces/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid0 = _errs157 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.rackPlaces !== undefined){
let data59 = data.rackPlaces;
const _errs159 = errors;
if(!(((typeof data59 == "number") && (!(data59 % 1) && !isNaN(data59))) && (isFinite(data59)))){
validate21.errors = [{instancePath:instancePath+"/rackPlaces",schemaPath:"#/properties/rackPlaces/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs159){
if((typeof data59 == "number") && (isFinite(data59))){
if(data59 > 200 || isNaN(data59)){
validate21.errors = [{instancePath:instancePath+"/rackPlaces",schemaPath:"#/properties/rackPlaces/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200}}];
return false;
}
else {
if(data59 < 1 || isNaN(data59)){
validate21.errors = [{instancePath:instancePath+"/rackPlaces",schemaPath:"#/properties/rackPlaces/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid0 = _errs159 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data60 = data.id;
const _errs161 = errors;
if(errors === _errs161){
if(typeof data60 === "string"){
if(!pattern10.test(data60)){
validate21.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate21.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs161 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data61 = data.revision;
const _errs163 = errors;
if(!(((typeof data61 == "number") && (!(data61 % 1) && !isNaN(data61))) && (isFinite(data61)))){
validate21.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs163){
if((typeof data61 == "number") && (isFinite(data61))){
if(data61 < 0 || isNaN(data61)){
validate21.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs163 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate21.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate21.errors = vErrors;
return errors === 0;
}
validate21.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema44 = {"properties":{"propId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"count":{"maximum":500,"type":"integer","minimum":1},"materialId":{"type":"string","enum":["rigid","soluble","translucent","flexible","resin","clearResin","cast","sheet","fabric","foam","metal","bought"]},"layerMillimetres":{"maximum":1,"type":"number","minimum":0},"areaSquareCentimetres":{"maximum":200000,"type":"number","minimum":0},"ridgeMicrometres":{"anyOf":[{"maximum":5000,"type":"number","minimum":0},{"type":"null"}]},"shapeId":{"anyOf":[{"type":"string","enum":["box","cylinder","dome","ball","plate","organic"]},{"type":"null"}]},"sizeMillimetres":{"anyOf":[{"items":{"maximum":5000,"type":"number","minimum":0.1},"type":"array","maxItems":3,"minItems":3},{"type":"null"}]},"printHours":{"anyOf":[{"maximum":2000,"type":"number","minimum":0.01},{"type":"null"}]},"print":{"anyOf":[{"$ref":"#/$defs/PartPrint","type":"object"},{"type":"null"}]},"engraving":{"anyOf":[{"$ref":"#/$defs/PartEngraving","type":"object"},{"type":"null"}]},"rackPlaces":{"maximum":200,"type":"integer","minimum":0},"note":{"maxLength":4000,"type":"string"},"position":{"minimum":0,"type":"integer"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["propId","name","count","materialId","layerMillimetres","areaSquareCentimetres","ridgeMicrometres","shapeId","sizeMillimetres","printHours","print","engraving","rackPlaces","note","position","id","revision"],"additionalProperties":false};
const schema45 = {"properties":{"piecesLeft":{"maximum":500,"type":"integer","minimum":1},"bedPieces":{"maximum":500,"type":"integer","minimum":1},"startedAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"failureShare":{"maximum":0.9,"type":"number","minimum":0}},"type":"object","required":["piecesLeft","bedPieces","startedAtMs","failureShare"],"additionalProperties":false};
const schema46 = {"properties":{"widthMillimetres":{"maximum":100,"type":"number","minimum":0.01},"depthMillimetres":{"maximum":100,"type":"number","minimum":0.01}},"type":"object","required":["widthMillimetres","depthMillimetres"],"additionalProperties":false};

function validate25(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate25.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if((((((((((((((((((data.propId === undefined) && (missing0 = "propId")) || ((data.name === undefined) && (missing0 = "name"))) || ((data.count === undefined) && (missing0 = "count"))) || ((data.materialId === undefined) && (missing0 = "materialId"))) || ((data.layerMillimetres === undefined) && (missing0 = "layerMillimetres"))) || ((data.areaSquareCentimetres === undefined) && (missing0 = "areaSquareCentimetres"))) || ((data.ridgeMicrometres === undefined) && (missing0 = "ridgeMicrometres"))) || ((data.shapeId === undefined) && (missing0 = "shapeId"))) || ((data.sizeMillimetres === undefined) && (missing0 = "sizeMillimetres"))) || ((data.printHours === undefined) && (missing0 = "printHours"))) || ((data.print === undefined) && (missing0 = "print"))) || ((data.engraving === undefined) && (missing0 = "engraving"))) || ((data.rackPlaces === undefined) && (missing0 = "rackPlaces"))) || ((data.note === undefined) && (missing0 = "note"))) || ((data.position === undefined) && (missing0 = "position"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate25.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(func1.call(schema44.properties, key0))){
validate25.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.propId !== undefined){
let data0 = data.propId;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(!pattern10.test(data0)){
validate25.errors = [{instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate25.errors = [{instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.name !== undefined){
let data1 = data.name;
const _errs4 = errors;
if(errors === _errs4){
if(typeof data1 === "string"){
if(data1.length > 200){
validate25.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data1.length < 1){
validate25.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data1)){
validate25.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate25.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.count !== undefined){
let data2 = data.count;
const _errs6 = errors;
if(!(((typeof data2 == "number") && (!(data2 % 1) && !isNaN(data2))) && (isFinite(data2)))){
validate25.errors = [{instancePath:instancePath+"/count",schemaPath:"#/properties/count/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs6){
if((typeof data2 == "number") && (isFinite(data2))){
if(data2 > 500 || isNaN(data2)){
validate25.errors = [{instancePath:instancePath+"/count",schemaPath:"#/properties/count/maximum",keyword:"maximum",params:{comparison: "<=", limit: 500}}];
return false;
}
else {
if(data2 < 1 || isNaN(data2)){
validate25.errors = [{instancePath:instancePath+"/count",schemaPath:"#/properties/count/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid0 = _errs6 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.materialId !== undefined){
let data3 = data.materialId;
const _errs8 = errors;
if(typeof data3 !== "string"){
validate25.errors = [{instancePath:instancePath+"/materialId",schemaPath:"#/properties/materialId/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((((((((((data3 === "rigid") || (data3 === "soluble")) || (data3 === "translucent")) || (data3 === "flexible")) || (data3 === "resin")) || (data3 === "clearResin")) || (data3 === "cast")) || (data3 === "sheet")) || (data3 === "fabric")) || (data3 === "foam")) || (data3 === "metal")) || (data3 === "bought"))){
validate25.errors = [{instancePath:instancePath+"/materialId",schemaPath:"#/properties/materialId/enum",keyword:"enum",params:{allowedValues: schema44.properties.materialId.enum}}];
return false;
}
var valid0 = _errs8 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.layerMillimetres !== undefined){
let data4 = data.layerMillimetres;
const _errs10 = errors;
if(errors === _errs10){
if((typeof data4 == "number") && (isFinite(data4))){
if(data4 > 1 || isNaN(data4)){
validate25.errors = [{instancePath:instancePath+"/layerMillimetres",schemaPath:"#/properties/layerMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data4 < 0 || isNaN(data4)){
validate25.errors = [{instancePath:instancePath+"/layerMillimetres",schemaPath:"#/properties/layerMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate25.errors = [{instancePath:instancePath+"/layerMillimetres",schemaPath:"#/properties/layerMillimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs10 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.areaSquareCentimetres !== undefined){
let data5 = data.areaSquareCentimetres;
const _errs12 = errors;
if(errors === _errs12){
if((typeof data5 == "number") && (isFinite(data5))){
if(data5 > 200000 || isNaN(data5)){
validate25.errors = [{instancePath:instancePath+"/areaSquareCentimetres",schemaPath:"#/properties/areaSquareCentimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200000}}];
return false;
}
else {
if(data5 < 0 || isNaN(data5)){
validate25.errors = [{instancePath:instancePath+"/areaSquareCentimetres",schemaPath:"#/properties/areaSquareCentimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate25.errors = [{instancePath:instancePath+"/areaSquareCentimetres",schemaPath:"#/properties/areaSquareCentimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs12 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.ridgeMicrometres !== undefined){
let data6 = data.ridgeMicrometres;
const _errs14 = errors;
const _errs15 = errors;
let valid1 = false;
const _errs16 = errors;
if(errors === _errs16){
if((typeof data6 == "number") && (isFinite(data6))){
if(data6 > 5000 || isNaN(data6)){
const err0 = {instancePath:instancePath+"/ridgeMicrometres",schemaPath:"#/properties/ridgeMicrometres/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 5000}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
else {
if(data6 < 0 || isNaN(data6)){
const err1 = {instancePath:instancePath+"/ridgeMicrometres",schemaPath:"#/properties/ridgeMicrometres/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
}
}
else {
const err2 = {instancePath:instancePath+"/ridgeMicrometres",schemaPath:"#/properties/ridgeMicrometres/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
}
}
var _valid0 = _errs16 === errors;
valid1 = valid1 || _valid0;
const _errs18 = errors;
if(data6 !== null){
const err3 = {instancePath:instancePath+"/ridgeMicrometres",schemaPath:"#/properties/ridgeMicrometres/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
}
var _valid0 = _errs18 === errors;
valid1 = valid1 || _valid0;
if(!valid1){
const err4 = {instancePath:instancePath+"/ridgeMicrometres",schemaPath:"#/properties/ridgeMicrometres/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
validate25.errors = vErrors;
return false;
}
else {
errors = _errs15;
if(vErrors !== null){
if(_errs15){
vErrors.length = _errs15;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs14 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.shapeId !== undefined){
let data7 = data.shapeId;
const _errs20 = errors;
const _errs21 = errors;
let valid2 = false;
const _errs22 = errors;
if(typeof data7 !== "string"){
const err5 = {instancePath:instancePath+"/shapeId",schemaPath:"#/properties/shapeId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
if(!((((((data7 === "box") || (data7 === "cylinder")) || (data7 === "dome")) || (data7 === "ball")) || (data7 === "plate")) || (data7 === "organic"))){
const err6 = {instancePath:instancePath+"/shapeId",schemaPath:"#/properties/shapeId/anyOf/0/enum",keyword:"enum",params:{allowedValues: schema44.properties.shapeId.anyOf[0].enum}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
}
var _valid1 = _errs22 === errors;
valid2 = valid2 || _valid1;
const _errs24 = errors;
if(data7 !== null){
const err7 = {instancePath:instancePath+"/shapeId",schemaPath:"#/properties/shapeId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
}
var _valid1 = _errs24 === errors;
valid2 = valid2 || _valid1;
if(!valid2){
const err8 = {instancePath:instancePath+"/shapeId",schemaPath:"#/properties/shapeId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
validate25.errors = vErrors;
return false;
}
else {
errors = _errs21;
if(vErrors !== null){
if(_errs21){
vErrors.length = _errs21;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs20 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.sizeMillimetres !== undefined){
let data8 = data.sizeMillimetres;
const _errs26 = errors;
const _errs27 = errors;
let valid3 = false;
const _errs28 = errors;
if(errors === _errs28){
if(Array.isArray(data8)){
if(data8.length > 3){
const err9 = {instancePath:instancePath+"/sizeMillimetres",schemaPath:"#/properties/sizeMillimetres/anyOf/0/maxItems",keyword:"maxItems",params:{limit: 3}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
}
else {
if(data8.length < 3){
const err10 = {instancePath:instancePath+"/sizeMillimetres",schemaPath:"#/properties/sizeMillimetres/anyOf/0/minItems",keyword:"minItems",params:{limit: 3}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
}
else {
var valid4 = true;
const len0 = data8.length;
for(let i0=0; i0<len0; i0++){
let data9 = data8[i0];
const _errs30 = errors;
if(errors === _errs30){
if((typeof data9 == "number") && (isFinite(data9))){
if(data9 > 5000 || isNaN(data9)){
const err11 = {instancePath:instancePath+"/sizeMillimetres/" + i0,schemaPath:"#/properties/sizeMillimetres/anyOf/0/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 5000}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
}
else {
if(data9 < 0.1 || isNaN(data9)){
const err12 = {instancePath:instancePath+"/sizeMillimetres/" + i0,schemaPath:"#/properties/sizeMillimetres/anyOf/0/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.1}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
}
}
}
else {
const err13 = {instancePath:instancePath+"/sizeMillimetres/" + i0,schemaPath:"#/properties/sizeMillimetres/anyOf/0/items/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
}
var valid4 = _errs30 === errors;
if(!valid4){
break;
}
}
}
}
}
else {
const err14 = {instancePath:instancePath+"/sizeMillimetres",schemaPath:"#/properties/sizeMillimetres/anyOf/0/type",keyword:"type",params:{type: "array"}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
}
}
var _valid2 = _errs28 === errors;
valid3 = valid3 || _valid2;
const _errs32 = errors;
if(data8 !== null){
const err15 = {instancePath:instancePath+"/sizeMillimetres",schemaPath:"#/properties/sizeMillimetres/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
}
var _valid2 = _errs32 === errors;
valid3 = valid3 || _valid2;
if(!valid3){
const err16 = {instancePath:instancePath+"/sizeMillimetres",schemaPath:"#/properties/sizeMillimetres/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err16];
}
else {
vErrors.push(err16);
}
errors++;
validate25.errors = vErrors;
return false;
}
else {
errors = _errs27;
if(vErrors !== null){
if(_errs27){
vErrors.length = _errs27;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs26 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.printHours !== undefined){
let data10 = data.printHours;
const _errs34 = errors;
const _errs35 = errors;
let valid5 = false;
const _errs36 = errors;
if(errors === _errs36){
if((typeof data10 == "number") && (isFinite(data10))){
if(data10 > 2000 || isNaN(data10)){
const err17 = {instancePath:instancePath+"/printHours",schemaPath:"#/properties/printHours/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 2000}};
if(vErrors === null){
vErrors = [err17];
}
else {
vErrors.push(err17);
}
errors++;
}
else {
if(data10 < 0.01 || isNaN(data10)){
const err18 = {instancePath:instancePath+"/printHours",schemaPath:"#/properties/printHours/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.01}};
if(vErrors === null){
vErrors = [err18];
}
else {
vErrors.push(err18);
}
errors++;
}
}
}
else {
const err19 = {instancePath:instancePath+"/printHours",schemaPath:"#/properties/printHours/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err19];
}
else {
vErrors.push(err19);
}
errors++;
}
}
var _valid3 = _errs36 === errors;
valid5 = valid5 || _valid3;
const _errs38 = errors;
if(data10 !== null){
const err20 = {instancePath:instancePath+"/printHours",schemaPath:"#/properties/printHours/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err20];
}
else {
vErrors.push(err20);
}
errors++;
}
var _valid3 = _errs38 === errors;
valid5 = valid5 || _valid3;
if(!valid5){
const err21 = {instancePath:instancePath+"/printHours",schemaPath:"#/properties/printHours/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err21];
}
else {
vErrors.push(err21);
}
errors++;
validate25.errors = vErrors;
return false;
}
else {
errors = _errs35;
if(vErrors !== null){
if(_errs35){
vErrors.length = _errs35;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs34 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.print !== undefined){
let data11 = data.print;
const _errs40 = errors;
const _errs41 = errors;
let valid6 = false;
const _errs42 = errors;
if(!(data11 && typeof data11 == "object" && !Array.isArray(data11))){
const err22 = {instancePath:instancePath+"/print",schemaPath:"#/properties/print/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err22];
}
else {
vErrors.push(err22);
}
errors++;
}
const _errs43 = errors;
if(errors === _errs43){
if(data11 && typeof data11 == "object" && !Array.isArray(data11)){
let missing1;
if(((((data11.piecesLeft === undefined) && (missing1 = "piecesLeft")) || ((data11.bedPieces === undefined) && (missing1 = "bedPieces"))) || ((data11.startedAtMs === undefined) && (missing1 = "startedAtMs"))) || ((data11.failureShare === undefined) && (missing1 = "failureShare"))){
const err23 = {instancePath:instancePath+"/print",schemaPath:"#/$defs/PartPrint/required",keyword:"required",params:{missingProperty: missing1}};
if(vErrors === null){
vErrors = [err23];
}
else {
vErrors.push(err23);
}
errors++;
}
else {
const _errs45 = errors;
for(const key1 in data11){
if(!((((key1 === "piecesLeft") || (key1 === "bedPieces")) || (key1 === "startedAtMs")) || (key1 === "failureShare"))){
const err24 = {instancePath:instancePath+"/print",schemaPath:"#/$defs/PartPrint/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}};
if(vErrors === null){
vErrors = [err24];
}
else {
vErrors.push(err24);
}
errors++;
break;
}
}
if(_errs45 === errors){
if(data11.piecesLeft !== undefined){
let data12 = data11.piecesLeft;
const _errs46 = errors;
if(!(((typeof data12 == "number") && (!(data12 % 1) && !isNaN(data12))) && (isFinite(data12)))){
const err25 = {instancePath:instancePath+"/print/piecesLeft",schemaPath:"#/$defs/PartPrint/properties/piecesLeft/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err25];
}
else {
vErrors.push(err25);
}
errors++;
}
if(errors === _errs46){
if((typeof data12 == "number") && (isFinite(data12))){
if(data12 > 500 || isNaN(data12)){
const err26 = {instancePath:instancePath+"/print/piecesLeft",schemaPath:"#/$defs/PartPrint/properties/piecesLeft/maximum",keyword:"maximum",params:{comparison: "<=", limit: 500}};
if(vErrors === null){
vErrors = [err26];
}
else {
vErrors.push(err26);
}
errors++;
}
else {
if(data12 < 1 || isNaN(data12)){
const err27 = {instancePath:instancePath+"/print/piecesLeft",schemaPath:"#/$defs/PartPrint/properties/piecesLeft/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}};
if(vErrors === null){
vErrors = [err27];
}
else {
vErrors.push(err27);
}
errors++;
}
}
}
}
var valid8 = _errs46 === errors;
}
else {
var valid8 = true;
}
if(valid8){
if(data11.bedPieces !== undefined){
let data13 = data11.bedPieces;
const _errs48 = errors;
if(!(((typeof data13 == "number") && (!(data13 % 1) && !isNaN(data13))) && (isFinite(data13)))){
const err28 = {instancePath:instancePath+"/print/bedPieces",schemaPath:"#/$defs/PartPrint/properties/bedPieces/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err28];
}
else {
vErrors.push(err28);
}
errors++;
}
if(errors === _errs48){
if((typeof data13 == "number") && (isFinite(data13))){
if(data13 > 500 || isNaN(data13)){
const err29 = {instancePath:instancePath+"/print/bedPieces",schemaPath:"#/$defs/PartPrint/properties/bedPieces/maximum",keyword:"maximum",params:{comparison: "<=", limit: 500}};
if(vErrors === null){
vErrors = [err29];
}
else {
vErrors.push(err29);
}
errors++;
}
else {
if(data13 < 1 || isNaN(data13)){
const err30 = {instancePath:instancePath+"/print/bedPieces",schemaPath:"#/$defs/PartPrint/properties/bedPieces/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}};
if(vErrors === null){
vErrors = [err30];
}
else {
vErrors.push(err30);
}
errors++;
}
}
}
}
var valid8 = _errs48 === errors;
}
else {
var valid8 = true;
}
if(valid8){
if(data11.startedAtMs !== undefined){
let data14 = data11.startedAtMs;
const _errs50 = errors;
const _errs51 = errors;
let valid9 = false;
const _errs52 = errors;
if(!(((typeof data14 == "number") && (!(data14 % 1) && !isNaN(data14))) && (isFinite(data14)))){
const err31 = {instancePath:instancePath+"/print/startedAtMs",schemaPath:"#/$defs/PartPrint/properties/startedAtMs/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err31];
}
else {
vErrors.push(err31);
}
errors++;
}
if(errors === _errs52){
if((typeof data14 == "number") && (isFinite(data14))){
if(data14 > 4102444800000 || isNaN(data14)){
const err32 = {instancePath:instancePath+"/print/startedAtMs",schemaPath:"#/$defs/PartPrint/properties/startedAtMs/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err32];
}
else {
vErrors.push(err32);
}
errors++;
}
else {
if(data14 < 946684800000 || isNaN(data14)){
const err33 = {instancePath:instancePath+"/print/startedAtMs",schemaPath:"#/$defs/PartPrint/properties/startedAtMs/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err33];
}
else {
vErrors.push(err33);
}
errors++;
}
}
}
}
var _valid5 = _errs52 === errors;
valid9 = valid9 || _valid5;
const _errs54 = errors;
if(data14 !== null){
const err34 = {instancePath:instancePath+"/print/startedAtMs",schemaPath:"#/$defs/PartPrint/properties/startedAtMs/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err34];
}
else {
vErrors.push(err34);
}
errors++;
}
var _valid5 = _errs54 === errors;
valid9 = valid9 || _valid5;
if(!valid9){
const err35 = {instancePath:instancePath+"/print/startedAtMs",schemaPath:"#/$defs/PartPrint/properties/startedAtMs/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err35];
}
else {
vErrors.push(err35);
}
errors++;
}
else {
errors = _errs51;
if(vErrors !== null){
if(_errs51){
vErrors.length = _errs51;
}
else {
vErrors = null;
}
}
}
var valid8 = _errs50 === errors;
}
else {
var valid8 = true;
}
if(valid8){
if(data11.failureShare !== undefined){
let data15 = data11.failureShare;
const _errs56 = errors;
if(errors === _errs56){
if((typeof data15 == "number") && (isFinite(data15))){
if(data15 > 0.9 || isNaN(data15)){
const err36 = {instancePath:instancePath+"/print/failureShare",schemaPath:"#/$defs/PartPrint/properties/failureShare/maximum",keyword:"maximum",params:{comparison: "<=", limit: 0.9}};
if(vErrors === null){
vErrors = [err36];
}
else {
vErrors.push(err36);
}
errors++;
}
else {
if(data15 < 0 || isNaN(data15)){
const err37 = {instancePath:instancePath+"/print/failureShare",schemaPath:"#/$defs/PartPrint/properties/failureShare/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err37];
}
else {
vErrors.push(err37);
}
errors++;
}
}
}
else {
const err38 = {instancePath:instancePath+"/print/failureShare",schemaPath:"#/$defs/PartPrint/properties/failureShare/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err38];
}
else {
vErrors.push(err38);
}
errors++;
}
}
var valid8 = _errs56 === errors;
}
else {
var valid8 = true;
}
}
}
}
}
}
}
else {
const err39 = {instancePath:instancePath+"/print",schemaPath:"#/$defs/PartPrint/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err39];
}
else {
vErrors.push(err39);
}
errors++;
}
}
var _valid4 = _errs42 === errors;
valid6 = valid6 || _valid4;
const _errs59 = errors;
if(data11 !== null){
const err40 = {instancePath:instancePath+"/print",schemaPath:"#/properties/print/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err40];
}
else {
vErrors.push(err40);
}
errors++;
}
var _valid4 = _errs59 === errors;
valid6 = valid6 || _valid4;
if(!valid6){
const err41 = {instancePath:instancePath+"/print",schemaPath:"#/properties/print/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err41];
}
else {
vErrors.push(err41);
}
errors++;
validate25.errors = vErrors;
return false;
}
else {
errors = _errs41;
if(vErrors !== null){
if(_errs41){
vErrors.length = _errs41;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs40 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.engraving !== undefined){
let data16 = data.engraving;
const _errs61 = errors;
const _errs62 = errors;
let valid10 = false;
const _errs63 = errors;
if(!(data16 && typeof data16 == "object" && !Array.isArray(data16))){
const err42 = {instancePath:instancePath+"/engraving",schemaPath:"#/properties/engraving/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err42];
}
else {
vErrors.push(err42);
}
errors++;
}
const _errs64 = errors;
if(errors === _errs64){
if(data16 && typeof data16 == "object" && !Array.isArray(data16)){
let missing2;
if(((data16.widthMillimetres === undefined) && (missing2 = "widthMillimetres")) || ((data16.depthMillimetres === undefined) && (missing2 = "depthMillimetres"))){
const err43 = {instancePath:instancePath+"/engraving",schemaPath:"#/$defs/PartEngraving/required",keyword:"required",params:{missingProperty: missing2}};
if(vErrors === null){
vErrors = [err43];
}
else {
vErrors.push(err43);
}
errors++;
}
else {
const _errs66 = errors;
for(const key2 in data16){
if(!((key2 === "widthMillimetres") || (key2 === "depthMillimetres"))){
const err44 = {instancePath:instancePath+"/engraving",schemaPath:"#/$defs/PartEngraving/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key2}};
if(vErrors === null){
vErrors = [err44];
}
else {
vErrors.push(err44);
}
errors++;
break;
}
}
if(_errs66 === errors){
if(data16.widthMillimetres !== undefined){
let data17 = data16.widthMillimetres;
const _errs67 = errors;
if(errors === _errs67){
if((typeof data17 == "number") && (isFinite(data17))){
if(data17 > 100 || isNaN(data17)){
const err45 = {instancePath:instancePath+"/engraving/widthMillimetres",schemaPath:"#/$defs/PartEngraving/properties/widthMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}};
if(vErrors === null){
vErrors = [err45];
}
else {
vErrors.push(err45);
}
errors++;
}
else {
if(data17 < 0.01 || isNaN(data17)){
const err46 = {instancePath:instancePath+"/engraving/widthMillimetres",schemaPath:"#/$defs/PartEngraving/properties/widthMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.01}};
if(vErrors === null){
vErrors = [err46];
}
else {
vErrors.push(err46);
}
errors++;
}
}
}
else {
const err47 = {instancePath:instancePath+"/engraving/widthMillimetres",schemaPath:"#/$defs/PartEngraving/properties/widthMillimetres/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err47];
}
else {
vErrors.push(err47);
}
errors++;
}
}
var valid12 = _errs67 === errors;
}
else {
var valid12 = true;
}
if(valid12){
if(data16.depthMillimetres !== undefined){
let data18 = data16.depthMillimetres;
const _errs69 = errors;
if(errors === _errs69){
if((typeof data18 == "number") && (isFinite(data18))){
if(data18 > 100 || isNaN(data18)){
const err48 = {instancePath:instancePath+"/engraving/depthMillimetres",schemaPath:"#/$defs/PartEngraving/properties/depthMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}};
if(vErrors === null){
vErrors = [err48];
}
else {
vErrors.push(err48);
}
errors++;
}
else {
if(data18 < 0.01 || isNaN(data18)){
const err49 = {instancePath:instancePath+"/engraving/depthMillimetres",schemaPath:"#/$defs/PartEngraving/properties/depthMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.01}};
if(vErrors === null){
vErrors = [err49];
}
else {
vErrors.push(err49);
}
errors++;
}
}
}
else {
const err50 = {instancePath:instancePath+"/engraving/depthMillimetres",schemaPath:"#/$defs/PartEngraving/properties/depthMillimetres/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err50];
}
else {
vErrors.push(err50);
}
errors++;
}
}
var valid12 = _errs69 === errors;
}
else {
var valid12 = true;
}
}
}
}
}
else {
const err51 = {instancePath:instancePath+"/engraving",schemaPath:"#/$defs/PartEngraving/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err51];
}
else {
vErrors.push(err51);
}
errors++;
}
}
var _valid6 = _errs63 === errors;
valid10 = valid10 || _valid6;
const _errs72 = errors;
if(data16 !== null){
const err52 = {instancePath:instancePath+"/engraving",schemaPath:"#/properties/engraving/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err52];
}
else {
vErrors.push(err52);
}
errors++;
}
var _valid6 = _errs72 === errors;
valid10 = valid10 || _valid6;
if(!valid10){
const err53 = {instancePath:instancePath+"/engraving",schemaPath:"#/properties/engraving/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err53];
}
else {
vErrors.push(err53);
}
errors++;
validate25.errors = vErrors;
return false;
}
else {
errors = _errs62;
if(vErrors !== null){
if(_errs62){
vErrors.length = _errs62;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs61 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.rackPlaces !== undefined){
let data19 = data.rackPlaces;
const _errs74 = errors;
if(!(((typeof data19 == "number") && (!(data19 % 1) && !isNaN(data19))) && (isFinite(data19)))){
validate25.errors = [{instancePath:instancePath+"/rackPlaces",schemaPath:"#/properties/rackPlaces/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs74){
if((typeof data19 == "number") && (isFinite(data19))){
if(data19 > 200 || isNaN(data19)){
validate25.errors = [{instancePath:instancePath+"/rackPlaces",schemaPath:"#/properties/rackPlaces/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200}}];
return false;
}
else {
if(data19 < 0 || isNaN(data19)){
validate25.errors = [{instancePath:instancePath+"/rackPlaces",schemaPath:"#/properties/rackPlaces/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
}
var valid0 = _errs74 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.note !== undefined){
let data20 = data.note;
const _errs76 = errors;
if(errors === _errs76){
if(typeof data20 === "string"){
if(data20.length > 4000){
validate25.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/maxLength",keyword:"maxLength",params:{limit: 4000}}];
return false;
}
}
else {
validate25.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs76 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.position !== undefined){
let data21 = data.position;
const _errs78 = errors;
if(!(((typeof data21 == "number") && (!(data21 % 1) && !isNaN(data21))) && (isFinite(data21)))){
validate25.errors = [{instancePath:instancePath+"/position",schemaPath:"#/properties/position/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs78){
if((typeof data21 == "number") && (isFinite(data21))){
if(data21 < 0 || isNaN(data21)){
validate25.errors = [{instancePath:instancePath+"/position",schemaPath:"#/properties/position/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs78 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data22 = data.id;
const _errs80 = errors;
if(errors === _errs80){
if(typeof data22 === "string"){
if(!pattern10.test(data22)){
validate25.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate25.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs80 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data23 = data.revision;
const _errs82 = errors;
if(!(((typeof data23 == "number") && (!(data23 % 1) && !isNaN(data23))) && (isFinite(data23)))){
validate25.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs82){
if((typeof data23 == "number") && (isFinite(data23))){
if(data23 < 0 || isNaN(data23)){
validate25.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs82 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate25.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate25.errors = vErrors;
return errors === 0;
}
validate25.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema47 = {"properties":{"hostPartId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"hostRungId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"guestPartId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"guestRungId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"note":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"seam":{"anyOf":[{"$ref":"#/$defs/Seam","type":"object"},{"type":"null"}]},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["hostPartId","hostRungId","guestPartId","guestRungId","note","seam","id","revision"],"additionalProperties":false};
const schema48 = {"properties":{"dryFit":{"type":"string","enum":["notTried","fits","tight","loose","gap"]},"lengthMillimetres":{"maximum":100000,"type":"number","minimum":0},"gapMillimetres":{"maximum":100,"type":"number","minimum":0},"depthMillimetres":{"maximum":100,"type":"number","minimum":0},"stepMillimetres":{"maximum":100,"type":"number","minimum":0},"load":{"type":"string","enum":["display","handled","worn"]},"isSeen":{"type":"boolean"},"isReachable":{"type":"boolean"},"mustComeOff":{"type":"boolean"}},"type":"object","required":["dryFit","lengthMillimetres","gapMillimetres","depthMillimetres","stepMillimetres","load","isSeen","isReachable","mustComeOff"],"additionalProperties":false};

function validate27(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate27.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if(((((((((data.hostPartId === undefined) && (missing0 = "hostPartId")) || ((data.hostRungId === undefined) && (missing0 = "hostRungId"))) || ((data.guestPartId === undefined) && (missing0 = "guestPartId"))) || ((data.guestRungId === undefined) && (missing0 = "guestRungId"))) || ((data.note === undefined) && (missing0 = "note"))) || ((data.seam === undefined) && (missing0 = "seam"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate27.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!((((((((key0 === "hostPartId") || (key0 === "hostRungId")) || (key0 === "guestPartId")) || (key0 === "guestRungId")) || (key0 === "note")) || (key0 === "seam")) || (key0 === "id")) || (key0 === "revision"))){
validate27.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.hostPartId !== undefined){
let data0 = data.hostPartId;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(!pattern10.test(data0)){
validate27.errors = [{instancePath:instancePath+"/hostPartId",schemaPath:"#/properties/hostPartId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate27.errors = [{instancePath:instancePath+"/hostPartId",schemaPath:"#/properties/hostPartId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.hostRungId !== undefined){
let data1 = data.hostRungId;
const _errs4 = errors;
if(errors === _errs4){
if(typeof data1 === "string"){
if(!pattern10.test(data1)){
validate27.errors = [{instancePath:instancePath+"/hostRungId",schemaPath:"#/properties/hostRungId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate27.errors = [{instancePath:instancePath+"/hostRungId",schemaPath:"#/properties/hostRungId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.guestPartId !== undefined){
let data2 = data.guestPartId;
const _errs6 = errors;
if(errors === _errs6){
if(typeof data2 === "string"){
if(!pattern10.test(data2)){
validate27.errors = [{instancePath:instancePath+"/guestPartId",schemaPath:"#/properties/guestPartId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate27.errors = [{instancePath:instancePath+"/guestPartId",schemaPath:"#/properties/guestPartId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs6 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.guestRungId !== undefined){
let data3 = data.guestRungId;
const _errs8 = errors;
const _errs9 = errors;
let valid1 = false;
const _errs10 = errors;
if(errors === _errs10){
if(typeof data3 === "string"){
if(!pattern10.test(data3)){
const err0 = {instancePath:instancePath+"/guestRungId",schemaPath:"#/properties/guestRungId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
}
else {
const err1 = {instancePath:instancePath+"/guestRungId",schemaPath:"#/properties/guestRungId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
}
var _valid0 = _errs10 === errors;
valid1 = valid1 || _valid0;
const _errs12 = errors;
if(data3 !== null){
const err2 = {instancePath:instancePath+"/guestRungId",schemaPath:"#/properties/guestRungId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
}
var _valid0 = _errs12 === errors;
valid1 = valid1 || _valid0;
if(!valid1){
const err3 = {instancePath:instancePath+"/guestRungId",schemaPath:"#/properties/guestRungId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
validate27.errors = vErrors;
return false;
}
else {
errors = _errs9;
if(vErrors !== null){
if(_errs9){
vErrors.length = _errs9;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs8 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.note !== undefined){
let data4 = data.note;
const _errs14 = errors;
if(errors === _errs14){
if(typeof data4 === "string"){
if(data4.length > 200){
validate27.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(!pattern4.test(data4)){
validate27.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate27.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs14 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.seam !== undefined){
let data5 = data.seam;
const _errs16 = errors;
const _errs17 = errors;
let valid2 = false;
const _errs18 = errors;
if(!(data5 && typeof data5 == "object" && !Array.isArray(data5))){
const err4 = {instancePath:instancePath+"/seam",schemaPath:"#/properties/seam/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
const _errs19 = errors;
if(errors === _errs19){
if(data5 && typeof data5 == "object" && !Array.isArray(data5)){
let missing1;
if((((((((((data5.dryFit === undefined) && (missing1 = "dryFit")) || ((data5.lengthMillimetres === undefined) && (missing1 = "lengthMillimetres"))) || ((data5.gapMillimetres === undefined) && (missing1 = "gapMillimetres"))) || ((data5.depthMillimetres === undefined) && (missing1 = "depthMillimetres"))) || ((data5.stepMillimetres === undefined) && (missing1 = "stepMillimetres"))) || ((data5.load === undefined) && (missing1 = "load"))) || ((data5.isSeen === undefined) && (missing1 = "isSeen"))) || ((data5.isReachable === undefined) && (missing1 = "isReachable"))) || ((data5.mustComeOff === undefined) && (missing1 = "mustComeOff"))){
const err5 = {instancePath:instancePath+"/seam",schemaPath:"#/$defs/Seam/required",keyword:"required",params:{missingProperty: missing1}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
else {
const _errs21 = errors;
for(const key1 in data5){
if(!(func1.call(schema48.properties, key1))){
const err6 = {instancePath:instancePath+"/seam",schemaPath:"#/$defs/Seam/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
break;
}
}
if(_errs21 === errors){
if(data5.dryFit !== undefined){
let data6 = data5.dryFit;
const _errs22 = errors;
if(typeof data6 !== "string"){
const err7 = {instancePath:instancePath+"/seam/dryFit",schemaPath:"#/$defs/Seam/properties/dryFit/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
}
if(!(((((data6 === "notTried") || (data6 === "fits")) || (data6 === "tight")) || (data6 === "loose")) || (data6 === "gap"))){
const err8 = {instancePath:instancePath+"/seam/dryFit",schemaPath:"#/$defs/Seam/properties/dryFit/enum",keyword:"enum",params:{allowedValues: schema48.properties.dryFit.enum}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
}
var valid4 = _errs22 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data5.lengthMillimetres !== undefined){
let data7 = data5.lengthMillimetres;
const _errs24 = errors;
if(errors === _errs24){
if((typeof data7 == "number") && (isFinite(data7))){
if(data7 > 100000 || isNaN(data7)){
const err9 = {instancePath:instancePath+"/seam/lengthMillimetres",schemaPath:"#/$defs/Seam/properties/lengthMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100000}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
}
else {
if(data7 < 0 || isNaN(data7)){
const err10 = {instancePath:instancePath+"/seam/lengthMillimetres",schemaPath:"#/$defs/Seam/properties/lengthMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
}
}
}
else {
const err11 = {instancePath:instancePath+"/seam/lengthMillimetres",schemaPath:"#/$defs/Seam/properties/lengthMillimetres/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
}
}
var valid4 = _errs24 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data5.gapMillimetres !== undefined){
let data8 = data5.gapMillimetres;
const _errs26 = errors;
if(errors === _errs26){
if((typeof data8 == "number") && (isFinite(data8))){
if(data8 > 100 || isNaN(data8)){
const err12 = {instancePath:instancePath+"/seam/gapMillimetres",schemaPath:"#/$defs/Seam/properties/gapMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
}
else {
if(data8 < 0 || isNaN(data8)){
const err13 = {instancePath:instancePath+"/seam/gapMillimetres",schemaPath:"#/$defs/Seam/properties/gapMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
}
}
else {
const err14 = {instancePath:instancePath+"/seam/gapMillimetres",schemaPath:"#/$defs/Seam/properties/gapMillimetres/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
}
}
var valid4 = _errs26 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data5.depthMillimetres !== undefined){
let data9 = data5.depthMillimetres;
const _errs28 = errors;
if(errors === _errs28){
if((typeof data9 == "number") && (isFinite(data9))){
if(data9 > 100 || isNaN(data9)){
const err15 = {instancePath:instancePath+"/seam/depthMillimetres",schemaPath:"#/$defs/Seam/properties/depthMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
}
else {
if(data9 < 0 || isNaN(data9)){
const err16 = {instancePath:instancePath+"/seam/depthMillimetres",schemaPath:"#/$defs/Seam/properties/depthMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err16];
}
else {
vErrors.push(err16);
}
errors++;
}
}
}
else {
const err17 = {instancePath:instancePath+"/seam/depthMillimetres",schemaPath:"#/$defs/Seam/properties/depthMillimetres/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err17];
}
else {
vErrors.push(err17);
}
errors++;
}
}
var valid4 = _errs28 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data5.stepMillimetres !== undefined){
let data10 = data5.stepMillimetres;
const _errs30 = errors;
if(errors === _errs30){
if((typeof data10 == "number") && (isFinite(data10))){
if(data10 > 100 || isNaN(data10)){
const err18 = {instancePath:instancePath+"/seam/stepMillimetres",schemaPath:"#/$defs/Seam/properties/stepMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}};
if(vErrors === null){
vErrors = [err18];
}
else {
vErrors.push(err18);
}
errors++;
}
else {
if(data10 < 0 || isNaN(data10)){
const err19 = {instancePath:instancePath+"/seam/stepMillimetres",schemaPath:"#/$defs/Seam/properties/stepMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err19];
}
else {
vErrors.push(err19);
}
errors++;
}
}
}
else {
const err20 = {instancePath:instancePath+"/seam/stepMillimetres",schemaPath:"#/$defs/Seam/properties/stepMillimetres/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err20];
}
else {
vErrors.push(err20);
}
errors++;
}
}
var valid4 = _errs30 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data5.load !== undefined){
let data11 = data5.load;
const _errs32 = errors;
if(typeof data11 !== "string"){
const err21 = {instancePath:instancePath+"/seam/load",schemaPath:"#/$defs/Seam/properties/load/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err21];
}
else {
vErrors.push(err21);
}
errors++;
}
if(!(((data11 === "display") || (data11 === "handled")) || (data11 === "worn"))){
const err22 = {instancePath:instancePath+"/seam/load",schemaPath:"#/$defs/Seam/properties/load/enum",keyword:"enum",params:{allowedValues: schema48.properties.load.enum}};
if(vErrors === null){
vErrors = [err22];
}
else {
vErrors.push(err22);
}
errors++;
}
var valid4 = _errs32 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data5.isSeen !== undefined){
const _errs34 = errors;
if(typeof data5.isSeen !== "boolean"){
const err23 = {instancePath:instancePath+"/seam/isSeen",schemaPath:"#/$defs/Seam/properties/isSeen/type",keyword:"type",params:{type: "boolean"}};
if(vErrors === null){
vErrors = [err23];
}
else {
vErrors.push(err23);
}
errors++;
}
var valid4 = _errs34 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data5.isReachable !== undefined){
const _errs36 = errors;
if(typeof data5.isReachable !== "boolean"){
const err24 = {instancePath:instancePath+"/seam/isReachable",schemaPath:"#/$defs/Seam/properties/isReachable/type",keyword:"type",params:{type: "boolean"}};
if(vErrors === null){
vErrors = [err24];
}
else {
vErrors.push(err24);
}
errors++;
}
var valid4 = _errs36 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data5.mustComeOff !== undefined){
const _errs38 = errors;
if(typeof data5.mustComeOff !== "boolean"){
const err25 = {instancePath:instancePath+"/seam/mustComeOff",schemaPath:"#/$defs/Seam/properties/mustComeOff/type",keyword:"type",params:{type: "boolean"}};
if(vErrors === null){
vErrors = [err25];
}
else {
vErrors.push(err25);
}
errors++;
}
var valid4 = _errs38 === errors;
}
else {
var valid4 = true;
}
}
}
}
}
}
}
}
}
}
}
}
else {
const err26 = {instancePath:instancePath+"/seam",schemaPath:"#/$defs/Seam/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err26];
}
else {
vErrors.push(err26);
}
errors++;
}
}
var _valid1 = _errs18 === errors;
valid2 = valid2 || _valid1;
const _errs41 = errors;
if(data5 !== null){
const err27 = {instancePath:instancePath+"/seam",schemaPath:"#/properties/seam/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err27];
}
else {
vErrors.push(err27);
}
errors++;
}
var _valid1 = _errs41 === errors;
valid2 = valid2 || _valid1;
if(!valid2){
const err28 = {instancePath:instancePath+"/seam",schemaPath:"#/properties/seam/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err28];
}
else {
vErrors.push(err28);
}
errors++;
validate27.errors = vErrors;
return false;
}
else {
errors = _errs17;
if(vErrors !== null){
if(_errs17){
vErrors.length = _errs17;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs16 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data15 = data.id;
const _errs43 = errors;
if(errors === _errs43){
if(typeof data15 === "string"){
if(!pattern10.test(data15)){
validate27.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate27.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs43 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data16 = data.revision;
const _errs45 = errors;
if(!(((typeof data16 == "number") && (!(data16 % 1) && !isNaN(data16))) && (isFinite(data16)))){
validate27.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs45){
if((typeof data16 == "number") && (isFinite(data16))){
if(data16 < 0 || isNaN(data16)){
validate27.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs45 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
else {
validate27.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate27.errors = vErrors;
return errors === 0;
}
validate27.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema49 = {"properties":{"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"route":{"anyOf":[{"$ref":"#/$defs/LadderRoute","type":"object"},{"type":"null"}]},"rungIds":{"items":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"type":"array","uniqueItems":true,"maxItems":400},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["partId","route","rungIds","id","revision"],"additionalProperties":false};
const schema50 = {"properties":{"finish":{"type":"string","enum":["gloss","satin","metal","bareChrome","litTranslucent","clear","textureKept","bone","leather","stone","rubber","asItIs"]},"age":{"type":"string","enum":["new","inUse","worn","battered","ancient"]},"smoothing":{"type":"string","enum":["primerOnly","putty","bodyFiller","brushEpoxy","solvent","slurry","texture"]},"joining":{"type":"string","enum":["none","joinFirst","paintApart","assembleAndMask"]},"sealing":{"type":"string","enum":["unsealed","clearBeforeWeathering","clearLast","clearBoth"]}},"type":"object","required":["finish","age","smoothing","joining","sealing"],"additionalProperties":false};

function validate29(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate29.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if((((((data.partId === undefined) && (missing0 = "partId")) || ((data.route === undefined) && (missing0 = "route"))) || ((data.rungIds === undefined) && (missing0 = "rungIds"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate29.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(((((key0 === "partId") || (key0 === "route")) || (key0 === "rungIds")) || (key0 === "id")) || (key0 === "revision"))){
validate29.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.partId !== undefined){
let data0 = data.partId;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(!pattern10.test(data0)){
validate29.errors = [{instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate29.errors = [{instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.route !== undefined){
let data1 = data.route;
const _errs4 = errors;
const _errs5 = errors;
let valid1 = false;
const _errs6 = errors;
if(!(data1 && typeof data1 == "object" && !Array.isArray(data1))){
const err0 = {instancePath:instancePath+"/route",schemaPath:"#/properties/route/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
const _errs7 = errors;
if(errors === _errs7){
if(data1 && typeof data1 == "object" && !Array.isArray(data1)){
let missing1;
if((((((data1.finish === undefined) && (missing1 = "finish")) || ((data1.age === undefined) && (missing1 = "age"))) || ((data1.smoothing === undefined) && (missing1 = "smoothing"))) || ((data1.joining === undefined) && (missing1 = "joining"))) || ((data1.sealing === undefined) && (missing1 = "sealing"))){
const err1 = {instancePath:instancePath+"/route",schemaPath:"#/$defs/LadderRoute/required",keyword:"required",params:{missingProperty: missing1}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
else {
const _errs9 = errors;
for(const key1 in data1){
if(!(((((key1 === "finish") || (key1 === "age")) || (key1 === "smoothing")) || (key1 === "joining")) || (key1 === "sealing"))){
const err2 = {instancePath:instancePath+"/route",schemaPath:"#/$defs/LadderRoute/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
break;
}
}
if(_errs9 === errors){
if(data1.finish !== undefined){
let data2 = data1.finish;
const _errs10 = errors;
if(typeof data2 !== "string"){
const err3 = {instancePath:instancePath+"/route/finish",schemaPath:"#/$defs/LadderRoute/properties/finish/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
}
if(!((((((((((((data2 === "gloss") || (data2 === "satin")) || (data2 === "metal")) || (data2 === "bareChrome")) || (data2 === "litTranslucent")) || (data2 === "clear")) || (data2 === "textureKept")) || (data2 === "bone")) || (data2 === "leather")) || (data2 === "stone")) || (data2 === "rubber")) || (data2 === "asItIs"))){
const err4 = {instancePath:instancePath+"/route/finish",schemaPath:"#/$defs/LadderRoute/properties/finish/enum",keyword:"enum",params:{allowedValues: schema50.properties.finish.enum}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
var valid3 = _errs10 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data1.age !== undefined){
let data3 = data1.age;
const _errs12 = errors;
if(typeof data3 !== "string"){
const err5 = {instancePath:instancePath+"/route/age",schemaPath:"#/$defs/LadderRoute/properties/age/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
if(!(((((data3 === "new") || (data3 === "inUse")) || (data3 === "worn")) || (data3 === "battered")) || (data3 === "ancient"))){
const err6 = {instancePath:instancePath+"/route/age",schemaPath:"#/$defs/LadderRoute/properties/age/enum",keyword:"enum",params:{allowedValues: schema50.properties.age.enum}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
}
var valid3 = _errs12 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data1.smoothing !== undefined){
let data4 = data1.smoothing;
const _errs14 = errors;
if(typeof data4 !== "string"){
const err7 = {instancePath:instancePath+"/route/smoothing",schemaPath:"#/$defs/LadderRoute/properties/smoothing/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
}
if(!(((((((data4 === "primerOnly") || (data4 === "putty")) || (data4 === "bodyFiller")) || (data4 === "brushEpoxy")) || (data4 === "solvent")) || (data4 === "slurry")) || (data4 === "texture"))){
const err8 = {instancePath:instancePath+"/route/smoothing",schemaPath:"#/$defs/LadderRoute/properties/smoothing/enum",keyword:"enum",params:{allowedValues: schema50.properties.smoothing.enum}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
}
var valid3 = _errs14 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data1.joining !== undefined){
let data5 = data1.joining;
const _errs16 = errors;
if(typeof data5 !== "string"){
const err9 = {instancePath:instancePath+"/route/joining",schemaPath:"#/$defs/LadderRoute/properties/joining/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
}
if(!((((data5 === "none") || (data5 === "joinFirst")) || (data5 === "paintApart")) || (data5 === "assembleAndMask"))){
const err10 = {instancePath:instancePath+"/route/joining",schemaPath:"#/$defs/LadderRoute/properties/joining/enum",keyword:"enum",params:{allowedValues: schema50.properties.joining.enum}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
}
var valid3 = _errs16 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data1.sealing !== undefined){
let data6 = data1.sealing;
const _errs18 = errors;
if(typeof data6 !== "string"){
const err11 = {instancePath:instancePath+"/route/sealing",schemaPath:"#/$defs/LadderRoute/properties/sealing/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
}
if(!((((data6 === "unsealed") || (data6 === "clearBeforeWeathering")) || (data6 === "clearLast")) || (data6 === "clearBoth"))){
const err12 = {instancePath:instancePath+"/route/sealing",schemaPath:"#/$defs/LadderRoute/properties/sealing/enum",keyword:"enum",params:{allowedValues: schema50.properties.sealing.enum}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
}
var valid3 = _errs18 === errors;
}
else {
var valid3 = true;
}
}
}
}
}
}
}
}
else {
const err13 = {instancePath:instancePath+"/route",schemaPath:"#/$defs/LadderRoute/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
}
var _valid0 = _errs6 === errors;
valid1 = valid1 || _valid0;
const _errs21 = errors;
if(data1 !== null){
const err14 = {instancePath:instancePath+"/route",schemaPath:"#/properties/route/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
}
var _valid0 = _errs21 === errors;
valid1 = valid1 || _valid0;
if(!valid1){
const err15 = {instancePath:instancePath+"/route",schemaPath:"#/properties/route/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
validate29.errors = vErrors;
return false;
}
else {
errors = _errs5;
if(vErrors !== null){
if(_errs5){
vErrors.length = _errs5;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.rungIds !== undefined){
let data7 = data.rungIds;
const _errs23 = errors;
if(errors === _errs23){
if(Array.isArray(data7)){
if(data7.length > 400){
validate29.errors = [{instancePath:instancePath+"/rungIds",schemaPath:"#/properties/rungIds/maxItems",keyword:"maxItems",params:{limit: 400}}];
return false;
}
else {
var valid4 = true;
const len0 = data7.length;
for(let i0=0; i0<len0; i0++){
let data8 = data7[i0];
const _errs25 = errors;
if(errors === _errs25){
if(typeof data8 === "string"){
if(!pattern10.test(data8)){
validate29.errors = [{instancePath:instancePath+"/rungIds/" + i0,schemaPath:"#/properties/rungIds/items/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate29.errors = [{instancePath:instancePath+"/rungIds/" + i0,schemaPath:"#/properties/rungIds/items/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid4 = _errs25 === errors;
if(!valid4){
break;
}
}
if(valid4){
let i1 = data7.length;
let j0;
if(i1 > 1){
const indices0 = {};
for(;i1--;){
let item0 = data7[i1];
if(typeof item0 !== "string"){
continue;
}
if(typeof indices0[item0] == "number"){
j0 = indices0[item0];
validate29.errors = [{instancePath:instancePath+"/rungIds",schemaPath:"#/properties/rungIds/uniqueItems",keyword:"uniqueItems",params:{i: i1, j: j0}}];
return false;
break;
}
indices0[item0] = i1;
}
}
}
}
}
else {
validate29.errors = [{instancePath:instancePath+"/rungIds",schemaPath:"#/properties/rungIds/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs23 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data9 = data.id;
const _errs27 = errors;
if(errors === _errs27){
if(typeof data9 === "string"){
if(!pattern10.test(data9)){
validate29.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate29.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs27 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data10 = data.revision;
const _errs29 = errors;
if(!(((typeof data10 == "number") && (!(data10 % 1) && !isNaN(data10))) && (isFinite(data10)))){
validate29.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs29){
if((typeof data10 == "number") && (isFinite(data10))){
if(data10 < 0 || isNaN(data10)){
validate29.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs29 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
else {
validate29.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate29.errors = vErrors;
return errors === 0;
}
validate29.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema52 = {"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"classId":{"type":"string","enum":["fillerPrimer","primer","adhesionPrimer","lacquerColour","enamelColour","metallicLacquer","texturedEnamel","airbrushAcrylic","brushAcrylic","waterClear","lacquerClear","floorPolish","rubberDip","vinylColour","brushEpoxy","tintedEpoxy","bodyFiller","putty","slurry","textureCompound","oilWash","acrylicWash","maskingRubber","epoxyGlue","cyanoacrylate","contactCement"]},"colourHex":{"anyOf":[{"pattern":"^#[0-9a-f]{6}$","type":"string"},{"type":"null"}]},"sheen":{"type":"string","enum":["matte","eggshell","satin","semi","gloss","none"]},"values":{"items":{"$ref":"#/$defs/ProductValue"},"type":"array","maxItems":15},"effect":{"type":"string","enum":["none","metallic","candy","fluorescent"]},"lab":{"anyOf":[{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},{"type":"null"}]},"pigmentId":{"anyOf":[{"type":"string","enum":["white","black","earth","inorganic","organic","strongOrganic","mixed"]},{"type":"null"}]},"strength":{"anyOf":[{"maximum":100,"type":"number","minimum":0.01},{"type":"null"}]},"scatterPerCoat":{"anyOf":[{"maximum":100,"type":"number","minimum":0.01},{"type":"null"}]},"dryingShift":{"anyOf":[{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},{"type":"null"}]},"sightings":{"items":{"$ref":"#/$defs/DryingSighting"},"type":"array","maxItems":200},"weighings":{"items":{"$ref":"#/$defs/CanWeighing"},"type":"array","maxItems":200},"mixParts":{"anyOf":[{"$ref":"#/$defs/MixParts","type":"object"},{"type":"null"}]},"closedMonths":{"anyOf":[{"maximum":1200,"type":"number","minimum":0.1},{"type":"null"}]},"openedMonths":{"anyOf":[{"maximum":1200,"type":"number","minimum":0.1},{"type":"null"}]},"mayBeBought":{"type":"boolean"},"note":{"maxLength":4000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","classId","colourHex","sheen","values","effect","lab","pigmentId","strength","scatterPerCoat","dryingShift","sightings","weighings","mixParts","closedMonths","openedMonths","mayBeBought","note","id","revision"],"additionalProperties":false};
const schema53 = {"properties":{"field":{"type":"string","enum":["coatMicrometres","touchMinutes","recoatFromMinutes","recoatUntilMinutes","recoatAgainMinutes","handleMinutes","sandMinutes","tapeMinutes","hardMinutes","minimumFilmCelsius","volumeSolids","densityKgPerLitre","coldestCelsius","warmestCelsius","mostHumidityPercent"]},"value":{"anyOf":[{"maximum":1000000,"type":"number","minimum":-50},{"type":"null"}]},"origin":{"type":"string","enum":["label","entered","observed"]},"note":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"}},"type":"object","required":["field","value","origin","note"],"additionalProperties":false};
const schema54 = {"properties":{"stage":{"type":"string","enum":["touch","recoat","handle","sand","tape","hard"]},"isReached":{"type":"boolean"},"elapsedMinutes":{"maximum":10000000,"type":"number","minimum":0},"expectedMinutes":{"maximum":10000000,"type":"number","minimum":0.01},"atMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000}},"type":"object","required":["stage","isReached","elapsedMinutes","expectedMinutes","atMs"],"additionalProperties":false};
const schema55 = {"properties":{"reckonedMillilitres":{"maximum":100000,"type":"number","minimum":0.001},"usedMillilitres":{"maximum":100000,"type":"number","minimum":0.001},"atMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000}},"type":"object","required":["reckonedMillilitres","usedMillilitres","atMs"],"additionalProperties":false};
const schema56 = {"properties":{"partsA":{"maximum":1000,"type":"number","minimum":0.01},"partsB":{"maximum":1000,"type":"number","minimum":0.01}},"type":"object","required":["partsA","partsB"],"additionalProperties":false};
const pattern36 = new RegExp("^#[0-9a-f]{6}$", "u");

function validate31(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate31.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if(((((((((((((((((((((data.name === undefined) && (missing0 = "name")) || ((data.classId === undefined) && (missing0 = "classId"))) || ((data.colourHex === undefined) && (missing0 = "colourHex"))) || ((data.sheen === undefined) && (missing0 = "sheen"))) || ((data.values === undefined) && (missing0 = "values"))) || ((data.effect === undefined) && (missing0 = "effect"))) || ((data.lab === undefined) && (missing0 = "lab"))) || ((data.pigmentId === undefined) && (missing0 = "pigmentId"))) || ((data.strength === undefined) && (missing0 = "strength"))) || ((data.scatterPerCoat === undefined) && (missing0 = "scatterPerCoat"))) || ((data.dryingShift === undefined) && (missing0 = "dryingShift"))) || ((data.sightings === undefined) && (missing0 = "sightings"))) || ((data.weighings === undefined) && (missing0 = "weighings"))) || ((data.mixParts === undefined) && (missing0 = "mixParts"))) || ((data.closedMonths === undefined) && (missing0 = "closedMonths"))) || ((data.openedMonths === undefined) && (missing0 = "openedMonths"))) || ((data.mayBeBought === undefined) && (missing0 = "mayBeBought"))) || ((data.note === undefined) && (missing0 = "note"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate31.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(func1.call(schema52.properties, key0))){
validate31.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.name !== undefined){
let data0 = data.name;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(data0.length > 200){
validate31.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data0.length < 1){
validate31.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data0)){
validate31.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate31.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.classId !== undefined){
let data1 = data.classId;
const _errs4 = errors;
if(typeof data1 !== "string"){
validate31.errors = [{instancePath:instancePath+"/classId",schemaPath:"#/properties/classId/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((((((((((((((((((((((((data1 === "fillerPrimer") || (data1 === "primer")) || (data1 === "adhesionPrimer")) || (data1 === "lacquerColour")) || (data1 === "enamelColour")) || (data1 === "metallicLacquer")) || (data1 === "texturedEnamel")) || (data1 === "airbrushAcrylic")) || (data1 === "brushAcrylic")) || (data1 === "waterClear")) || (data1 === "lacquerClear")) || (data1 === "floorPolish")) || (data1 === "rubberDip")) || (data1 === "vinylColour")) || (data1 === "brushEpoxy")) || (data1 === "tintedEpoxy")) || (data1 === "bodyFiller")) || (data1 === "putty")) || (data1 === "slurry")) || (data1 === "textureCompound")) || (data1 === "oilWash")) || (data1 === "acrylicWash")) || (data1 === "maskingRubber")) || (data1 === "epoxyGlue")) || (data1 === "cyanoacrylate")) || (data1 === "contactCement"))){
validate31.errors = [{instancePath:instancePath+"/classId",schemaPath:"#/properties/classId/enum",keyword:"enum",params:{allowedValues: schema52.properties.classId.enum}}];
return false;
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.colourHex !== undefined){
let data2 = data.colourHex;
const _errs6 = errors;
const _errs7 = errors;
let valid1 = false;
const _errs8 = errors;
if(errors === _errs8){
if(typeof data2 === "string"){
if(!pattern36.test(data2)){
const err0 = {instancePath:instancePath+"/colourHex",schemaPath:"#/properties/colourHex/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^#[0-9a-f]{6}$"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
}
else {
const err1 = {instancePath:instancePath+"/colourHex",schemaPath:"#/properties/colourHex/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
}
var _valid0 = _errs8 === errors;
valid1 = valid1 || _valid0;
const _errs10 = errors;
if(data2 !== null){
const err2 = {instancePath:instancePath+"/colourHex",schemaPath:"#/properties/colourHex/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
}
var _valid0 = _errs10 === errors;
valid1 = valid1 || _valid0;
if(!valid1){
const err3 = {instancePath:instancePath+"/colourHex",schemaPath:"#/properties/colourHex/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
validate31.errors = vErrors;
return false;
}
else {
errors = _errs7;
if(vErrors !== null){
if(_errs7){
vErrors.length = _errs7;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs6 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.sheen !== undefined){
let data3 = data.sheen;
const _errs12 = errors;
if(typeof data3 !== "string"){
validate31.errors = [{instancePath:instancePath+"/sheen",schemaPath:"#/properties/sheen/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((((data3 === "matte") || (data3 === "eggshell")) || (data3 === "satin")) || (data3 === "semi")) || (data3 === "gloss")) || (data3 === "none"))){
validate31.errors = [{instancePath:instancePath+"/sheen",schemaPath:"#/properties/sheen/enum",keyword:"enum",params:{allowedValues: schema52.properties.sheen.enum}}];
return false;
}
var valid0 = _errs12 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.values !== undefined){
let data4 = data.values;
const _errs14 = errors;
if(errors === _errs14){
if(Array.isArray(data4)){
if(data4.length > 15){
validate31.errors = [{instancePath:instancePath+"/values",schemaPath:"#/properties/values/maxItems",keyword:"maxItems",params:{limit: 15}}];
return false;
}
else {
var valid2 = true;
const len0 = data4.length;
for(let i0=0; i0<len0; i0++){
let data5 = data4[i0];
const _errs16 = errors;
const _errs17 = errors;
if(errors === _errs17){
if(data5 && typeof data5 == "object" && !Array.isArray(data5)){
let missing1;
if(((((data5.field === undefined) && (missing1 = "field")) || ((data5.value === undefined) && (missing1 = "value"))) || ((data5.origin === undefined) && (missing1 = "origin"))) || ((data5.note === undefined) && (missing1 = "note"))){
validate31.errors = [{instancePath:instancePath+"/values/" + i0,schemaPath:"#/$defs/ProductValue/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs19 = errors;
for(const key1 in data5){
if(!((((key1 === "field") || (key1 === "value")) || (key1 === "origin")) || (key1 === "note"))){
validate31.errors = [{instancePath:instancePath+"/values/" + i0,schemaPath:"#/$defs/ProductValue/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs19 === errors){
if(data5.field !== undefined){
let data6 = data5.field;
const _errs20 = errors;
if(typeof data6 !== "string"){
validate31.errors = [{instancePath:instancePath+"/values/" + i0+"/field",schemaPath:"#/$defs/ProductValue/properties/field/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((((((((((((((data6 === "coatMicrometres") || (data6 === "touchMinutes")) || (data6 === "recoatFromMinutes")) || (data6 === "recoatUntilMinutes")) || (data6 === "recoatAgainMinutes")) || (data6 === "handleMinutes")) || (data6 === "sandMinutes")) || (data6 === "tapeMinutes")) || (data6 === "hardMinutes")) || (data6 === "minimumFilmCelsius")) || (data6 === "volumeSolids")) || (data6 === "densityKgPerLitre")) || (data6 === "coldestCelsius")) || (data6 === "warmestCelsius")) || (data6 === "mostHumidityPercent"))){
validate31.errors = [{instancePath:instancePath+"/values/" + i0+"/field",schemaPath:"#/$defs/ProductValue/properties/field/enum",keyword:"enum",params:{allowedValues: schema53.properties.field.enum}}];
return false;
}
var valid4 = _errs20 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data5.value !== undefined){
let data7 = data5.value;
const _errs22 = errors;
const _errs23 = errors;
let valid5 = false;
const _errs24 = errors;
if(errors === _errs24){
if((typeof data7 == "number") && (isFinite(data7))){
if(data7 > 1000000 || isNaN(data7)){
const err4 = {instancePath:instancePath+"/values/" + i0+"/value",schemaPath:"#/$defs/ProductValue/properties/value/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
else {
if(data7 < -50 || isNaN(data7)){
const err5 = {instancePath:instancePath+"/values/" + i0+"/value",schemaPath:"#/$defs/ProductValue/properties/value/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: -50}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
}
}
else {
const err6 = {instancePath:instancePath+"/values/" + i0+"/value",schemaPath:"#/$defs/ProductValue/properties/value/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
}
}
var _valid1 = _errs24 === errors;
valid5 = valid5 || _valid1;
const _errs26 = errors;
if(data7 !== null){
const err7 = {instancePath:instancePath+"/values/" + i0+"/value",schemaPath:"#/$defs/ProductValue/properties/value/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
}
var _valid1 = _errs26 === errors;
valid5 = valid5 || _valid1;
if(!valid5){
const err8 = {instancePath:instancePath+"/values/" + i0+"/value",schemaPath:"#/$defs/ProductValue/properties/value/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
validate31.errors = vErrors;
return false;
}
else {
errors = _errs23;
if(vErrors !== null){
if(_errs23){
vErrors.length = _errs23;
}
else {
vErrors = null;
}
}
}
var valid4 = _errs22 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data5.origin !== undefined){
let data8 = data5.origin;
const _errs28 = errors;
if(typeof data8 !== "string"){
validate31.errors = [{instancePath:instancePath+"/values/" + i0+"/origin",schemaPath:"#/$defs/ProductValue/properties/origin/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((data8 === "label") || (data8 === "entered")) || (data8 === "observed"))){
validate31.errors = [{instancePath:instancePath+"/values/" + i0+"/origin",schemaPath:"#/$defs/ProductValue/properties/origin/enum",keyword:"enum",params:{allowedValues: schema53.properties.origin.enum}}];
return false;
}
var valid4 = _errs28 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data5.note !== undefined){
let data9 = data5.note;
const _errs30 = errors;
if(errors === _errs30){
if(typeof data9 === "string"){
if(data9.length > 200){
validate31.errors = [{instancePath:instancePath+"/values/" + i0+"/note",schemaPath:"#/$defs/ProductValue/properties/note/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(!pattern4.test(data9)){
validate31.errors = [{instancePath:instancePath+"/values/" + i0+"/note",schemaPath:"#/$defs/ProductValue/properties/note/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate31.errors = [{instancePath:instancePath+"/values/" + i0+"/note",schemaPath:"#/$defs/ProductValue/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid4 = _errs30 === errors;
}
else {
var valid4 = true;
}
}
}
}
}
}
}
else {
validate31.errors = [{instancePath:instancePath+"/values/" + i0,schemaPath:"#/$defs/ProductValue/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid2 = _errs16 === errors;
if(!valid2){
break;
}
}
}
}
else {
validate31.errors = [{instancePath:instancePath+"/values",schemaPath:"#/properties/values/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs14 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.effect !== undefined){
let data10 = data.effect;
const _errs32 = errors;
if(typeof data10 !== "string"){
validate31.errors = [{instancePath:instancePath+"/effect",schemaPath:"#/properties/effect/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((data10 === "none") || (data10 === "metallic")) || (data10 === "candy")) || (data10 === "fluorescent"))){
validate31.errors = [{instancePath:instancePath+"/effect",schemaPath:"#/properties/effect/enum",keyword:"enum",params:{allowedValues: schema52.properties.effect.enum}}];
return false;
}
var valid0 = _errs32 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.lab !== undefined){
let data11 = data.lab;
const _errs34 = errors;
const _errs35 = errors;
let valid6 = false;
const _errs36 = errors;
if(errors === _errs36){
if(Array.isArray(data11)){
if(data11.length > 3){
const err9 = {instancePath:instancePath+"/lab",schemaPath:"#/properties/lab/anyOf/0/maxItems",keyword:"maxItems",params:{limit: 3}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
}
else {
if(data11.length < 3){
const err10 = {instancePath:instancePath+"/lab",schemaPath:"#/properties/lab/anyOf/0/minItems",keyword:"minItems",params:{limit: 3}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
}
else {
var valid7 = true;
const len1 = data11.length;
for(let i1=0; i1<len1; i1++){
let data12 = data11[i1];
const _errs38 = errors;
if(errors === _errs38){
if((typeof data12 == "number") && (isFinite(data12))){
if(data12 > 200 || isNaN(data12)){
const err11 = {instancePath:instancePath+"/lab/" + i1,schemaPath:"#/properties/lab/anyOf/0/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
}
else {
if(data12 < -200 || isNaN(data12)){
const err12 = {instancePath:instancePath+"/lab/" + i1,schemaPath:"#/properties/lab/anyOf/0/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: -200}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
}
}
}
else {
const err13 = {instancePath:instancePath+"/lab/" + i1,schemaPath:"#/properties/lab/anyOf/0/items/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
}
var valid7 = _errs38 === errors;
if(!valid7){
break;
}
}
}
}
}
else {
const err14 = {instancePath:instancePath+"/lab",schemaPath:"#/properties/lab/anyOf/0/type",keyword:"type",params:{type: "array"}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
}
}
var _valid2 = _errs36 === errors;
valid6 = valid6 || _valid2;
const _errs40 = errors;
if(data11 !== null){
const err15 = {instancePath:instancePath+"/lab",schemaPath:"#/properties/lab/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
}
var _valid2 = _errs40 === errors;
valid6 = valid6 || _valid2;
if(!valid6){
const err16 = {instancePath:instancePath+"/lab",schemaPath:"#/properties/lab/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err16];
}
else {
vErrors.push(err16);
}
errors++;
validate31.errors = vErrors;
return false;
}
else {
errors = _errs35;
if(vErrors !== null){
if(_errs35){
vErrors.length = _errs35;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs34 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.pigmentId !== undefined){
let data13 = data.pigmentId;
const _errs42 = errors;
const _errs43 = errors;
let valid8 = false;
const _errs44 = errors;
if(typeof data13 !== "string"){
const err17 = {instancePath:instancePath+"/pigmentId",schemaPath:"#/properties/pigmentId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err17];
}
else {
vErrors.push(err17);
}
errors++;
}
if(!(((((((data13 === "white") || (data13 === "black")) || (data13 === "earth")) || (data13 === "inorganic")) || (data13 === "organic")) || (data13 === "strongOrganic")) || (data13 === "mixed"))){
const err18 = {instancePath:instancePath+"/pigmentId",schemaPath:"#/properties/pigmentId/anyOf/0/enum",keyword:"enum",params:{allowedValues: schema52.properties.pigmentId.anyOf[0].enum}};
if(vErrors === null){
vErrors = [err18];
}
else {
vErrors.push(err18);
}
errors++;
}
var _valid3 = _errs44 === errors;
valid8 = valid8 || _valid3;
const _errs46 = errors;
if(data13 !== null){
const err19 = {instancePath:instancePath+"/pigmentId",schemaPath:"#/properties/pigmentId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err19];
}
else {
vErrors.push(err19);
}
errors++;
}
var _valid3 = _errs46 === errors;
valid8 = valid8 || _valid3;
if(!valid8){
const err20 = {instancePath:instancePath+"/pigmentId",schemaPath:"#/properties/pigmentId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err20];
}
else {
vErrors.push(err20);
}
errors++;
validate31.errors = vErrors;
return false;
}
else {
errors = _errs43;
if(vErrors !== null){
if(_errs43){
vErrors.length = _errs43;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs42 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.strength !== undefined){
let data14 = data.strength;
const _errs48 = errors;
const _errs49 = errors;
let valid9 = false;
const _errs50 = errors;
if(errors === _errs50){
if((typeof data14 == "number") && (isFinite(data14))){
if(data14 > 100 || isNaN(data14)){
const err21 = {instancePath:instancePath+"/strength",schemaPath:"#/properties/strength/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}};
if(vErrors === null){
vErrors = [err21];
}
else {
vErrors.push(err21);
}
errors++;
}
else {
if(data14 < 0.01 || isNaN(data14)){
const err22 = {instancePath:instancePath+"/strength",schemaPath:"#/properties/strength/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.01}};
if(vErrors === null){
vErrors = [err22];
}
else {
vErrors.push(err22);
}
errors++;
}
}
}
else {
const err23 = {instancePath:instancePath+"/strength",schemaPath:"#/properties/strength/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err23];
}
else {
vErrors.push(err23);
}
errors++;
}
}
var _valid4 = _errs50 === errors;
valid9 = valid9 || _valid4;
const _errs52 = errors;
if(data14 !== null){
const err24 = {instancePath:instancePath+"/strength",schemaPath:"#/properties/strength/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err24];
}
else {
vErrors.push(err24);
}
errors++;
}
var _valid4 = _errs52 === errors;
valid9 = valid9 || _valid4;
if(!valid9){
const err25 = {instancePath:instancePath+"/strength",schemaPath:"#/properties/strength/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err25];
}
else {
vErrors.push(err25);
}
errors++;
validate31.errors = vErrors;
return false;
}
else {
errors = _errs49;
if(vErrors !== null){
if(_errs49){
vErrors.length = _errs49;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs48 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.scatterPerCoat !== undefined){
let data15 = data.scatterPerCoat;
const _errs54 = errors;
const _errs55 = errors;
let valid10 = false;
const _errs56 = errors;
if(errors === _errs56){
if((typeof data15 == "number") && (isFinite(data15))){
if(data15 > 100 || isNaN(data15)){
const err26 = {instancePath:instancePath+"/scatterPerCoat",schemaPath:"#/properties/scatterPerCoat/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}};
if(vErrors === null){
vErrors = [err26];
}
else {
vErrors.push(err26);
}
errors++;
}
else {
if(data15 < 0.01 || isNaN(data15)){
const err27 = {instancePath:instancePath+"/scatterPerCoat",schemaPath:"#/properties/scatterPerCoat/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.01}};
if(vErrors === null){
vErrors = [err27];
}
else {
vErrors.push(err27);
}
errors++;
}
}
}
else {
const err28 = {instancePath:instancePath+"/scatterPerCoat",schemaPath:"#/properties/scatterPerCoat/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err28];
}
else {
vErrors.push(err28);
}
errors++;
}
}
var _valid5 = _errs56 === errors;
valid10 = valid10 || _valid5;
const _errs58 = errors;
if(data15 !== null){
const err29 = {instancePath:instancePath+"/scatterPerCoat",schemaPath:"#/properties/scatterPerCoat/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err29];
}
else {
vErrors.push(err29);
}
errors++;
}
var _valid5 = _errs58 === errors;
valid10 = valid10 || _valid5;
if(!valid10){
const err30 = {instancePath:instancePath+"/scatterPerCoat",schemaPath:"#/properties/scatterPerCoat/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err30];
}
else {
vErrors.push(err30);
}
errors++;
validate31.errors = vErrors;
return false;
}
else {
errors = _errs55;
if(vErrors !== null){
if(_errs55){
vErrors.length = _errs55;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs54 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.dryingShift !== undefined){
let data16 = data.dryingShift;
const _errs60 = errors;
const _errs61 = errors;
let valid11 = false;
const _errs62 = errors;
if(errors === _errs62){
if(Array.isArray(data16)){
if(data16.length > 3){
const err31 = {instancePath:instancePath+"/dryingShift",schemaPath:"#/properties/dryingShift/anyOf/0/maxItems",keyword:"maxItems",params:{limit: 3}};
if(vErrors === null){
vErrors = [err31];
}
else {
vErrors.push(err31);
}
errors++;
}
else {
if(data16.length < 3){
const err32 = {instancePath:instancePath+"/dryingShift",schemaPath:"#/properties/dryingShift/anyOf/0/minItems",keyword:"minItems",params:{limit: 3}};
if(vErrors === null){
vErrors = [err32];
}
else {
vErrors.push(err32);
}
errors++;
}
else {
var valid12 = true;
const len2 = data16.length;
for(let i2=0; i2<len2; i2++){
let data17 = data16[i2];
const _errs64 = errors;
if(errors === _errs64){
if((typeof data17 == "number") && (isFinite(data17))){
if(data17 > 200 || isNaN(data17)){
const err33 = {instancePath:instancePath+"/dryingShift/" + i2,schemaPath:"#/properties/dryingShift/anyOf/0/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200}};
if(vErrors === null){
vErrors = [err33];
}
else {
vErrors.push(err33);
}
errors++;
}
else {
if(data17 < -200 || isNaN(data17)){
const err34 = {instancePath:instancePath+"/dryingShift/" + i2,schemaPath:"#/properties/dryingShift/anyOf/0/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: -200}};
if(vErrors === null){
vErrors = [err34];
}
else {
vErrors.push(err34);
}
errors++;
}
}
}
else {
const err35 = {instancePath:instancePath+"/dryingShift/" + i2,schemaPath:"#/properties/dryingShift/anyOf/0/items/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err35];
}
else {
vErrors.push(err35);
}
errors++;
}
}
var valid12 = _errs64 === errors;
if(!valid12){
break;
}
}
}
}
}
else {
const err36 = {instancePath:instancePath+"/dryingShift",schemaPath:"#/properties/dryingShift/anyOf/0/type",keyword:"type",params:{type: "array"}};
if(vErrors === null){
vErrors = [err36];
}
else {
vErrors.push(err36);
}
errors++;
}
}
var _valid6 = _errs62 === errors;
valid11 = valid11 || _valid6;
const _errs66 = errors;
if(data16 !== null){
const err37 = {instancePath:instancePath+"/dryingShift",schemaPath:"#/properties/dryingShift/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err37];
}
else {
vErrors.push(err37);
}
errors++;
}
var _valid6 = _errs66 === errors;
valid11 = valid11 || _valid6;
if(!valid11){
const err38 = {instancePath:instancePath+"/dryingShift",schemaPath:"#/properties/dryingShift/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err38];
}
else {
vErrors.push(err38);
}
errors++;
validate31.errors = vErrors;
return false;
}
else {
errors = _errs61;
if(vErrors !== null){
if(_errs61){
vErrors.length = _errs61;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs60 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.sightings !== undefined){
let data18 = data.sightings;
const _errs68 = errors;
if(errors === _errs68){
if(Array.isArray(data18)){
if(data18.length > 200){
validate31.errors = [{instancePath:instancePath+"/sightings",schemaPath:"#/properties/sightings/maxItems",keyword:"maxItems",params:{limit: 200}}];
return false;
}
else {
var valid13 = true;
const len3 = data18.length;
for(let i3=0; i3<len3; i3++){
let data19 = data18[i3];
const _errs70 = errors;
const _errs71 = errors;
if(errors === _errs71){
if(data19 && typeof data19 == "object" && !Array.isArray(data19)){
let missing2;
if((((((data19.stage === undefined) && (missing2 = "stage")) || ((data19.isReached === undefined) && (missing2 = "isReached"))) || ((data19.elapsedMinutes === undefined) && (missing2 = "elapsedMinutes"))) || ((data19.expectedMinutes === undefined) && (missing2 = "expectedMinutes"))) || ((data19.atMs === undefined) && (missing2 = "atMs"))){
validate31.errors = [{instancePath:instancePath+"/sightings/" + i3,schemaPath:"#/$defs/DryingSighting/required",keyword:"required",params:{missingProperty: missing2}}];
return false;
}
else {
const _errs73 = errors;
for(const key2 in data19){
if(!(((((key2 === "stage") || (key2 === "isReached")) || (key2 === "elapsedMinutes")) || (key2 === "expectedMinutes")) || (key2 === "atMs"))){
validate31.errors = [{instancePath:instancePath+"/sightings/" + i3,schemaPath:"#/$defs/DryingSighting/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key2}}];
return false;
break;
}
}
if(_errs73 === errors){
if(data19.stage !== undefined){
let data20 = data19.stage;
const _errs74 = errors;
if(typeof data20 !== "string"){
validate31.errors = [{instancePath:instancePath+"/sightings/" + i3+"/stage",schemaPath:"#/$defs/DryingSighting/properties/stage/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((((data20 === "touch") || (data20 === "recoat")) || (data20 === "handle")) || (data20 === "sand")) || (data20 === "tape")) || (data20 === "hard"))){
validate31.errors = [{instancePath:instancePath+"/sightings/" + i3+"/stage",schemaPath:"#/$defs/DryingSighting/properties/stage/enum",keyword:"enum",params:{allowedValues: schema54.properties.stage.enum}}];
return false;
}
var valid15 = _errs74 === errors;
}
else {
var valid15 = true;
}
if(valid15){
if(data19.isReached !== undefined){
const _errs76 = errors;
if(typeof data19.isReached !== "boolean"){
validate31.errors = [{instancePath:instancePath+"/sightings/" + i3+"/isReached",schemaPath:"#/$defs/DryingSighting/properties/isReached/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid15 = _errs76 === errors;
}
else {
var valid15 = true;
}
if(valid15){
if(data19.elapsedMinutes !== undefined){
let data22 = data19.elapsedMinutes;
const _errs78 = errors;
if(errors === _errs78){
if((typeof data22 == "number") && (isFinite(data22))){
if(data22 > 10000000 || isNaN(data22)){
validate31.errors = [{instancePath:instancePath+"/sightings/" + i3+"/elapsedMinutes",schemaPath:"#/$defs/DryingSighting/properties/elapsedMinutes/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000000}}];
return false;
}
else {
if(data22 < 0 || isNaN(data22)){
validate31.errors = [{instancePath:instancePath+"/sightings/" + i3+"/elapsedMinutes",schemaPath:"#/$defs/DryingSighting/properties/elapsedMinutes/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate31.errors = [{instancePath:instancePath+"/sightings/" + i3+"/elapsedMinutes",schemaPath:"#/$defs/DryingSighting/properties/elapsedMinutes/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid15 = _errs78 === errors;
}
else {
var valid15 = true;
}
if(valid15){
if(data19.expectedMinutes !== undefined){
let data23 = data19.expectedMinutes;
const _errs80 = errors;
if(errors === _errs80){
if((typeof data23 == "number") && (isFinite(data23))){
if(data23 > 10000000 || isNaN(data23)){
validate31.errors = [{instancePath:instancePath+"/sightings/" + i3+"/expectedMinutes",schemaPath:"#/$defs/DryingSighting/properties/expectedMinutes/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000000}}];
return false;
}
else {
if(data23 < 0.01 || isNaN(data23)){
validate31.errors = [{instancePath:instancePath+"/sightings/" + i3+"/expectedMinutes",schemaPath:"#/$defs/DryingSighting/properties/expectedMinutes/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.01}}];
return false;
}
}
}
else {
validate31.errors = [{instancePath:instancePath+"/sightings/" + i3+"/expectedMinutes",schemaPath:"#/$defs/DryingSighting/properties/expectedMinutes/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid15 = _errs80 === errors;
}
else {
var valid15 = true;
}
if(valid15){
if(data19.atMs !== undefined){
let data24 = data19.atMs;
const _errs82 = errors;
if(!(((typeof data24 == "number") && (!(data24 % 1) && !isNaN(data24))) && (isFinite(data24)))){
validate31.errors = [{instancePath:instancePath+"/sightings/" + i3+"/atMs",schemaPath:"#/$defs/DryingSighting/properties/atMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs82){
if((typeof data24 == "number") && (isFinite(data24))){
if(data24 > 4102444800000 || isNaN(data24)){
validate31.errors = [{instancePath:instancePath+"/sightings/" + i3+"/atMs",schemaPath:"#/$defs/DryingSighting/properties/atMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data24 < 946684800000 || isNaN(data24)){
validate31.errors = [{instancePath:instancePath+"/sightings/" + i3+"/atMs",schemaPath:"#/$defs/DryingSighting/properties/atMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid15 = _errs82 === errors;
}
else {
var valid15 = true;
}
}
}
}
}
}
}
}
else {
validate31.errors = [{instancePath:instancePath+"/sightings/" + i3,schemaPath:"#/$defs/DryingSighting/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid13 = _errs70 === errors;
if(!valid13){
break;
}
}
}
}
else {
validate31.errors = [{instancePath:instancePath+"/sightings",schemaPath:"#/properties/sightings/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs68 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.weighings !== undefined){
let data25 = data.weighings;
const _errs84 = errors;
if(errors === _errs84){
if(Array.isArray(data25)){
if(data25.length > 200){
validate31.errors = [{instancePath:instancePath+"/weighings",schemaPath:"#/properties/weighings/maxItems",keyword:"maxItems",params:{limit: 200}}];
return false;
}
else {
var valid16 = true;
const len4 = data25.length;
for(let i4=0; i4<len4; i4++){
let data26 = data25[i4];
const _errs86 = errors;
const _errs87 = errors;
if(errors === _errs87){
if(data26 && typeof data26 == "object" && !Array.isArray(data26)){
let missing3;
if((((data26.reckonedMillilitres === undefined) && (missing3 = "reckonedMillilitres")) || ((data26.usedMillilitres === undefined) && (missing3 = "usedMillilitres"))) || ((data26.atMs === undefined) && (missing3 = "atMs"))){
validate31.errors = [{instancePath:instancePath+"/weighings/" + i4,schemaPath:"#/$defs/CanWeighing/required",keyword:"required",params:{missingProperty: missing3}}];
return false;
}
else {
const _errs89 = errors;
for(const key3 in data26){
if(!(((key3 === "reckonedMillilitres") || (key3 === "usedMillilitres")) || (key3 === "atMs"))){
validate31.errors = [{instancePath:instancePath+"/weighings/" + i4,schemaPath:"#/$defs/CanWeighing/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key3}}];
return false;
break;
}
}
if(_errs89 === errors){
if(data26.reckonedMillilitres !== undefined){
let data27 = data26.reckonedMillilitres;
const _errs90 = errors;
if(errors === _errs90){
if((typeof data27 == "number") && (isFinite(data27))){
if(data27 > 100000 || isNaN(data27)){
validate31.errors = [{instancePath:instancePath+"/weighings/" + i4+"/reckonedMillilitres",schemaPath:"#/$defs/CanWeighing/properties/reckonedMillilitres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100000}}];
return false;
}
else {
if(data27 < 0.001 || isNaN(data27)){
validate31.errors = [{instancePath:instancePath+"/weighings/" + i4+"/reckonedMillilitres",schemaPath:"#/$defs/CanWeighing/properties/reckonedMillilitres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.001}}];
return false;
}
}
}
else {
validate31.errors = [{instancePath:instancePath+"/weighings/" + i4+"/reckonedMillilitres",schemaPath:"#/$defs/CanWeighing/properties/reckonedMillilitres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid18 = _errs90 === errors;
}
else {
var valid18 = true;
}
if(valid18){
if(data26.usedMillilitres !== undefined){
let data28 = data26.usedMillilitres;
const _errs92 = errors;
if(errors === _errs92){
if((typeof data28 == "number") && (isFinite(data28))){
if(data28 > 100000 || isNaN(data28)){
validate31.errors = [{instancePath:instancePath+"/weighings/" + i4+"/usedMillilitres",schemaPath:"#/$defs/CanWeighing/properties/usedMillilitres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100000}}];
return false;
}
else {
if(data28 < 0.001 || isNaN(data28)){
validate31.errors = [{instancePath:instancePath+"/weighings/" + i4+"/usedMillilitres",schemaPath:"#/$defs/CanWeighing/properties/usedMillilitres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.001}}];
return false;
}
}
}
else {
validate31.errors = [{instancePath:instancePath+"/weighings/" + i4+"/usedMillilitres",schemaPath:"#/$defs/CanWeighing/properties/usedMillilitres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid18 = _errs92 === errors;
}
else {
var valid18 = true;
}
if(valid18){
if(data26.atMs !== undefined){
let data29 = data26.atMs;
const _errs94 = errors;
if(!(((typeof data29 == "number") && (!(data29 % 1) && !isNaN(data29))) && (isFinite(data29)))){
validate31.errors = [{instancePath:instancePath+"/weighings/" + i4+"/atMs",schemaPath:"#/$defs/CanWeighing/properties/atMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs94){
if((typeof data29 == "number") && (isFinite(data29))){
if(data29 > 4102444800000 || isNaN(data29)){
validate31.errors = [{instancePath:instancePath+"/weighings/" + i4+"/atMs",schemaPath:"#/$defs/CanWeighing/properties/atMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data29 < 946684800000 || isNaN(data29)){
validate31.errors = [{instancePath:instancePath+"/weighings/" + i4+"/atMs",schemaPath:"#/$defs/CanWeighing/properties/atMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid18 = _errs94 === errors;
}
else {
var valid18 = true;
}
}
}
}
}
}
else {
validate31.errors = [{instancePath:instancePath+"/weighings/" + i4,schemaPath:"#/$defs/CanWeighing/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid16 = _errs86 === errors;
if(!valid16){
break;
}
}
}
}
else {
validate31.errors = [{instancePath:instancePath+"/weighings",schemaPath:"#/properties/weighings/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs84 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.mixParts !== undefined){
let data30 = data.mixParts;
const _errs96 = errors;
const _errs97 = errors;
let valid19 = false;
const _errs98 = errors;
if(!(data30 && typeof data30 == "object" && !Array.isArray(data30))){
const err39 = {instancePath:instancePath+"/mixParts",schemaPath:"#/properties/mixParts/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err39];
}
else {
vErrors.push(err39);
}
errors++;
}
const _errs99 = errors;
if(errors === _errs99){
if(data30 && typeof data30 == "object" && !Array.isArray(data30)){
let missing4;
if(((data30.partsA === undefined) && (missing4 = "partsA")) || ((data30.partsB === undefined) && (missing4 = "partsB"))){
const err40 = {instancePath:instancePath+"/mixParts",schemaPath:"#/$defs/MixParts/required",keyword:"required",params:{missingProperty: missing4}};
if(vErrors === null){
vErrors = [err40];
}
else {
vErrors.push(err40);
}
errors++;
}
else {
const _errs101 = errors;
for(const key4 in data30){
if(!((key4 === "partsA") || (key4 === "partsB"))){
const err41 = {instancePath:instancePath+"/mixParts",schemaPath:"#/$defs/MixParts/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key4}};
if(vErrors === null){
vErrors = [err41];
}
else {
vErrors.push(err41);
}
errors++;
break;
}
}
if(_errs101 === errors){
if(data30.partsA !== undefined){
let data31 = data30.partsA;
const _errs102 = errors;
if(errors === _errs102){
if((typeof data31 == "number") && (isFinite(data31))){
if(data31 > 1000 || isNaN(data31)){
const err42 = {instancePath:instancePath+"/mixParts/partsA",schemaPath:"#/$defs/MixParts/properties/partsA/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000}};
if(vErrors === null){
vErrors = [err42];
}
else {
vErrors.push(err42);
}
errors++;
}
else {
if(data31 < 0.01 || isNaN(data31)){
const err43 = {instancePath:instancePath+"/mixParts/partsA",schemaPath:"#/$defs/MixParts/properties/partsA/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.01}};
if(vErrors === null){
vErrors = [err43];
}
else {
vErrors.push(err43);
}
errors++;
}
}
}
else {
const err44 = {instancePath:instancePath+"/mixParts/partsA",schemaPath:"#/$defs/MixParts/properties/partsA/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err44];
}
else {
vErrors.push(err44);
}
errors++;
}
}
var valid21 = _errs102 === errors;
}
else {
var valid21 = true;
}
if(valid21){
if(data30.partsB !== undefined){
let data32 = data30.partsB;
const _errs104 = errors;
if(errors === _errs104){
if((typeof data32 == "number") && (isFinite(data32))){
if(data32 > 1000 || isNaN(data32)){
const err45 = {instancePath:instancePath+"/mixParts/partsB",schemaPath:"#/$defs/MixParts/properties/partsB/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000}};
if(vErrors === null){
vErrors = [err45];
}
else {
vErrors.push(err45);
}
errors++;
}
else {
if(data32 < 0.01 || isNaN(data32)){
const err46 = {instancePath:instancePath+"/mixParts/partsB",schemaPath:"#/$defs/MixParts/properties/partsB/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.01}};
if(vErrors === null){
vErrors = [err46];
}
else {
vErrors.push(err46);
}
errors++;
}
}
}
else {
const err47 = {instancePath:instancePath+"/mixParts/partsB",schemaPath:"#/$defs/MixParts/properties/partsB/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err47];
}
else {
vErrors.push(err47);
}
errors++;
}
}
var valid21 = _errs104 === errors;
}
else {
var valid21 = true;
}
}
}
}
}
else {
const err48 = {instancePath:instancePath+"/mixParts",schemaPath:"#/$defs/MixParts/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err48];
}
else {
vErrors.push(err48);
}
errors++;
}
}
var _valid7 = _errs98 === errors;
valid19 = valid19 || _valid7;
const _errs107 = errors;
if(data30 !== null){
const err49 = {instancePath:instancePath+"/mixParts",schemaPath:"#/properties/mixParts/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err49];
}
else {
vErrors.push(err49);
}
errors++;
}
var _valid7 = _errs107 === errors;
valid19 = valid19 || _valid7;
if(!valid19){
const err50 = {instancePath:instancePath+"/mixParts",schemaPath:"#/properties/mixParts/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err50];
}
else {
vErrors.push(err50);
}
errors++;
validate31.errors = vErrors;
return false;
}
else {
errors = _errs97;
if(vErrors !== null){
if(_errs97){
vErrors.length = _errs97;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs96 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.closedMonths !== undefined){
let data33 = data.closedMonths;
const _errs109 = errors;
const _errs110 = errors;
let valid22 = false;
const _errs111 = errors;
if(errors === _errs111){
if((typeof data33 == "number") && (isFinite(data33))){
if(data33 > 1200 || isNaN(data33)){
const err51 = {instancePath:instancePath+"/closedMonths",schemaPath:"#/properties/closedMonths/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1200}};
if(vErrors === null){
vErrors = [err51];
}
else {
vErrors.push(err51);
}
errors++;
}
else {
if(data33 < 0.1 || isNaN(data33)){
const err52 = {instancePath:instancePath+"/closedMonths",schemaPath:"#/properties/closedMonths/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.1}};
if(vErrors === null){
vErrors = [err52];
}
else {
vErrors.push(err52);
}
errors++;
}
}
}
else {
const err53 = {instancePath:instancePath+"/closedMonths",schemaPath:"#/properties/closedMonths/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err53];
}
else {
vErrors.push(err53);
}
errors++;
}
}
var _valid8 = _errs111 === errors;
valid22 = valid22 || _valid8;
const _errs113 = errors;
if(data33 !== null){
const err54 = {instancePath:instancePath+"/closedMonths",schemaPath:"#/properties/closedMonths/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err54];
}
else {
vErrors.push(err54);
}
errors++;
}
var _valid8 = _errs113 === errors;
valid22 = valid22 || _valid8;
if(!valid22){
const err55 = {instancePath:instancePath+"/closedMonths",schemaPath:"#/properties/closedMonths/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err55];
}
else {
vErrors.push(err55);
}
errors++;
validate31.errors = vErrors;
return false;
}
else {
errors = _errs110;
if(vErrors !== null){
if(_errs110){
vErrors.length = _errs110;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs109 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.openedMonths !== undefined){
let data34 = data.openedMonths;
const _errs115 = errors;
const _errs116 = errors;
let valid23 = false;
const _errs117 = errors;
if(errors === _errs117){
if((typeof data34 == "number") && (isFinite(data34))){
if(data34 > 1200 || isNaN(data34)){
const err56 = {instancePath:instancePath+"/openedMonths",schemaPath:"#/properties/openedMonths/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1200}};
if(vErrors === null){
vErrors = [err56];
}
else {
vErrors.push(err56);
}
errors++;
}
else {
if(data34 < 0.1 || isNaN(data34)){
const err57 = {instancePath:instancePath+"/openedMonths",schemaPath:"#/properties/openedMonths/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.1}};
if(vErrors === null){
vErrors = [err57];
}
else {
vErrors.push(err57);
}
errors++;
}
}
}
else {
const err58 = {instancePath:instancePath+"/openedMonths",schemaPath:"#/properties/openedMonths/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err58];
}
else {
vErrors.push(err58);
}
errors++;
}
}
var _valid9 = _errs117 === errors;
valid23 = valid23 || _valid9;
const _errs119 = errors;
if(data34 !== null){
const err59 = {instancePath:instancePath+"/openedMonths",schemaPath:"#/properties/openedMonths/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err59];
}
else {
vErrors.push(err59);
}
errors++;
}
var _valid9 = _errs119 === errors;
valid23 = valid23 || _valid9;
if(!valid23){
const err60 = {instancePath:instancePath+"/openedMonths",schemaPath:"#/properties/openedMonths/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err60];
}
else {
vErrors.push(err60);
}
errors++;
validate31.errors = vErrors;
return false;
}
else {
errors = _errs116;
if(vErrors !== null){
if(_errs116){
vErrors.length = _errs116;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs115 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.mayBeBought !== undefined){
const _errs121 = errors;
if(typeof data.mayBeBought !== "boolean"){
validate31.errors = [{instancePath:instancePath+"/mayBeBought",schemaPath:"#/properties/mayBeBought/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid0 = _errs121 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.note !== undefined){
let data36 = data.note;
const _errs123 = errors;
if(errors === _errs123){
if(typeof data36 === "string"){
if(data36.length > 4000){
validate31.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/maxLength",keyword:"maxLength",params:{limit: 4000}}];
return false;
}
}
else {
validate31.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs123 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data37 = data.id;
const _errs125 = errors;
if(errors === _errs125){
if(typeof data37 === "string"){
if(!pattern10.test(data37)){
validate31.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate31.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs125 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data38 = data.revision;
const _errs127 = errors;
if(!(((typeof data38 == "number") && (!(data38 % 1) && !isNaN(data38))) && (isFinite(data38)))){
validate31.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs127){
if((typeof data38 == "number") && (isFinite(data38))){
if(data38 < 0 || isNaN(data38)){
validate31.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs127 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate31.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate31.errors = vErrors;
return errors === 0;
}
validate31.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema62 = {"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"purpose":{"maxLength":400,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"unit":{"type":"string","enum":["drops","parts","grams"]},"components":{"items":{"$ref":"#/$defs/MixComponent"},"type":"array","maxItems":12,"minItems":1},"dilution":{"maxLength":200,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"swatchHex":{"anyOf":[{"pattern":"^#[0-9a-f]{6}$","type":"string"},{"type":"null"}]},"pictureId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"targetId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"undercoatId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"coats":{"maximum":20,"type":"integer","minimum":1},"tool":{"type":"string","enum":["brush","airbrush","aerosol","sponge"]},"reading":{"anyOf":[{"$ref":"#/$defs/ColourReading","type":"object"},{"type":"null"}]},"correctsId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"madeAtMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"note":{"maxLength":4000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","purpose","unit","components","dilution","swatchHex","pictureId","targetId","undercoatId","coats","tool","reading","correctsId","madeAtMs","note","id","revision"],"additionalProperties":false};
const schema63 = {"properties":{"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"amount":{"maximum":100000,"type":"number","minimum":0.001}},"type":"object","required":["productId","name","amount"],"additionalProperties":false};
const schema64 = {"properties":{"method":{"type":"string","enum":["picture","reader","simulatedReader","eye","typed"]},"lab":{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},"count":{"maximum":1000,"type":"integer","minimum":1},"spread":{"maximum":100,"type":"number","minimum":0},"atMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000}},"type":"object","required":["method","lab","count","spread","atMs"],"additionalProperties":false};

function validate33(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate33.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if((((((((((((((((((data.name === undefined) && (missing0 = "name")) || ((data.purpose === undefined) && (missing0 = "purpose"))) || ((data.unit === undefined) && (missing0 = "unit"))) || ((data.components === undefined) && (missing0 = "components"))) || ((data.dilution === undefined) && (missing0 = "dilution"))) || ((data.swatchHex === undefined) && (missing0 = "swatchHex"))) || ((data.pictureId === undefined) && (missing0 = "pictureId"))) || ((data.targetId === undefined) && (missing0 = "targetId"))) || ((data.undercoatId === undefined) && (missing0 = "undercoatId"))) || ((data.coats === undefined) && (missing0 = "coats"))) || ((data.tool === undefined) && (missing0 = "tool"))) || ((data.reading === undefined) && (missing0 = "reading"))) || ((data.correctsId === undefined) && (missing0 = "correctsId"))) || ((data.madeAtMs === undefined) && (missing0 = "madeAtMs"))) || ((data.note === undefined) && (missing0 = "note"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate33.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(func1.call(schema62.properties, key0))){
validate33.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.name !== undefined){
let data0 = data.name;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(data0.length > 200){
validate33.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data0.length < 1){
validate33.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data0)){
validate33.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate33.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.purpose !== undefined){
let data1 = data.purpose;
const _errs4 = errors;
if(errors === _errs4){
if(typeof data1 === "string"){
if(data1.length > 400){
validate33.errors = [{instancePath:instancePath+"/purpose",schemaPath:"#/properties/purpose/maxLength",keyword:"maxLength",params:{limit: 400}}];
return false;
}
else {
if(!pattern4.test(data1)){
validate33.errors = [{instancePath:instancePath+"/purpose",schemaPath:"#/properties/purpose/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate33.errors = [{instancePath:instancePath+"/purpose",schemaPath:"#/properties/purpose/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.unit !== undefined){
let data2 = data.unit;
const _errs6 = errors;
if(typeof data2 !== "string"){
validate33.errors = [{instancePath:instancePath+"/unit",schemaPath:"#/properties/unit/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((data2 === "drops") || (data2 === "parts")) || (data2 === "grams"))){
validate33.errors = [{instancePath:instancePath+"/unit",schemaPath:"#/properties/unit/enum",keyword:"enum",params:{allowedValues: schema62.properties.unit.enum}}];
return false;
}
var valid0 = _errs6 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.components !== undefined){
let data3 = data.components;
const _errs8 = errors;
if(errors === _errs8){
if(Array.isArray(data3)){
if(data3.length > 12){
validate33.errors = [{instancePath:instancePath+"/components",schemaPath:"#/properties/components/maxItems",keyword:"maxItems",params:{limit: 12}}];
return false;
}
else {
if(data3.length < 1){
validate33.errors = [{instancePath:instancePath+"/components",schemaPath:"#/properties/components/minItems",keyword:"minItems",params:{limit: 1}}];
return false;
}
else {
var valid1 = true;
const len0 = data3.length;
for(let i0=0; i0<len0; i0++){
let data4 = data3[i0];
const _errs10 = errors;
const _errs11 = errors;
if(errors === _errs11){
if(data4 && typeof data4 == "object" && !Array.isArray(data4)){
let missing1;
if((((data4.productId === undefined) && (missing1 = "productId")) || ((data4.name === undefined) && (missing1 = "name"))) || ((data4.amount === undefined) && (missing1 = "amount"))){
validate33.errors = [{instancePath:instancePath+"/components/" + i0,schemaPath:"#/$defs/MixComponent/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs13 = errors;
for(const key1 in data4){
if(!(((key1 === "productId") || (key1 === "name")) || (key1 === "amount"))){
validate33.errors = [{instancePath:instancePath+"/components/" + i0,schemaPath:"#/$defs/MixComponent/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs13 === errors){
if(data4.productId !== undefined){
let data5 = data4.productId;
const _errs14 = errors;
const _errs15 = errors;
let valid4 = false;
const _errs16 = errors;
if(errors === _errs16){
if(typeof data5 === "string"){
if(!pattern10.test(data5)){
const err0 = {instancePath:instancePath+"/components/" + i0+"/productId",schemaPath:"#/$defs/MixComponent/properties/productId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
}
else {
const err1 = {instancePath:instancePath+"/components/" + i0+"/productId",schemaPath:"#/$defs/MixComponent/properties/productId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
}
var _valid0 = _errs16 === errors;
valid4 = valid4 || _valid0;
const _errs18 = errors;
if(data5 !== null){
const err2 = {instancePath:instancePath+"/components/" + i0+"/productId",schemaPath:"#/$defs/MixComponent/properties/productId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
}
var _valid0 = _errs18 === errors;
valid4 = valid4 || _valid0;
if(!valid4){
const err3 = {instancePath:instancePath+"/components/" + i0+"/productId",schemaPath:"#/$defs/MixComponent/properties/productId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
validate33.errors = vErrors;
return false;
}
else {
errors = _errs15;
if(vErrors !== null){
if(_errs15){
vErrors.length = _errs15;
}
else {
vErrors = null;
}
}
}
var valid3 = _errs14 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data4.name !== undefined){
let data6 = data4.name;
const _errs20 = errors;
if(errors === _errs20){
if(typeof data6 === "string"){
if(data6.length > 200){
validate33.errors = [{instancePath:instancePath+"/components/" + i0+"/name",schemaPath:"#/$defs/MixComponent/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data6.length < 1){
validate33.errors = [{instancePath:instancePath+"/components/" + i0+"/name",schemaPath:"#/$defs/MixComponent/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data6)){
validate33.errors = [{instancePath:instancePath+"/components/" + i0+"/name",schemaPath:"#/$defs/MixComponent/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate33.errors = [{instancePath:instancePath+"/components/" + i0+"/name",schemaPath:"#/$defs/MixComponent/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid3 = _errs20 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data4.amount !== undefined){
let data7 = data4.amount;
const _errs22 = errors;
if(errors === _errs22){
if((typeof data7 == "number") && (isFinite(data7))){
if(data7 > 100000 || isNaN(data7)){
validate33.errors = [{instancePath:instancePath+"/components/" + i0+"/amount",schemaPath:"#/$defs/MixComponent/properties/amount/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100000}}];
return false;
}
else {
if(data7 < 0.001 || isNaN(data7)){
validate33.errors = [{instancePath:instancePath+"/components/" + i0+"/amount",schemaPath:"#/$defs/MixComponent/properties/amount/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.001}}];
return false;
}
}
}
else {
validate33.errors = [{instancePath:instancePath+"/components/" + i0+"/amount",schemaPath:"#/$defs/MixComponent/properties/amount/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid3 = _errs22 === errors;
}
else {
var valid3 = true;
}
}
}
}
}
}
else {
validate33.errors = [{instancePath:instancePath+"/components/" + i0,schemaPath:"#/$defs/MixComponent/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid1 = _errs10 === errors;
if(!valid1){
break;
}
}
}
}
}
else {
validate33.errors = [{instancePath:instancePath+"/components",schemaPath:"#/properties/components/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs8 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.dilution !== undefined){
let data8 = data.dilution;
const _errs24 = errors;
if(errors === _errs24){
if(typeof data8 === "string"){
if(data8.length > 200){
validate33.errors = [{instancePath:instancePath+"/dilution",schemaPath:"#/properties/dilution/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(!pattern4.test(data8)){
validate33.errors = [{instancePath:instancePath+"/dilution",schemaPath:"#/properties/dilution/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate33.errors = [{instancePath:instancePath+"/dilution",schemaPath:"#/properties/dilution/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs24 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.swatchHex !== undefined){
let data9 = data.swatchHex;
const _errs26 = errors;
const _errs27 = errors;
let valid5 = false;
const _errs28 = errors;
if(errors === _errs28){
if(typeof data9 === "string"){
if(!pattern36.test(data9)){
const err4 = {instancePath:instancePath+"/swatchHex",schemaPath:"#/properties/swatchHex/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^#[0-9a-f]{6}$"}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
}
else {
const err5 = {instancePath:instancePath+"/swatchHex",schemaPath:"#/properties/swatchHex/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
}
var _valid1 = _errs28 === errors;
valid5 = valid5 || _valid1;
const _errs30 = errors;
if(data9 !== null){
const err6 = {instancePath:instancePath+"/swatchHex",schemaPath:"#/properties/swatchHex/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
}
var _valid1 = _errs30 === errors;
valid5 = valid5 || _valid1;
if(!valid5){
const err7 = {instancePath:instancePath+"/swatchHex",schemaPath:"#/properties/swatchHex/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
validate33.errors = vErrors;
return false;
}
else {
errors = _errs27;
if(vErrors !== null){
if(_errs27){
vErrors.length = _errs27;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs26 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.pictureId !== undefined){
let data10 = data.pictureId;
const _errs32 = errors;
const _errs33 = errors;
let valid6 = false;
const _errs34 = errors;
if(errors === _errs34){
if(typeof data10 === "string"){
if(!pattern10.test(data10)){
const err8 = {instancePath:instancePath+"/pictureId",schemaPath:"#/properties/pictureId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
}
}
else {
const err9 = {instancePath:instancePath+"/pictureId",schemaPath:"#/properties/pictureId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
}
}
var _valid2 = _errs34 === errors;
valid6 = valid6 || _valid2;
const _errs36 = errors;
if(data10 !== null){
const err10 = {instancePath:instancePath+"/pictureId",schemaPath:"#/properties/pictureId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
}
var _valid2 = _errs36 === errors;
valid6 = valid6 || _valid2;
if(!valid6){
const err11 = {instancePath:instancePath+"/pictureId",schemaPath:"#/properties/pictureId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
validate33.errors = vErrors;
return false;
}
else {
errors = _errs33;
if(vErrors !== null){
if(_errs33){
vErrors.length = _errs33;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs32 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.targetId !== undefined){
let data11 = data.targetId;
const _errs38 = errors;
const _errs39 = errors;
let valid7 = false;
const _errs40 = errors;
if(errors === _errs40){
if(typeof data11 === "string"){
if(!pattern10.test(data11)){
const err12 = {instancePath:instancePath+"/targetId",schemaPath:"#/properties/targetId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
}
}
else {
const err13 = {instancePath:instancePath+"/targetId",schemaPath:"#/properties/targetId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
}
var _valid3 = _errs40 === errors;
valid7 = valid7 || _valid3;
const _errs42 = errors;
if(data11 !== null){
const err14 = {instancePath:instancePath+"/targetId",schemaPath:"#/properties/targetId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
}
var _valid3 = _errs42 === errors;
valid7 = valid7 || _valid3;
if(!valid7){
const err15 = {instancePath:instancePath+"/targetId",schemaPath:"#/properties/targetId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
validate33.errors = vErrors;
return false;
}
else {
errors = _errs39;
if(vErrors !== null){
if(_errs39){
vErrors.length = _errs39;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs38 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.undercoatId !== undefined){
let data12 = data.undercoatId;
const _errs44 = errors;
const _errs45 = errors;
let valid8 = false;
const _errs46 = errors;
if(errors === _errs46){
if(typeof data12 === "string"){
if(!pattern10.test(data12)){
const err16 = {instancePath:instancePath+"/undercoatId",schemaPath:"#/properties/undercoatId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err16];
}
else {
vErrors.push(err16);
}
errors++;
}
}
else {
const err17 = {instancePath:instancePath+"/undercoatId",schemaPath:"#/properties/undercoatId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err17];
}
else {
vErrors.push(err17);
}
errors++;
}
}
var _valid4 = _errs46 === errors;
valid8 = valid8 || _valid4;
const _errs48 = errors;
if(data12 !== null){
const err18 = {instancePath:instancePath+"/undercoatId",schemaPath:"#/properties/undercoatId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err18];
}
else {
vErrors.push(err18);
}
errors++;
}
var _valid4 = _errs48 === errors;
valid8 = valid8 || _valid4;
if(!valid8){
const err19 = {instancePath:instancePath+"/undercoatId",schemaPath:"#/properties/undercoatId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err19];
}
else {
vErrors.push(err19);
}
errors++;
validate33.errors = vErrors;
return false;
}
else {
errors = _errs45;
if(vErrors !== null){
if(_errs45){
vErrors.length = _errs45;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs44 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.coats !== undefined){
let data13 = data.coats;
const _errs50 = errors;
if(!(((typeof data13 == "number") && (!(data13 % 1) && !isNaN(data13))) && (isFinite(data13)))){
validate33.errors = [{instancePath:instancePath+"/coats",schemaPath:"#/properties/coats/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs50){
if((typeof data13 == "number") && (isFinite(data13))){
if(data13 > 20 || isNaN(data13)){
validate33.errors = [{instancePath:instancePath+"/coats",schemaPath:"#/properties/coats/maximum",keyword:"maximum",params:{comparison: "<=", limit: 20}}];
return false;
}
else {
if(data13 < 1 || isNaN(data13)){
validate33.errors = [{instancePath:instancePath+"/coats",schemaPath:"#/properties/coats/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid0 = _errs50 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.tool !== undefined){
let data14 = data.tool;
const _errs52 = errors;
if(typeof data14 !== "string"){
validate33.errors = [{instancePath:instancePath+"/tool",schemaPath:"#/properties/tool/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((data14 === "brush") || (data14 === "airbrush")) || (data14 === "aerosol")) || (data14 === "sponge"))){
validate33.errors = [{instancePath:instancePath+"/tool",schemaPath:"#/properties/tool/enum",keyword:"enum",params:{allowedValues: schema62.properties.tool.enum}}];
return false;
}
var valid0 = _errs52 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.reading !== undefined){
let data15 = data.reading;
const _errs54 = errors;
const _errs55 = errors;
let valid9 = false;
const _errs56 = errors;
if(!(data15 && typeof data15 == "object" && !Array.isArray(data15))){
const err20 = {instancePath:instancePath+"/reading",schemaPath:"#/properties/reading/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err20];
}
else {
vErrors.push(err20);
}
errors++;
}
const _errs57 = errors;
if(errors === _errs57){
if(data15 && typeof data15 == "object" && !Array.isArray(data15)){
let missing2;
if((((((data15.method === undefined) && (missing2 = "method")) || ((data15.lab === undefined) && (missing2 = "lab"))) || ((data15.count === undefined) && (missing2 = "count"))) || ((data15.spread === undefined) && (missing2 = "spread"))) || ((data15.atMs === undefined) && (missing2 = "atMs"))){
const err21 = {instancePath:instancePath+"/reading",schemaPath:"#/$defs/ColourReading/required",keyword:"required",params:{missingProperty: missing2}};
if(vErrors === null){
vErrors = [err21];
}
else {
vErrors.push(err21);
}
errors++;
}
else {
const _errs59 = errors;
for(const key2 in data15){
if(!(((((key2 === "method") || (key2 === "lab")) || (key2 === "count")) || (key2 === "spread")) || (key2 === "atMs"))){
const err22 = {instancePath:instancePath+"/reading",schemaPath:"#/$defs/ColourReading/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key2}};
if(vErrors === null){
vErrors = [err22];
}
else {
vErrors.push(err22);
}
errors++;
break;
}
}
if(_errs59 === errors){
if(data15.method !== undefined){
let data16 = data15.method;
const _errs60 = errors;
if(typeof data16 !== "string"){
const err23 = {instancePath:instancePath+"/reading/method",schemaPath:"#/$defs/ColourReading/properties/method/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err23];
}
else {
vErrors.push(err23);
}
errors++;
}
if(!(((((data16 === "picture") || (data16 === "reader")) || (data16 === "simulatedReader")) || (data16 === "eye")) || (data16 === "typed"))){
const err24 = {instancePath:instancePath+"/reading/method",schemaPath:"#/$defs/ColourReading/properties/method/enum",keyword:"enum",params:{allowedValues: schema64.properties.method.enum}};
if(vErrors === null){
vErrors = [err24];
}
else {
vErrors.push(err24);
}
errors++;
}
var valid11 = _errs60 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data15.lab !== undefined){
let data17 = data15.lab;
const _errs62 = errors;
if(errors === _errs62){
if(Array.isArray(data17)){
if(data17.length > 3){
const err25 = {instancePath:instancePath+"/reading/lab",schemaPath:"#/$defs/ColourReading/properties/lab/maxItems",keyword:"maxItems",params:{limit: 3}};
if(vErrors === null){
vErrors = [err25];
}
else {
vErrors.push(err25);
}
errors++;
}
else {
if(data17.length < 3){
const err26 = {instancePath:instancePath+"/reading/lab",schemaPath:"#/$defs/ColourReading/properties/lab/minItems",keyword:"minItems",params:{limit: 3}};
if(vErrors === null){
vErrors = [err26];
}
else {
vErrors.push(err26);
}
errors++;
}
else {
var valid12 = true;
const len1 = data17.length;
for(let i1=0; i1<len1; i1++){
let data18 = data17[i1];
const _errs64 = errors;
if(errors === _errs64){
if((typeof data18 == "number") && (isFinite(data18))){
if(data18 > 200 || isNaN(data18)){
const err27 = {instancePath:instancePath+"/reading/lab/" + i1,schemaPath:"#/$defs/ColourReading/properties/lab/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200}};
if(vErrors === null){
vErrors = [err27];
}
else {
vErrors.push(err27);
}
errors++;
}
else {
if(data18 < -200 || isNaN(data18)){
const err28 = {instancePath:instancePath+"/reading/lab/" + i1,schemaPath:"#/$defs/ColourReading/properties/lab/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: -200}};
if(vErrors === null){
vErrors = [err28];
}
else {
vErrors.push(err28);
}
errors++;
}
}
}
else {
const err29 = {instancePath:instancePath+"/reading/lab/" + i1,schemaPath:"#/$defs/ColourReading/properties/lab/items/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err29];
}
else {
vErrors.push(err29);
}
errors++;
}
}
var valid12 = _errs64 === errors;
if(!valid12){
break;
}
}
}
}
}
else {
const err30 = {instancePath:instancePath+"/reading/lab",schemaPath:"#/$defs/ColourReading/properties/lab/type",keyword:"type",params:{type: "array"}};
if(vErrors === null){
vErrors = [err30];
}
else {
vErrors.push(err30);
}
errors++;
}
}
var valid11 = _errs62 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data15.count !== undefined){
let data19 = data15.count;
const _errs66 = errors;
if(!(((typeof data19 == "number") && (!(data19 % 1) && !isNaN(data19))) && (isFinite(data19)))){
const err31 = {instancePath:instancePath+"/reading/count",schemaPath:"#/$defs/ColourReading/properties/count/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err31];
}
else {
vErrors.push(err31);
}
errors++;
}
if(errors === _errs66){
if((typeof data19 == "number") && (isFinite(data19))){
if(data19 > 1000 || isNaN(data19)){
const err32 = {instancePath:instancePath+"/reading/count",schemaPath:"#/$defs/ColourReading/properties/count/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000}};
if(vErrors === null){
vErrors = [err32];
}
else {
vErrors.push(err32);
}
errors++;
}
else {
if(data19 < 1 || isNaN(data19)){
const err33 = {instancePath:instancePath+"/reading/count",schemaPath:"#/$defs/ColourReading/properties/count/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}};
if(vErrors === null){
vErrors = [err33];
}
else {
vErrors.push(err33);
}
errors++;
}
}
}
}
var valid11 = _errs66 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data15.spread !== undefined){
let data20 = data15.spread;
const _errs68 = errors;
if(errors === _errs68){
if((typeof data20 == "number") && (isFinite(data20))){
if(data20 > 100 || isNaN(data20)){
const err34 = {instancePath:instancePath+"/reading/spread",schemaPath:"#/$defs/ColourReading/properties/spread/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}};
if(vErrors === null){
vErrors = [err34];
}
else {
vErrors.push(err34);
}
errors++;
}
else {
if(data20 < 0 || isNaN(data20)){
const err35 = {instancePath:instancePath+"/reading/spread",schemaPath:"#/$defs/ColourReading/properties/spread/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err35];
}
else {
vErrors.push(err35);
}
errors++;
}
}
}
else {
const err36 = {instancePath:instancePath+"/reading/spread",schemaPath:"#/$defs/ColourReading/properties/spread/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err36];
}
else {
vErrors.push(err36);
}
errors++;
}
}
var valid11 = _errs68 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data15.atMs !== undefined){
let data21 = data15.atMs;
const _errs70 = errors;
if(!(((typeof data21 == "number") && (!(data21 % 1) && !isNaN(data21))) && (isFinite(data21)))){
const err37 = {instancePath:instancePath+"/reading/atMs",schemaPath:"#/$defs/ColourReading/properties/atMs/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err37];
}
else {
vErrors.push(err37);
}
errors++;
}
if(errors === _errs70){
if((typeof data21 == "number") && (isFinite(data21))){
if(data21 > 4102444800000 || isNaN(data21)){
const err38 = {instancePath:instancePath+"/reading/atMs",schemaPath:"#/$defs/ColourReading/properties/atMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err38];
}
else {
vErrors.push(err38);
}
errors++;
}
else {
if(data21 < 946684800000 || isNaN(data21)){
const err39 = {instancePath:instancePath+"/reading/atMs",schemaPath:"#/$defs/ColourReading/properties/atMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err39];
}
else {
vErrors.push(err39);
}
errors++;
}
}
}
}
var valid11 = _errs70 === errors;
}
else {
var valid11 = true;
}
}
}
}
}
}
}
}
else {
const err40 = {instancePath:instancePath+"/reading",schemaPath:"#/$defs/ColourReading/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err40];
}
else {
vErrors.push(err40);
}
errors++;
}
}
var _valid5 = _errs56 === errors;
valid9 = valid9 || _valid5;
const _errs73 = errors;
if(data15 !== null){
const err41 = {instancePath:instancePath+"/reading",schemaPath:"#/properties/reading/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err41];
}
else {
vErrors.push(err41);
}
errors++;
}
var _valid5 = _errs73 === errors;
valid9 = valid9 || _valid5;
if(!valid9){
const err42 = {instancePath:instancePath+"/reading",schemaPath:"#/properties/reading/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err42];
}
else {
vErrors.push(err42);
}
errors++;
validate33.errors = vErrors;
return false;
}
else {
errors = _errs55;
if(vErrors !== null){
if(_errs55){
vErrors.length = _errs55;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs54 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.correctsId !== undefined){
let data22 = data.correctsId;
const _errs75 = errors;
const _errs76 = errors;
let valid13 = false;
const _errs77 = errors;
if(errors === _errs77){
if(typeof data22 === "string"){
if(!pattern10.test(data22)){
const err43 = {instancePath:instancePath+"/correctsId",schemaPath:"#/properties/correctsId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err43];
}
else {
vErrors.push(err43);
}
errors++;
}
}
else {
const err44 = {instancePath:instancePath+"/correctsId",schemaPath:"#/properties/correctsId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err44];
}
else {
vErrors.push(err44);
}
errors++;
}
}
var _valid6 = _errs77 === errors;
valid13 = valid13 || _valid6;
const _errs79 = errors;
if(data22 !== null){
const err45 = {instancePath:instancePath+"/correctsId",schemaPath:"#/properties/correctsId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err45];
}
else {
vErrors.push(err45);
}
errors++;
}
var _valid6 = _errs79 === errors;
valid13 = valid13 || _valid6;
if(!valid13){
const err46 = {instancePath:instancePath+"/correctsId",schemaPath:"#/properties/correctsId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err46];
}
else {
vErrors.push(err46);
}
errors++;
validate33.errors = vErrors;
return false;
}
else {
errors = _errs76;
if(vErrors !== null){
if(_errs76){
vErrors.length = _errs76;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs75 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.madeAtMs !== undefined){
let data23 = data.madeAtMs;
const _errs81 = errors;
if(!(((typeof data23 == "number") && (!(data23 % 1) && !isNaN(data23))) && (isFinite(data23)))){
validate33.errors = [{instancePath:instancePath+"/madeAtMs",schemaPath:"#/properties/madeAtMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs81){
if((typeof data23 == "number") && (isFinite(data23))){
if(data23 > 4102444800000 || isNaN(data23)){
validate33.errors = [{instancePath:instancePath+"/madeAtMs",schemaPath:"#/properties/madeAtMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data23 < 946684800000 || isNaN(data23)){
validate33.errors = [{instancePath:instancePath+"/madeAtMs",schemaPath:"#/properties/madeAtMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid0 = _errs81 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.note !== undefined){
let data24 = data.note;
const _errs83 = errors;
if(errors === _errs83){
if(typeof data24 === "string"){
if(data24.length > 4000){
validate33.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/maxLength",keyword:"maxLength",params:{limit: 4000}}];
return false;
}
}
else {
validate33.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs83 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data25 = data.id;
const _errs85 = errors;
if(errors === _errs85){
if(typeof data25 === "string"){
if(!pattern10.test(data25)){
validate33.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate33.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs85 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data26 = data.revision;
const _errs87 = errors;
if(!(((typeof data26 == "number") && (!(data26 % 1) && !isNaN(data26))) && (isFinite(data26)))){
validate33.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs87){
if((typeof data26 == "number") && (isFinite(data26))){
if(data26 < 0 || isNaN(data26)){
validate33.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs87 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate33.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate33.errors = vErrors;
return errors === 0;
}
validate33.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema65 = {"properties":{"kind":{"type":"string","enum":["done","setDown","note","mistake","reopened","deviation"]},"atMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"counter":{"minimum":0,"type":"integer"},"propId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"partId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"rungId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"personId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"tookMillilitres":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0},{"type":"null"}]},"plannedMinutes":{"anyOf":[{"maximum":10000,"type":"number","minimum":0},{"type":"null"}]},"actualMinutes":{"anyOf":[{"maximum":10000,"type":"number","minimum":0},{"type":"null"}]},"air":{"anyOf":[{"$ref":"#/$defs/LoggedAir","type":"object"},{"type":"null"}]},"text":{"maxLength":4000,"type":"string"},"isForNextTime":{"type":"boolean"},"pictureIds":{"items":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"type":"array","maxItems":50},"correctsId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["kind","atMs","counter","propId","partId","rungId","personId","productId","tookMillilitres","plannedMinutes","actualMinutes","air","text","isForNextTime","pictureIds","correctsId","id","revision"],"additionalProperties":false};
const schema66 = {"properties":{"temperatureCelsius":{"maximum":70,"type":"number","minimum":-50},"relativeHumidityPercent":{"maximum":100,"type":"number","minimum":0},"origin":{"type":"string","enum":["measured","forecast","typical"]}},"type":"object","required":["temperatureCelsius","relativeHumidityPercent","origin"],"additionalProperties":false};

function validate35(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate35.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if(((((((((((((((((((data.kind === undefined) && (missing0 = "kind")) || ((data.atMs === undefined) && (missing0 = "atMs"))) || ((data.counter === undefined) && (missing0 = "counter"))) || ((data.propId === undefined) && (missing0 = "propId"))) || ((data.partId === undefined) && (missing0 = "partId"))) || ((data.rungId === undefined) && (missing0 = "rungId"))) || ((data.personId === undefined) && (missing0 = "personId"))) || ((data.productId === undefined) && (missing0 = "productId"))) || ((data.tookMillilitres === undefined) && (missing0 = "tookMillilitres"))) || ((data.plannedMinutes === undefined) && (missing0 = "plannedMinutes"))) || ((data.actualMinutes === undefined) && (missing0 = "actualMinutes"))) || ((data.air === undefined) && (missing0 = "air"))) || ((data.text === undefined) && (missing0 = "text"))) || ((data.isForNextTime === undefined) && (missing0 = "isForNextTime"))) || ((data.pictureIds === undefined) && (missing0 = "pictureIds"))) || ((data.correctsId === undefined) && (missing0 = "correctsId"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate35.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(func1.call(schema65.properties, key0))){
validate35.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.kind !== undefined){
let data0 = data.kind;
const _errs2 = errors;
if(typeof data0 !== "string"){
validate35.errors = [{instancePath:instancePath+"/kind",schemaPath:"#/properties/kind/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((((data0 === "done") || (data0 === "setDown")) || (data0 === "note")) || (data0 === "mistake")) || (data0 === "reopened")) || (data0 === "deviation"))){
validate35.errors = [{instancePath:instancePath+"/kind",schemaPath:"#/properties/kind/enum",keyword:"enum",params:{allowedValues: schema65.properties.kind.enum}}];
return false;
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.atMs !== undefined){
let data1 = data.atMs;
const _errs4 = errors;
if(!(((typeof data1 == "number") && (!(data1 % 1) && !isNaN(data1))) && (isFinite(data1)))){
validate35.errors = [{instancePath:instancePath+"/atMs",schemaPath:"#/properties/atMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs4){
if((typeof data1 == "number") && (isFinite(data1))){
if(data1 > 4102444800000 || isNaN(data1)){
validate35.errors = [{instancePath:instancePath+"/atMs",schemaPath:"#/properties/atMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data1 < 946684800000 || isNaN(data1)){
validate35.errors = [{instancePath:instancePath+"/atMs",schemaPath:"#/properties/atMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.counter !== undefined){
let data2 = data.counter;
const _errs6 = errors;
if(!(((typeof data2 == "number") && (!(data2 % 1) && !isNaN(data2))) && (isFinite(data2)))){
validate35.errors = [{instancePath:instancePath+"/counter",schemaPath:"#/properties/counter/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs6){
if((typeof data2 == "number") && (isFinite(data2))){
if(data2 < 0 || isNaN(data2)){
validate35.errors = [{instancePath:instancePath+"/counter",schemaPath:"#/properties/counter/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs6 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.propId !== undefined){
let data3 = data.propId;
const _errs8 = errors;
const _errs9 = errors;
let valid1 = false;
const _errs10 = errors;
if(errors === _errs10){
if(typeof data3 === "string"){
if(!pattern10.test(data3)){
const err0 = {instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
}
else {
const err1 = {instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
}
var _valid0 = _errs10 === errors;
valid1 = valid1 || _valid0;
const _errs12 = errors;
if(data3 !== null){
const err2 = {instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
}
var _valid0 = _errs12 === errors;
valid1 = valid1 || _valid0;
if(!valid1){
const err3 = {instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
validate35.errors = vErrors;
return false;
}
else {
errors = _errs9;
if(vErrors !== null){
if(_errs9){
vErrors.length = _errs9;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs8 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.partId !== undefined){
let data4 = data.partId;
const _errs14 = errors;
const _errs15 = errors;
let valid2 = false;
const _errs16 = errors;
if(errors === _errs16){
if(typeof data4 === "string"){
if(!pattern10.test(data4)){
const err4 = {instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
}
else {
const err5 = {instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
}
var _valid1 = _errs16 === errors;
valid2 = valid2 || _valid1;
const _errs18 = errors;
if(data4 !== null){
const err6 = {instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
}
var _valid1 = _errs18 === errors;
valid2 = valid2 || _valid1;
if(!valid2){
const err7 = {instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
validate35.errors = vErrors;
return false;
}
else {
errors = _errs15;
if(vErrors !== null){
if(_errs15){
vErrors.length = _errs15;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs14 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.rungId !== undefined){
let data5 = data.rungId;
const _errs20 = errors;
const _errs21 = errors;
let valid3 = false;
const _errs22 = errors;
if(errors === _errs22){
if(typeof data5 === "string"){
if(!pattern10.test(data5)){
const err8 = {instancePath:instancePath+"/rungId",schemaPath:"#/properties/rungId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
}
}
else {
const err9 = {instancePath:instancePath+"/rungId",schemaPath:"#/properties/rungId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
}
}
var _valid2 = _errs22 === errors;
valid3 = valid3 || _valid2;
const _errs24 = errors;
if(data5 !== null){
const err10 = {instancePath:instancePath+"/rungId",schemaPath:"#/properties/rungId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
}
var _valid2 = _errs24 === errors;
valid3 = valid3 || _valid2;
if(!valid3){
const err11 = {instancePath:instancePath+"/rungId",schemaPath:"#/properties/rungId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
validate35.errors = vErrors;
return false;
}
else {
errors = _errs21;
if(vErrors !== null){
if(_errs21){
vErrors.length = _errs21;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs20 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.personId !== undefined){
let data6 = data.personId;
const _errs26 = errors;
const _errs27 = errors;
let valid4 = false;
const _errs28 = errors;
if(errors === _errs28){
if(typeof data6 === "string"){
if(!pattern10.test(data6)){
const err12 = {instancePath:instancePath+"/personId",schemaPath:"#/properties/personId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
}
}
else {
const err13 = {instancePath:instancePath+"/personId",schemaPath:"#/properties/personId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
}
var _valid3 = _errs28 === errors;
valid4 = valid4 || _valid3;
const _errs30 = errors;
if(data6 !== null){
const err14 = {instancePath:instancePath+"/personId",schemaPath:"#/properties/personId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
}
var _valid3 = _errs30 === errors;
valid4 = valid4 || _valid3;
if(!valid4){
const err15 = {instancePath:instancePath+"/personId",schemaPath:"#/properties/personId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
validate35.errors = vErrors;
return false;
}
else {
errors = _errs27;
if(vErrors !== null){
if(_errs27){
vErrors.length = _errs27;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs26 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.productId !== undefined){
let data7 = data.productId;
const _errs32 = errors;
const _errs33 = errors;
let valid5 = false;
const _errs34 = errors;
if(errors === _errs34){
if(typeof data7 === "string"){
if(!pattern10.test(data7)){
const err16 = {instancePath:instancePath+"/productId",schemaPath:"#/properties/productId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err16];
}
else {
vErrors.push(err16);
}
errors++;
}
}
else {
const err17 = {instancePath:instancePath+"/productId",schemaPath:"#/properties/productId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err17];
}
else {
vErrors.push(err17);
}
errors++;
}
}
var _valid4 = _errs34 === errors;
valid5 = valid5 || _valid4;
const _errs36 = errors;
if(data7 !== null){
const err18 = {instancePath:instancePath+"/productId",schemaPath:"#/properties/productId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err18];
}
else {
vErrors.push(err18);
}
errors++;
}
var _valid4 = _errs36 === errors;
valid5 = valid5 || _valid4;
if(!valid5){
const err19 = {instancePath:instancePath+"/productId",schemaPath:"#/properties/productId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err19];
}
else {
vErrors.push(err19);
}
errors++;
validate35.errors = vErrors;
return false;
}
else {
errors = _errs33;
if(vErrors !== null){
if(_errs33){
vErrors.length = _errs33;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs32 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.tookMillilitres !== undefined){
let data8 = data.tookMillilitres;
const _errs38 = errors;
const _errs39 = errors;
let valid6 = false;
const _errs40 = errors;
if(errors === _errs40){
if((typeof data8 == "number") && (isFinite(data8))){
if(data8 > 1000000 || isNaN(data8)){
const err20 = {instancePath:instancePath+"/tookMillilitres",schemaPath:"#/properties/tookMillilitres/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}};
if(vErrors === null){
vErrors = [err20];
}
else {
vErrors.push(err20);
}
errors++;
}
else {
if(data8 < 0 || isNaN(data8)){
const err21 = {instancePath:instancePath+"/tookMillilitres",schemaPath:"#/properties/tookMillilitres/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err21];
}
else {
vErrors.push(err21);
}
errors++;
}
}
}
else {
const err22 = {instancePath:instancePath+"/tookMillilitres",schemaPath:"#/properties/tookMillilitres/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err22];
}
else {
vErrors.push(err22);
}
errors++;
}
}
var _valid5 = _errs40 === errors;
valid6 = valid6 || _valid5;
const _errs42 = errors;
if(data8 !== null){
const err23 = {instancePath:instancePath+"/tookMillilitres",schemaPath:"#/properties/tookMillilitres/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err23];
}
else {
vErrors.push(err23);
}
errors++;
}
var _valid5 = _errs42 === errors;
valid6 = valid6 || _valid5;
if(!valid6){
const err24 = {instancePath:instancePath+"/tookMillilitres",schemaPath:"#/properties/tookMillilitres/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err24];
}
else {
vErrors.push(err24);
}
errors++;
validate35.errors = vErrors;
return false;
}
else {
errors = _errs39;
if(vErrors !== null){
if(_errs39){
vErrors.length = _errs39;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs38 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.plannedMinutes !== undefined){
let data9 = data.plannedMinutes;
const _errs44 = errors;
const _errs45 = errors;
let valid7 = false;
const _errs46 = errors;
if(errors === _errs46){
if((typeof data9 == "number") && (isFinite(data9))){
if(data9 > 10000 || isNaN(data9)){
const err25 = {instancePath:instancePath+"/plannedMinutes",schemaPath:"#/properties/plannedMinutes/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}};
if(vErrors === null){
vErrors = [err25];
}
else {
vErrors.push(err25);
}
errors++;
}
else {
if(data9 < 0 || isNaN(data9)){
const err26 = {instancePath:instancePath+"/plannedMinutes",schemaPath:"#/properties/plannedMinutes/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err26];
}
else {
vErrors.push(err26);
}
errors++;
}
}
}
else {
const err27 = {instancePath:instancePath+"/plannedMinutes",schemaPath:"#/properties/plannedMinutes/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err27];
}
else {
vErrors.push(err27);
}
errors++;
}
}
var _valid6 = _errs46 === errors;
valid7 = valid7 || _valid6;
const _errs48 = errors;
if(data9 !== null){
const err28 = {instancePath:instancePath+"/plannedMinutes",schemaPath:"#/properties/plannedMinutes/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err28];
}
else {
vErrors.push(err28);
}
errors++;
}
var _valid6 = _errs48 === errors;
valid7 = valid7 || _valid6;
if(!valid7){
const err29 = {instancePath:instancePath+"/plannedMinutes",schemaPath:"#/properties/plannedMinutes/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err29];
}
else {
vErrors.push(err29);
}
errors++;
validate35.errors = vErrors;
return false;
}
else {
errors = _errs45;
if(vErrors !== null){
if(_errs45){
vErrors.length = _errs45;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs44 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.actualMinutes !== undefined){
let data10 = data.actualMinutes;
const _errs50 = errors;
const _errs51 = errors;
let valid8 = false;
const _errs52 = errors;
if(errors === _errs52){
if((typeof data10 == "number") && (isFinite(data10))){
if(data10 > 10000 || isNaN(data10)){
const err30 = {instancePath:instancePath+"/actualMinutes",schemaPath:"#/properties/actualMinutes/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}};
if(vErrors === null){
vErrors = [err30];
}
else {
vErrors.push(err30);
}
errors++;
}
else {
if(data10 < 0 || isNaN(data10)){
const err31 = {instancePath:instancePath+"/actualMinutes",schemaPath:"#/properties/actualMinutes/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err31];
}
else {
vErrors.push(err31);
}
errors++;
}
}
}
else {
const err32 = {instancePath:instancePath+"/actualMinutes",schemaPath:"#/properties/actualMinutes/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err32];
}
else {
vErrors.push(err32);
}
errors++;
}
}
var _valid7 = _errs52 === errors;
valid8 = valid8 || _valid7;
const _errs54 = errors;
if(data10 !== null){
const err33 = {instancePath:instancePath+"/actualMinutes",schemaPath:"#/properties/actualMinutes/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err33];
}
else {
vErrors.push(err33);
}
errors++;
}
var _valid7 = _errs54 === errors;
valid8 = valid8 || _valid7;
if(!valid8){
const err34 = {instancePath:instancePath+"/actualMinutes",schemaPath:"#/properties/actualMinutes/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err34];
}
else {
vErrors.push(err34);
}
errors++;
validate35.errors = vErrors;
return false;
}
else {
errors = _errs51;
if(vErrors !== null){
if(_errs51){
vErrors.length = _errs51;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs50 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.air !== undefined){
let data11 = data.air;
const _errs56 = errors;
const _errs57 = errors;
let valid9 = false;
const _errs58 = errors;
if(!(data11 && typeof data11 == "object" && !Array.isArray(data11))){
const err35 = {instancePath:instancePath+"/air",schemaPath:"#/properties/air/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err35];
}
else {
vErrors.push(err35);
}
errors++;
}
const _errs59 = errors;
if(errors === _errs59){
if(data11 && typeof data11 == "object" && !Array.isArray(data11)){
let missing1;
if((((data11.temperatureCelsius === undefined) && (missing1 = "temperatureCelsius")) || ((data11.relativeHumidityPercent === undefined) && (missing1 = "relativeHumidityPercent"))) || ((data11.origin === undefined) && (missing1 = "origin"))){
const err36 = {instancePath:instancePath+"/air",schemaPath:"#/$defs/LoggedAir/required",keyword:"required",params:{missingProperty: missing1}};
if(vErrors === null){
vErrors = [err36];
}
else {
vErrors.push(err36);
}
errors++;
}
else {
const _errs61 = errors;
for(const key1 in data11){
if(!(((key1 === "temperatureCelsius") || (key1 === "relativeHumidityPercent")) || (key1 === "origin"))){
const err37 = {instancePath:instancePath+"/air",schemaPath:"#/$defs/LoggedAir/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}};
if(vErrors === null){
vErrors = [err37];
}
else {
vErrors.push(err37);
}
errors++;
break;
}
}
if(_errs61 === errors){
if(data11.temperatureCelsius !== undefined){
let data12 = data11.temperatureCelsius;
const _errs62 = errors;
if(errors === _errs62){
if((typeof data12 == "number") && (isFinite(data12))){
if(data12 > 70 || isNaN(data12)){
const err38 = {instancePath:instancePath+"/air/temperatureCelsius",schemaPath:"#/$defs/LoggedAir/properties/temperatureCelsius/maximum",keyword:"maximum",params:{comparison: "<=", limit: 70}};
if(vErrors === null){
vErrors = [err38];
}
else {
vErrors.push(err38);
}
errors++;
}
else {
if(data12 < -50 || isNaN(data12)){
const err39 = {instancePath:instancePath+"/air/temperatureCelsius",schemaPath:"#/$defs/LoggedAir/properties/temperatureCelsius/minimum",keyword:"minimum",params:{comparison: ">=", limit: -50}};
if(vErrors === null){
vErrors = [err39];
}
else {
vErrors.push(err39);
}
errors++;
}
}
}
else {
const err40 = {instancePath:instancePath+"/air/temperatureCelsius",schemaPath:"#/$defs/LoggedAir/properties/temperatureCelsius/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err40];
}
else {
vErrors.push(err40);
}
errors++;
}
}
var valid11 = _errs62 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data11.relativeHumidityPercent !== undefined){
let data13 = data11.relativeHumidityPercent;
const _errs64 = errors;
if(errors === _errs64){
if((typeof data13 == "number") && (isFinite(data13))){
if(data13 > 100 || isNaN(data13)){
const err41 = {instancePath:instancePath+"/air/relativeHumidityPercent",schemaPath:"#/$defs/LoggedAir/properties/relativeHumidityPercent/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}};
if(vErrors === null){
vErrors = [err41];
}
else {
vErrors.push(err41);
}
errors++;
}
else {
if(data13 < 0 || isNaN(data13)){
const err42 = {instancePath:instancePath+"/air/relativeHumidityPercent",schemaPath:"#/$defs/LoggedAir/properties/relativeHumidityPercent/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err42];
}
else {
vErrors.push(err42);
}
errors++;
}
}
}
else {
const err43 = {instancePath:instancePath+"/air/relativeHumidityPercent",schemaPath:"#/$defs/LoggedAir/properties/relativeHumidityPercent/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err43];
}
else {
vErrors.push(err43);
}
errors++;
}
}
var valid11 = _errs64 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data11.origin !== undefined){
let data14 = data11.origin;
const _errs66 = errors;
if(typeof data14 !== "string"){
const err44 = {instancePath:instancePath+"/air/origin",schemaPath:"#/$defs/LoggedAir/properties/origin/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err44];
}
else {
vErrors.push(err44);
}
errors++;
}
if(!(((data14 === "measured") || (data14 === "forecast")) || (data14 === "typical"))){
const err45 = {instancePath:instancePath+"/air/origin",schemaPath:"#/$defs/LoggedAir/properties/origin/enum",keyword:"enum",params:{allowedValues: schema66.properties.origin.enum}};
if(vErrors === null){
vErrors = [err45];
}
else {
vErrors.push(err45);
}
errors++;
}
var valid11 = _errs66 === errors;
}
else {
var valid11 = true;
}
}
}
}
}
}
else {
const err46 = {instancePath:instancePath+"/air",schemaPath:"#/$defs/LoggedAir/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err46];
}
else {
vErrors.push(err46);
}
errors++;
}
}
var _valid8 = _errs58 === errors;
valid9 = valid9 || _valid8;
const _errs69 = errors;
if(data11 !== null){
const err47 = {instancePath:instancePath+"/air",schemaPath:"#/properties/air/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err47];
}
else {
vErrors.push(err47);
}
errors++;
}
var _valid8 = _errs69 === errors;
valid9 = valid9 || _valid8;
if(!valid9){
const err48 = {instancePath:instancePath+"/air",schemaPath:"#/properties/air/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err48];
}
else {
vErrors.push(err48);
}
errors++;
validate35.errors = vErrors;
return false;
}
else {
errors = _errs57;
if(vErrors !== null){
if(_errs57){
vErrors.length = _errs57;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs56 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.text !== undefined){
let data15 = data.text;
const _errs71 = errors;
if(errors === _errs71){
if(typeof data15 === "string"){
if(data15.length > 4000){
validate35.errors = [{instancePath:instancePath+"/text",schemaPath:"#/properties/text/maxLength",keyword:"maxLength",params:{limit: 4000}}];
return false;
}
}
else {
validate35.errors = [{instancePath:instancePath+"/text",schemaPath:"#/properties/text/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs71 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.isForNextTime !== undefined){
const _errs73 = errors;
if(typeof data.isForNextTime !== "boolean"){
validate35.errors = [{instancePath:instancePath+"/isForNextTime",schemaPath:"#/properties/isForNextTime/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid0 = _errs73 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.pictureIds !== undefined){
let data17 = data.pictureIds;
const _errs75 = errors;
if(errors === _errs75){
if(Array.isArray(data17)){
if(data17.length > 50){
validate35.errors = [{instancePath:instancePath+"/pictureIds",schemaPath:"#/properties/pictureIds/maxItems",keyword:"maxItems",params:{limit: 50}}];
return false;
}
else {
var valid12 = true;
const len0 = data17.length;
for(let i0=0; i0<len0; i0++){
let data18 = data17[i0];
const _errs77 = errors;
if(errors === _errs77){
if(typeof data18 === "string"){
if(!pattern10.test(data18)){
validate35.errors = [{instancePath:instancePath+"/pictureIds/" + i0,schemaPath:"#/properties/pictureIds/items/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate35.errors = [{instancePath:instancePath+"/pictureIds/" + i0,schemaPath:"#/properties/pictureIds/items/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid12 = _errs77 === errors;
if(!valid12){
break;
}
}
}
}
else {
validate35.errors = [{instancePath:instancePath+"/pictureIds",schemaPath:"#/properties/pictureIds/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs75 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.correctsId !== undefined){
let data19 = data.correctsId;
const _errs79 = errors;
const _errs80 = errors;
let valid13 = false;
const _errs81 = errors;
if(errors === _errs81){
if(typeof data19 === "string"){
if(!pattern10.test(data19)){
const err49 = {instancePath:instancePath+"/correctsId",schemaPath:"#/properties/correctsId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err49];
}
else {
vErrors.push(err49);
}
errors++;
}
}
else {
const err50 = {instancePath:instancePath+"/correctsId",schemaPath:"#/properties/correctsId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err50];
}
else {
vErrors.push(err50);
}
errors++;
}
}
var _valid9 = _errs81 === errors;
valid13 = valid13 || _valid9;
const _errs83 = errors;
if(data19 !== null){
const err51 = {instancePath:instancePath+"/correctsId",schemaPath:"#/properties/correctsId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err51];
}
else {
vErrors.push(err51);
}
errors++;
}
var _valid9 = _errs83 === errors;
valid13 = valid13 || _valid9;
if(!valid13){
const err52 = {instancePath:instancePath+"/correctsId",schemaPath:"#/properties/correctsId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err52];
}
else {
vErrors.push(err52);
}
errors++;
validate35.errors = vErrors;
return false;
}
else {
errors = _errs80;
if(vErrors !== null){
if(_errs80){
vErrors.length = _errs80;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs79 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data20 = data.id;
const _errs85 = errors;
if(errors === _errs85){
if(typeof data20 === "string"){
if(!pattern10.test(data20)){
validate35.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate35.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs85 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data21 = data.revision;
const _errs87 = errors;
if(!(((typeof data21 == "number") && (!(data21 % 1) && !isNaN(data21))) && (isFinite(data21)))){
validate35.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs87){
if((typeof data21 == "number") && (isFinite(data21))){
if(data21 < 0 || isNaN(data21)){
validate35.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs87 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate35.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate35.errors = vErrors;
return errors === 0;
}
validate35.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema67 = {"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"mediaType":{"type":"string","enum":["image/jpeg","image/png","image/webp"]},"byteLength":{"maximum":67108864,"type":"integer","minimum":1},"propId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"partId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"isOwn":{"type":"boolean"},"focalShare":{"anyOf":[{"maximum":100,"type":"number","minimum":0.1},{"type":"null"}]},"neutral":{"anyOf":[{"$ref":"#/$defs/PictureNeutral","type":"object"},{"type":"null"}]},"takenAtMs":{"anyOf":[{"type":"integer","minimum":946684800000,"maximum":4102444800000},{"type":"null"}]},"note":{"maxLength":4000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","mediaType","byteLength","propId","partId","isOwn","focalShare","neutral","takenAtMs","note","id","revision"],"additionalProperties":false};
const schema68 = {"properties":{"area":{"$ref":"#/$defs/PictureArea","type":"object"},"known":{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},"gains":{"items":{"maximum":100000,"type":"number","minimum":0},"type":"array","maxItems":3,"minItems":3}},"type":"object","required":["area","known","gains"],"additionalProperties":false};
const schema69 = {"properties":{"width":{"maximum":1,"type":"number","minimum":0},"height":{"maximum":1,"type":"number","minimum":0},"x":{"maximum":1,"type":"number","minimum":0},"y":{"maximum":1,"type":"number","minimum":0}},"type":"object","required":["width","height","x","y"],"additionalProperties":false};

function validate38(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate38.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if((((data.area === undefined) && (missing0 = "area")) || ((data.known === undefined) && (missing0 = "known"))) || ((data.gains === undefined) && (missing0 = "gains"))){
validate38.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(((key0 === "area") || (key0 === "known")) || (key0 === "gains"))){
validate38.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.area !== undefined){
let data0 = data.area;
const _errs2 = errors;
if(!(data0 && typeof data0 == "object" && !Array.isArray(data0))){
validate38.errors = [{instancePath:instancePath+"/area",schemaPath:"#/properties/area/type",keyword:"type",params:{type: "object"}}];
return false;
}
const _errs3 = errors;
if(errors === _errs3){
if(data0 && typeof data0 == "object" && !Array.isArray(data0)){
let missing1;
if(((((data0.width === undefined) && (missing1 = "width")) || ((data0.height === undefined) && (missing1 = "height"))) || ((data0.x === undefined) && (missing1 = "x"))) || ((data0.y === undefined) && (missing1 = "y"))){
validate38.errors = [{instancePath:instancePath+"/area",schemaPath:"#/$defs/PictureArea/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs5 = errors;
for(const key1 in data0){
if(!((((key1 === "width") || (key1 === "height")) || (key1 === "x")) || (key1 === "y"))){
validate38.errors = [{instancePath:instancePath+"/area",schemaPath:"#/$defs/PictureArea/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs5 === errors){
if(data0.width !== undefined){
let data1 = data0.width;
const _errs6 = errors;
if(errors === _errs6){
if((typeof data1 == "number") && (isFinite(data1))){
if(data1 > 1 || isNaN(data1)){
validate38.errors = [{instancePath:instancePath+"/area/width",schemaPath:"#/$defs/PictureArea/properties/width/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data1 < 0 || isNaN(data1)){
validate38.errors = [{instancePath:instancePath+"/area/width",schemaPath:"#/$defs/PictureArea/properties/width/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate38.errors = [{instancePath:instancePath+"/area/width",schemaPath:"#/$defs/PictureArea/properties/width/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs6 === errors;
}
else {
var valid2 = true;
}
if(valid2){
if(data0.height !== undefined){
let data2 = data0.height;
const _errs8 = errors;
if(errors === _errs8){
if((typeof data2 == "number") && (isFinite(data2))){
if(data2 > 1 || isNaN(data2)){
validate38.errors = [{instancePath:instancePath+"/area/height",schemaPath:"#/$defs/PictureArea/properties/height/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data2 < 0 || isNaN(data2)){
validate38.errors = [{instancePath:instancePath+"/area/height",schemaPath:"#/$defs/PictureArea/properties/height/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate38.errors = [{instancePath:instancePath+"/area/height",schemaPath:"#/$defs/PictureArea/properties/height/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs8 === errors;
}
else {
var valid2 = true;
}
if(valid2){
if(data0.x !== undefined){
let data3 = data0.x;
const _errs10 = errors;
if(errors === _errs10){
if((typeof data3 == "number") && (isFinite(data3))){
if(data3 > 1 || isNaN(data3)){
validate38.errors = [{instancePath:instancePath+"/area/x",schemaPath:"#/$defs/PictureArea/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data3 < 0 || isNaN(data3)){
validate38.errors = [{instancePath:instancePath+"/area/x",schemaPath:"#/$defs/PictureArea/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate38.errors = [{instancePath:instancePath+"/area/x",schemaPath:"#/$defs/PictureArea/properties/x/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs10 === errors;
}
else {
var valid2 = true;
}
if(valid2){
if(data0.y !== undefined){
let data4 = data0.y;
const _errs12 = errors;
if(errors === _errs12){
if((typeof data4 == "number") && (isFinite(data4))){
if(data4 > 1 || isNaN(data4)){
validate38.errors = [{instancePath:instancePath+"/area/y",schemaPath:"#/$defs/PictureArea/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data4 < 0 || isNaN(data4)){
validate38.errors = [{instancePath:instancePath+"/area/y",schemaPath:"#/$defs/PictureArea/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate38.errors = [{instancePath:instancePath+"/area/y",schemaPath:"#/$defs/PictureArea/properties/y/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs12 === errors;
}
else {
var valid2 = true;
}
}
}
}
}
}
}
else {
validate38.errors = [{instancePath:instancePath+"/area",schemaPath:"#/$defs/PictureArea/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.known !== undefined){
let data5 = data.known;
const _errs15 = errors;
if(errors === _errs15){
if(Array.isArray(data5)){
if(data5.length > 3){
validate38.errors = [{instancePath:instancePath+"/known",schemaPath:"#/properties/known/maxItems",keyword:"maxItems",params:{limit: 3}}];
return false;
}
else {
if(data5.length < 3){
validate38.errors = [{instancePath:instancePath+"/known",schemaPath:"#/properties/known/minItems",keyword:"minItems",params:{limit: 3}}];
return false;
}
else {
var valid3 = true;
const len0 = data5.length;
for(let i0=0; i0<len0; i0++){
let data6 = data5[i0];
const _errs17 = errors;
if(errors === _errs17){
if((typeof data6 == "number") && (isFinite(data6))){
if(data6 > 200 || isNaN(data6)){
validate38.errors = [{instancePath:instancePath+"/known/" + i0,schemaPath:"#/properties/known/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200}}];
return false;
}
else {
if(data6 < -200 || isNaN(data6)){
validate38.errors = [{instancePath:instancePath+"/known/" + i0,schemaPath:"#/properties/known/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: -200}}];
return false;
}
}
}
else {
validate38.errors = [{instancePath:instancePath+"/known/" + i0,schemaPath:"#/properties/known/items/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid3 = _errs17 === errors;
if(!valid3){
break;
}
}
}
}
}
else {
validate38.errors = [{instancePath:instancePath+"/known",schemaPath:"#/properties/known/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs15 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.gains !== undefined){
let data7 = data.gains;
const _errs19 = errors;
if(errors === _errs19){
if(Array.isArray(data7)){
if(data7.length > 3){
validate38.errors = [{instancePath:instancePath+"/gains",schemaPath:"#/properties/gains/maxItems",keyword:"maxItems",params:{limit: 3}}];
return false;
}
else {
if(data7.length < 3){
validate38.errors = [{instancePath:instancePath+"/gains",schemaPath:"#/properties/gains/minItems",keyword:"minItems",params:{limit: 3}}];
return false;
}
else {
var valid4 = true;
const len1 = data7.length;
for(let i1=0; i1<len1; i1++){
let data8 = data7[i1];
const _errs21 = errors;
if(errors === _errs21){
if((typeof data8 == "number") && (isFinite(data8))){
if(data8 > 100000 || isNaN(data8)){
validate38.errors = [{instancePath:instancePath+"/gains/" + i1,schemaPath:"#/properties/gains/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100000}}];
return false;
}
else {
if(data8 < 0 || isNaN(data8)){
validate38.errors = [{instancePath:instancePath+"/gains/" + i1,schemaPath:"#/properties/gains/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate38.errors = [{instancePath:instancePath+"/gains/" + i1,schemaPath:"#/properties/gains/items/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid4 = _errs21 === errors;
if(!valid4){
break;
}
}
}
}
}
else {
validate38.errors = [{instancePath:instancePath+"/gains",schemaPath:"#/properties/gains/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs19 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
else {
validate38.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate38.errors = vErrors;
return errors === 0;
}
validate38.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};


function validate37(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate37.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if(((((((((((((data.name === undefined) && (missing0 = "name")) || ((data.mediaType === undefined) && (missing0 = "mediaType"))) || ((data.byteLength === undefined) && (missing0 = "byteLength"))) || ((data.propId === undefined) && (missing0 = "propId"))) || ((data.partId === undefined) && (missing0 = "partId"))) || ((data.isOwn === undefined) && (missing0 = "isOwn"))) || ((data.focalShare === undefined) && (missing0 = "focalShare"))) || ((data.neutral === undefined) && (missing0 = "neutral"))) || ((data.takenAtMs === undefined) && (missing0 = "takenAtMs"))) || ((data.note === undefined) && (missing0 = "note"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate37.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(func1.call(schema67.properties, key0))){
validate37.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.name !== undefined){
let data0 = data.name;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(data0.length > 200){
validate37.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data0.length < 1){
validate37.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data0)){
validate37.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate37.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.mediaType !== undefined){
let data1 = data.mediaType;
const _errs4 = errors;
if(typeof data1 !== "string"){
validate37.errors = [{instancePath:instancePath+"/mediaType",schemaPath:"#/properties/mediaType/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((data1 === "image/jpeg") || (data1 === "image/png")) || (data1 === "image/webp"))){
validate37.errors = [{instancePath:instancePath+"/mediaType",schemaPath:"#/properties/mediaType/enum",keyword:"enum",params:{allowedValues: schema67.properties.mediaType.enum}}];
return false;
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.byteLength !== undefined){
let data2 = data.byteLength;
const _errs6 = errors;
if(!(((typeof data2 == "number") && (!(data2 % 1) && !isNaN(data2))) && (isFinite(data2)))){
validate37.errors = [{instancePath:instancePath+"/byteLength",schemaPath:"#/properties/byteLength/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs6){
if((typeof data2 == "number") && (isFinite(data2))){
if(data2 > 67108864 || isNaN(data2)){
validate37.errors = [{instancePath:instancePath+"/byteLength",schemaPath:"#/properties/byteLength/maximum",keyword:"maximum",params:{comparison: "<=", limit: 67108864}}];
return false;
}
else {
if(data2 < 1 || isNaN(data2)){
validate37.errors = [{instancePath:instancePath+"/byteLength",schemaPath:"#/properties/byteLength/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid0 = _errs6 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.propId !== undefined){
let data3 = data.propId;
const _errs8 = errors;
const _errs9 = errors;
let valid1 = false;
const _errs10 = errors;
if(errors === _errs10){
if(typeof data3 === "string"){
if(!pattern10.test(data3)){
const err0 = {instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
}
else {
const err1 = {instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
}
var _valid0 = _errs10 === errors;
valid1 = valid1 || _valid0;
const _errs12 = errors;
if(data3 !== null){
const err2 = {instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
}
var _valid0 = _errs12 === errors;
valid1 = valid1 || _valid0;
if(!valid1){
const err3 = {instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
validate37.errors = vErrors;
return false;
}
else {
errors = _errs9;
if(vErrors !== null){
if(_errs9){
vErrors.length = _errs9;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs8 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.partId !== undefined){
let data4 = data.partId;
const _errs14 = errors;
const _errs15 = errors;
let valid2 = false;
const _errs16 = errors;
if(errors === _errs16){
if(typeof data4 === "string"){
if(!pattern10.test(data4)){
const err4 = {instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
}
else {
const err5 = {instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
}
var _valid1 = _errs16 === errors;
valid2 = valid2 || _valid1;
const _errs18 = errors;
if(data4 !== null){
const err6 = {instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
}
var _valid1 = _errs18 === errors;
valid2 = valid2 || _valid1;
if(!valid2){
const err7 = {instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
validate37.errors = vErrors;
return false;
}
else {
errors = _errs15;
if(vErrors !== null){
if(_errs15){
vErrors.length = _errs15;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs14 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.isOwn !== undefined){
const _errs20 = errors;
if(typeof data.isOwn !== "boolean"){
validate37.errors = [{instancePath:instancePath+"/isOwn",schemaPath:"#/properties/isOwn/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid0 = _errs20 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.focalShare !== undefined){
let data6 = data.focalShare;
const _errs22 = errors;
const _errs23 = errors;
let valid3 = false;
const _errs24 = errors;
if(errors === _errs24){
if((typeof data6 == "number") && (isFinite(data6))){
if(data6 > 100 || isNaN(data6)){
const err8 = {instancePath:instancePath+"/focalShare",schemaPath:"#/properties/focalShare/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
}
else {
if(data6 < 0.1 || isNaN(data6)){
const err9 = {instancePath:instancePath+"/focalShare",schemaPath:"#/properties/focalShare/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.1}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
}
}
}
else {
const err10 = {instancePath:instancePath+"/focalShare",schemaPath:"#/properties/focalShare/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
}
}
var _valid2 = _errs24 === errors;
valid3 = valid3 || _valid2;
const _errs26 = errors;
if(data6 !== null){
const err11 = {instancePath:instancePath+"/focalShare",schemaPath:"#/properties/focalShare/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
}
var _valid2 = _errs26 === errors;
valid3 = valid3 || _valid2;
if(!valid3){
const err12 = {instancePath:instancePath+"/focalShare",schemaPath:"#/properties/focalShare/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
validate37.errors = vErrors;
return false;
}
else {
errors = _errs23;
if(vErrors !== null){
if(_errs23){
vErrors.length = _errs23;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs22 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.neutral !== undefined){
let data7 = data.neutral;
const _errs28 = errors;
const _errs29 = errors;
let valid4 = false;
const _errs30 = errors;
if(!(data7 && typeof data7 == "object" && !Array.isArray(data7))){
const err13 = {instancePath:instancePath+"/neutral",schemaPath:"#/properties/neutral/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
if(!(validate38(data7, {instancePath:instancePath+"/neutral",parentData:data,parentDataProperty:"neutral",rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate38.errors : vErrors.concat(validate38.errors);
errors = vErrors.length;
}
var _valid3 = _errs30 === errors;
valid4 = valid4 || _valid3;
const _errs32 = errors;
if(data7 !== null){
const err14 = {instancePath:instancePath+"/neutral",schemaPath:"#/properties/neutral/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
}
var _valid3 = _errs32 === errors;
valid4 = valid4 || _valid3;
if(!valid4){
const err15 = {instancePath:instancePath+"/neutral",schemaPath:"#/properties/neutral/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
validate37.errors = vErrors;
return false;
}
else {
errors = _errs29;
if(vErrors !== null){
if(_errs29){
vErrors.length = _errs29;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs28 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.takenAtMs !== undefined){
let data8 = data.takenAtMs;
const _errs34 = errors;
const _errs35 = errors;
let valid5 = false;
const _errs36 = errors;
if(!(((typeof data8 == "number") && (!(data8 % 1) && !isNaN(data8))) && (isFinite(data8)))){
const err16 = {instancePath:instancePath+"/takenAtMs",schemaPath:"#/properties/takenAtMs/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err16];
}
else {
vErrors.push(err16);
}
errors++;
}
if(errors === _errs36){
if((typeof data8 == "number") && (isFinite(data8))){
if(data8 > 4102444800000 || isNaN(data8)){
const err17 = {instancePath:instancePath+"/takenAtMs",schemaPath:"#/properties/takenAtMs/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err17];
}
else {
vErrors.push(err17);
}
errors++;
}
else {
if(data8 < 946684800000 || isNaN(data8)){
const err18 = {instancePath:instancePath+"/takenAtMs",schemaPath:"#/properties/takenAtMs/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err18];
}
else {
vErrors.push(err18);
}
errors++;
}
}
}
}
var _valid4 = _errs36 === errors;
valid5 = valid5 || _valid4;
const _errs38 = errors;
if(data8 !== null){
const err19 = {instancePath:instancePath+"/takenAtMs",schemaPath:"#/properties/takenAtMs/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err19];
}
else {
vErrors.push(err19);
}
errors++;
}
var _valid4 = _errs38 === errors;
valid5 = valid5 || _valid4;
if(!valid5){
const err20 = {instancePath:instancePath+"/takenAtMs",schemaPath:"#/properties/takenAtMs/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err20];
}
else {
vErrors.push(err20);
}
errors++;
validate37.errors = vErrors;
return false;
}
else {
errors = _errs35;
if(vErrors !== null){
if(_errs35){
vErrors.length = _errs35;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs34 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.note !== undefined){
let data9 = data.note;
const _errs40 = errors;
if(errors === _errs40){
if(typeof data9 === "string"){
if(data9.length > 4000){
validate37.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/maxLength",keyword:"maxLength",params:{limit: 4000}}];
return false;
}
}
else {
validate37.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs40 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data10 = data.id;
const _errs42 = errors;
if(errors === _errs42){
if(typeof data10 === "string"){
if(!pattern10.test(data10)){
validate37.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate37.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs42 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data11 = data.revision;
const _errs44 = errors;
if(!(((typeof data11 == "number") && (!(data11 % 1) && !isNaN(data11))) && (isFinite(data11)))){
validate37.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs44){
if((typeof data11 == "number") && (isFinite(data11))){
if(data11 < 0 || isNaN(data11)){
validate37.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs44 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate37.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate37.errors = vErrors;
return errors === 0;
}
validate37.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema72 = {"properties":{"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"kind":{"type":"string","enum":["layerLine","supportScar","brim","swollenFoot","seam","pinhole","scratch","run","sag","orangePeel","drySpray","fishEye","wrinkle","crack","overspray","tapeBleed","liftedPaint","dust","printThrough"]},"sizeMillimetres":{"maximum":1000,"type":"number","minimum":0.01},"foundPassId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"fixedPassId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"pin":{"anyOf":[{"$ref":"#/$defs/FlawPin","type":"object"},{"type":"null"}]},"note":{"maxLength":2000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["partId","kind","sizeMillimetres","foundPassId","fixedPassId","pin","note","id","revision"],"additionalProperties":false};
const schema73 = {"properties":{"pictureId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"meshId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"place":{"items":{"type":"number"},"type":"array","maxItems":3,"minItems":2}},"type":"object","required":["pictureId","meshId","place"],"additionalProperties":false};

function validate41(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate41.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if((((((((((data.partId === undefined) && (missing0 = "partId")) || ((data.kind === undefined) && (missing0 = "kind"))) || ((data.sizeMillimetres === undefined) && (missing0 = "sizeMillimetres"))) || ((data.foundPassId === undefined) && (missing0 = "foundPassId"))) || ((data.fixedPassId === undefined) && (missing0 = "fixedPassId"))) || ((data.pin === undefined) && (missing0 = "pin"))) || ((data.note === undefined) && (missing0 = "note"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate41.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(func1.call(schema72.properties, key0))){
validate41.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.partId !== undefined){
let data0 = data.partId;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(!pattern10.test(data0)){
validate41.errors = [{instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate41.errors = [{instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.kind !== undefined){
let data1 = data.kind;
const _errs4 = errors;
if(typeof data1 !== "string"){
validate41.errors = [{instancePath:instancePath+"/kind",schemaPath:"#/properties/kind/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((((((((((((((((((data1 === "layerLine") || (data1 === "supportScar")) || (data1 === "brim")) || (data1 === "swollenFoot")) || (data1 === "seam")) || (data1 === "pinhole")) || (data1 === "scratch")) || (data1 === "run")) || (data1 === "sag")) || (data1 === "orangePeel")) || (data1 === "drySpray")) || (data1 === "fishEye")) || (data1 === "wrinkle")) || (data1 === "crack")) || (data1 === "overspray")) || (data1 === "tapeBleed")) || (data1 === "liftedPaint")) || (data1 === "dust")) || (data1 === "printThrough"))){
validate41.errors = [{instancePath:instancePath+"/kind",schemaPath:"#/properties/kind/enum",keyword:"enum",params:{allowedValues: schema72.properties.kind.enum}}];
return false;
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.sizeMillimetres !== undefined){
let data2 = data.sizeMillimetres;
const _errs6 = errors;
if(errors === _errs6){
if((typeof data2 == "number") && (isFinite(data2))){
if(data2 > 1000 || isNaN(data2)){
validate41.errors = [{instancePath:instancePath+"/sizeMillimetres",schemaPath:"#/properties/sizeMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000}}];
return false;
}
else {
if(data2 < 0.01 || isNaN(data2)){
validate41.errors = [{instancePath:instancePath+"/sizeMillimetres",schemaPath:"#/properties/sizeMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.01}}];
return false;
}
}
}
else {
validate41.errors = [{instancePath:instancePath+"/sizeMillimetres",schemaPath:"#/properties/sizeMillimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs6 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.foundPassId !== undefined){
let data3 = data.foundPassId;
const _errs8 = errors;
const _errs9 = errors;
let valid1 = false;
const _errs10 = errors;
if(errors === _errs10){
if(typeof data3 === "string"){
if(!pattern10.test(data3)){
const err0 = {instancePath:instancePath+"/foundPassId",schemaPath:"#/properties/foundPassId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
}
else {
const err1 = {instancePath:instancePath+"/foundPassId",schemaPath:"#/properties/foundPassId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
}
var _valid0 = _errs10 === errors;
valid1 = valid1 || _valid0;
const _errs12 = errors;
if(data3 !== null){
const err2 = {instancePath:instancePath+"/foundPassId",schemaPath:"#/properties/foundPassId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
}
var _valid0 = _errs12 === errors;
valid1 = valid1 || _valid0;
if(!valid1){
const err3 = {instancePath:instancePath+"/foundPassId",schemaPath:"#/properties/foundPassId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
validate41.errors = vErrors;
return false;
}
else {
errors = _errs9;
if(vErrors !== null){
if(_errs9){
vErrors.length = _errs9;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs8 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.fixedPassId !== undefined){
let data4 = data.fixedPassId;
const _errs14 = errors;
const _errs15 = errors;
let valid2 = false;
const _errs16 = errors;
if(errors === _errs16){
if(typeof data4 === "string"){
if(!pattern10.test(data4)){
const err4 = {instancePath:instancePath+"/fixedPassId",schemaPath:"#/properties/fixedPassId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
}
else {
const err5 = {instancePath:instancePath+"/fixedPassId",schemaPath:"#/properties/fixedPassId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
}
var _valid1 = _errs16 === errors;
valid2 = valid2 || _valid1;
const _errs18 = errors;
if(data4 !== null){
const err6 = {instancePath:instancePath+"/fixedPassId",schemaPath:"#/properties/fixedPassId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
}
var _valid1 = _errs18 === errors;
valid2 = valid2 || _valid1;
if(!valid2){
const err7 = {instancePath:instancePath+"/fixedPassId",schemaPath:"#/properties/fixedPassId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
validate41.errors = vErrors;
return false;
}
else {
errors = _errs15;
if(vErrors !== null){
if(_errs15){
vErrors.length = _errs15;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs14 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.pin !== undefined){
let data5 = data.pin;
const _errs20 = errors;
const _errs21 = errors;
let valid3 = false;
const _errs22 = errors;
if(!(data5 && typeof data5 == "object" && !Array.isArray(data5))){
const err8 = {instancePath:instancePath+"/pin",schemaPath:"#/properties/pin/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
}
const _errs23 = errors;
if(errors === _errs23){
if(data5 && typeof data5 == "object" && !Array.isArray(data5)){
let missing1;
if((((data5.pictureId === undefined) && (missing1 = "pictureId")) || ((data5.meshId === undefined) && (missing1 = "meshId"))) || ((data5.place === undefined) && (missing1 = "place"))){
const err9 = {instancePath:instancePath+"/pin",schemaPath:"#/$defs/FlawPin/required",keyword:"required",params:{missingProperty: missing1}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
}
else {
const _errs25 = errors;
for(const key1 in data5){
if(!(((key1 === "pictureId") || (key1 === "meshId")) || (key1 === "place"))){
const err10 = {instancePath:instancePath+"/pin",schemaPath:"#/$defs/FlawPin/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
break;
}
}
if(_errs25 === errors){
if(data5.pictureId !== undefined){
let data6 = data5.pictureId;
const _errs26 = errors;
const _errs27 = errors;
let valid6 = false;
const _errs28 = errors;
if(errors === _errs28){
if(typeof data6 === "string"){
if(!pattern10.test(data6)){
const err11 = {instancePath:instancePath+"/pin/pictureId",schemaPath:"#/$defs/FlawPin/properties/pictureId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
}
}
else {
const err12 = {instancePath:instancePath+"/pin/pictureId",schemaPath:"#/$defs/FlawPin/properties/pictureId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
}
}
var _valid3 = _errs28 === errors;
valid6 = valid6 || _valid3;
const _errs30 = errors;
if(data6 !== null){
const err13 = {instancePath:instancePath+"/pin/pictureId",schemaPath:"#/$defs/FlawPin/properties/pictureId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
var _valid3 = _errs30 === errors;
valid6 = valid6 || _valid3;
if(!valid6){
const err14 = {instancePath:instancePath+"/pin/pictureId",schemaPath:"#/$defs/FlawPin/properties/pictureId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
}
else {
errors = _errs27;
if(vErrors !== null){
if(_errs27){
vErrors.length = _errs27;
}
else {
vErrors = null;
}
}
}
var valid5 = _errs26 === errors;
}
else {
var valid5 = true;
}
if(valid5){
if(data5.meshId !== undefined){
let data7 = data5.meshId;
const _errs32 = errors;
const _errs33 = errors;
let valid7 = false;
const _errs34 = errors;
if(errors === _errs34){
if(typeof data7 === "string"){
if(!pattern10.test(data7)){
const err15 = {instancePath:instancePath+"/pin/meshId",schemaPath:"#/$defs/FlawPin/properties/meshId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
}
}
else {
const err16 = {instancePath:instancePath+"/pin/meshId",schemaPath:"#/$defs/FlawPin/properties/meshId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err16];
}
else {
vErrors.push(err16);
}
errors++;
}
}
var _valid4 = _errs34 === errors;
valid7 = valid7 || _valid4;
const _errs36 = errors;
if(data7 !== null){
const err17 = {instancePath:instancePath+"/pin/meshId",schemaPath:"#/$defs/FlawPin/properties/meshId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err17];
}
else {
vErrors.push(err17);
}
errors++;
}
var _valid4 = _errs36 === errors;
valid7 = valid7 || _valid4;
if(!valid7){
const err18 = {instancePath:instancePath+"/pin/meshId",schemaPath:"#/$defs/FlawPin/properties/meshId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err18];
}
else {
vErrors.push(err18);
}
errors++;
}
else {
errors = _errs33;
if(vErrors !== null){
if(_errs33){
vErrors.length = _errs33;
}
else {
vErrors = null;
}
}
}
var valid5 = _errs32 === errors;
}
else {
var valid5 = true;
}
if(valid5){
if(data5.place !== undefined){
let data8 = data5.place;
const _errs38 = errors;
if(errors === _errs38){
if(Array.isArray(data8)){
if(data8.length > 3){
const err19 = {instancePath:instancePath+"/pin/place",schemaPath:"#/$defs/FlawPin/properties/place/maxItems",keyword:"maxItems",params:{limit: 3}};
if(vErrors === null){
vErrors = [err19];
}
else {
vErrors.push(err19);
}
errors++;
}
else {
if(data8.length < 2){
const err20 = {instancePath:instancePath+"/pin/place",schemaPath:"#/$defs/FlawPin/properties/place/minItems",keyword:"minItems",params:{limit: 2}};
if(vErrors === null){
vErrors = [err20];
}
else {
vErrors.push(err20);
}
errors++;
}
else {
var valid8 = true;
const len0 = data8.length;
for(let i0=0; i0<len0; i0++){
let data9 = data8[i0];
const _errs40 = errors;
if(!((typeof data9 == "number") && (isFinite(data9)))){
const err21 = {instancePath:instancePath+"/pin/place/" + i0,schemaPath:"#/$defs/FlawPin/properties/place/items/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err21];
}
else {
vErrors.push(err21);
}
errors++;
}
var valid8 = _errs40 === errors;
if(!valid8){
break;
}
}
}
}
}
else {
const err22 = {instancePath:instancePath+"/pin/place",schemaPath:"#/$defs/FlawPin/properties/place/type",keyword:"type",params:{type: "array"}};
if(vErrors === null){
vErrors = [err22];
}
else {
vErrors.push(err22);
}
errors++;
}
}
var valid5 = _errs38 === errors;
}
else {
var valid5 = true;
}
}
}
}
}
}
else {
const err23 = {instancePath:instancePath+"/pin",schemaPath:"#/$defs/FlawPin/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err23];
}
else {
vErrors.push(err23);
}
errors++;
}
}
var _valid2 = _errs22 === errors;
valid3 = valid3 || _valid2;
const _errs43 = errors;
if(data5 !== null){
const err24 = {instancePath:instancePath+"/pin",schemaPath:"#/properties/pin/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err24];
}
else {
vErrors.push(err24);
}
errors++;
}
var _valid2 = _errs43 === errors;
valid3 = valid3 || _valid2;
if(!valid3){
const err25 = {instancePath:instancePath+"/pin",schemaPath:"#/properties/pin/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err25];
}
else {
vErrors.push(err25);
}
errors++;
validate41.errors = vErrors;
return false;
}
else {
errors = _errs21;
if(vErrors !== null){
if(_errs21){
vErrors.length = _errs21;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs20 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.note !== undefined){
let data10 = data.note;
const _errs45 = errors;
if(errors === _errs45){
if(typeof data10 === "string"){
if(data10.length > 2000){
validate41.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/maxLength",keyword:"maxLength",params:{limit: 2000}}];
return false;
}
}
else {
validate41.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs45 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data11 = data.id;
const _errs47 = errors;
if(errors === _errs47){
if(typeof data11 === "string"){
if(!pattern10.test(data11)){
validate41.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate41.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs47 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data12 = data.revision;
const _errs49 = errors;
if(!(((typeof data12 == "number") && (!(data12 % 1) && !isNaN(data12))) && (isFinite(data12)))){
validate41.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs49){
if((typeof data12 == "number") && (isFinite(data12))){
if(data12 < 0 || isNaN(data12)){
validate41.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs49 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate41.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate41.errors = vErrors;
return errors === 0;
}
validate41.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema76 = {"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"propId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"origin":{"type":"string","enum":["samples","typed"]},"lab":{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},"spread":{"maximum":100,"type":"number","minimum":0},"samples":{"items":{"$ref":"#/$defs/TargetSample"},"type":"array","maxItems":40},"note":{"maxLength":2000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","propId","origin","lab","spread","samples","note","id","revision"],"additionalProperties":false};
const schema77 = {"properties":{"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"pictureId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"area":{"anyOf":[{"$ref":"#/$defs/PictureArea","type":"object"},{"type":"null"}]},"lab":{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},"doubts":{"items":{"type":"string"},"type":"array","maxItems":8},"isLeftOut":{"type":"boolean"}},"type":"object","required":["id","pictureId","area","lab","doubts","isLeftOut"],"additionalProperties":false};

function validate44(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate44.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if(((((((data.id === undefined) && (missing0 = "id")) || ((data.pictureId === undefined) && (missing0 = "pictureId"))) || ((data.area === undefined) && (missing0 = "area"))) || ((data.lab === undefined) && (missing0 = "lab"))) || ((data.doubts === undefined) && (missing0 = "doubts"))) || ((data.isLeftOut === undefined) && (missing0 = "isLeftOut"))){
validate44.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!((((((key0 === "id") || (key0 === "pictureId")) || (key0 === "area")) || (key0 === "lab")) || (key0 === "doubts")) || (key0 === "isLeftOut"))){
validate44.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.id !== undefined){
let data0 = data.id;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(!pattern10.test(data0)){
validate44.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate44.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.pictureId !== undefined){
let data1 = data.pictureId;
const _errs4 = errors;
const _errs5 = errors;
let valid1 = false;
const _errs6 = errors;
if(errors === _errs6){
if(typeof data1 === "string"){
if(!pattern10.test(data1)){
const err0 = {instancePath:instancePath+"/pictureId",schemaPath:"#/properties/pictureId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
}
else {
const err1 = {instancePath:instancePath+"/pictureId",schemaPath:"#/properties/pictureId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
}
var _valid0 = _errs6 === errors;
valid1 = valid1 || _valid0;
const _errs8 = errors;
if(data1 !== null){
const err2 = {instancePath:instancePath+"/pictureId",schemaPath:"#/properties/pictureId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
}
var _valid0 = _errs8 === errors;
valid1 = valid1 || _valid0;
if(!valid1){
const err3 = {instancePath:instancePath+"/pictureId",schemaPath:"#/properties/pictureId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
validate44.errors = vErrors;
return false;
}
else {
errors = _errs5;
if(vErrors !== null){
if(_errs5){
vErrors.length = _errs5;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.area !== undefined){
let data2 = data.area;
const _errs10 = errors;
const _errs11 = errors;
let valid2 = false;
const _errs12 = errors;
if(!(data2 && typeof data2 == "object" && !Array.isArray(data2))){
const err4 = {instancePath:instancePath+"/area",schemaPath:"#/properties/area/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
const _errs13 = errors;
if(errors === _errs13){
if(data2 && typeof data2 == "object" && !Array.isArray(data2)){
let missing1;
if(((((data2.width === undefined) && (missing1 = "width")) || ((data2.height === undefined) && (missing1 = "height"))) || ((data2.x === undefined) && (missing1 = "x"))) || ((data2.y === undefined) && (missing1 = "y"))){
const err5 = {instancePath:instancePath+"/area",schemaPath:"#/$defs/PictureArea/required",keyword:"required",params:{missingProperty: missing1}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
else {
const _errs15 = errors;
for(const key1 in data2){
if(!((((key1 === "width") || (key1 === "height")) || (key1 === "x")) || (key1 === "y"))){
const err6 = {instancePath:instancePath+"/area",schemaPath:"#/$defs/PictureArea/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
break;
}
}
if(_errs15 === errors){
if(data2.width !== undefined){
let data3 = data2.width;
const _errs16 = errors;
if(errors === _errs16){
if((typeof data3 == "number") && (isFinite(data3))){
if(data3 > 1 || isNaN(data3)){
const err7 = {instancePath:instancePath+"/area/width",schemaPath:"#/$defs/PictureArea/properties/width/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
}
else {
if(data3 < 0 || isNaN(data3)){
const err8 = {instancePath:instancePath+"/area/width",schemaPath:"#/$defs/PictureArea/properties/width/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
}
}
}
else {
const err9 = {instancePath:instancePath+"/area/width",schemaPath:"#/$defs/PictureArea/properties/width/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
}
}
var valid4 = _errs16 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data2.height !== undefined){
let data4 = data2.height;
const _errs18 = errors;
if(errors === _errs18){
if((typeof data4 == "number") && (isFinite(data4))){
if(data4 > 1 || isNaN(data4)){
const err10 = {instancePath:instancePath+"/area/height",schemaPath:"#/$defs/PictureArea/properties/height/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
}
else {
if(data4 < 0 || isNaN(data4)){
const err11 = {instancePath:instancePath+"/area/height",schemaPath:"#/$defs/PictureArea/properties/height/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
}
}
}
else {
const err12 = {instancePath:instancePath+"/area/height",schemaPath:"#/$defs/PictureArea/properties/height/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
}
}
var valid4 = _errs18 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data2.x !== undefined){
let data5 = data2.x;
const _errs20 = errors;
if(errors === _errs20){
if((typeof data5 == "number") && (isFinite(data5))){
if(data5 > 1 || isNaN(data5)){
const err13 = {instancePath:instancePath+"/area/x",schemaPath:"#/$defs/PictureArea/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
else {
if(data5 < 0 || isNaN(data5)){
const err14 = {instancePath:instancePath+"/area/x",schemaPath:"#/$defs/PictureArea/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
}
}
}
else {
const err15 = {instancePath:instancePath+"/area/x",schemaPath:"#/$defs/PictureArea/properties/x/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
}
}
var valid4 = _errs20 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data2.y !== undefined){
let data6 = data2.y;
const _errs22 = errors;
if(errors === _errs22){
if((typeof data6 == "number") && (isFinite(data6))){
if(data6 > 1 || isNaN(data6)){
const err16 = {instancePath:instancePath+"/area/y",schemaPath:"#/$defs/PictureArea/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}};
if(vErrors === null){
vErrors = [err16];
}
else {
vErrors.push(err16);
}
errors++;
}
else {
if(data6 < 0 || isNaN(data6)){
const err17 = {instancePath:instancePath+"/area/y",schemaPath:"#/$defs/PictureArea/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err17];
}
else {
vErrors.push(err17);
}
errors++;
}
}
}
else {
const err18 = {instancePath:instancePath+"/area/y",schemaPath:"#/$defs/PictureArea/properties/y/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err18];
}
else {
vErrors.push(err18);
}
errors++;
}
}
var valid4 = _errs22 === errors;
}
else {
var valid4 = true;
}
}
}
}
}
}
}
else {
const err19 = {instancePath:instancePath+"/area",schemaPath:"#/$defs/PictureArea/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err19];
}
else {
vErrors.push(err19);
}
errors++;
}
}
var _valid1 = _errs12 === errors;
valid2 = valid2 || _valid1;
const _errs25 = errors;
if(data2 !== null){
const err20 = {instancePath:instancePath+"/area",schemaPath:"#/properties/area/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err20];
}
else {
vErrors.push(err20);
}
errors++;
}
var _valid1 = _errs25 === errors;
valid2 = valid2 || _valid1;
if(!valid2){
const err21 = {instancePath:instancePath+"/area",schemaPath:"#/properties/area/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err21];
}
else {
vErrors.push(err21);
}
errors++;
validate44.errors = vErrors;
return false;
}
else {
errors = _errs11;
if(vErrors !== null){
if(_errs11){
vErrors.length = _errs11;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs10 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.lab !== undefined){
let data7 = data.lab;
const _errs27 = errors;
if(errors === _errs27){
if(Array.isArray(data7)){
if(data7.length > 3){
validate44.errors = [{instancePath:instancePath+"/lab",schemaPath:"#/properties/lab/maxItems",keyword:"maxItems",params:{limit: 3}}];
return false;
}
else {
if(data7.length < 3){
validate44.errors = [{instancePath:instancePath+"/lab",schemaPath:"#/properties/lab/minItems",keyword:"minItems",params:{limit: 3}}];
return false;
}
else {
var valid5 = true;
const len0 = data7.length;
for(let i0=0; i0<len0; i0++){
let data8 = data7[i0];
const _errs29 = errors;
if(errors === _errs29){
if((typeof data8 == "number") && (isFinite(data8))){
if(data8 > 200 || isNaN(data8)){
validate44.errors = [{instancePath:instancePath+"/lab/" + i0,schemaPath:"#/properties/lab/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200}}];
return false;
}
else {
if(data8 < -200 || isNaN(data8)){
validate44.errors = [{instancePath:instancePath+"/lab/" + i0,schemaPath:"#/properties/lab/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: -200}}];
return false;
}
}
}
else {
validate44.errors = [{instancePath:instancePath+"/lab/" + i0,schemaPath:"#/properties/lab/items/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid5 = _errs29 === errors;
if(!valid5){
break;
}
}
}
}
}
else {
validate44.errors = [{instancePath:instancePath+"/lab",schemaPath:"#/properties/lab/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs27 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.doubts !== undefined){
let data9 = data.doubts;
const _errs31 = errors;
if(errors === _errs31){
if(Array.isArray(data9)){
if(data9.length > 8){
validate44.errors = [{instancePath:instancePath+"/doubts",schemaPath:"#/properties/doubts/maxItems",keyword:"maxItems",params:{limit: 8}}];
return false;
}
else {
var valid6 = true;
const len1 = data9.length;
for(let i1=0; i1<len1; i1++){
const _errs33 = errors;
if(typeof data9[i1] !== "string"){
validate44.errors = [{instancePath:instancePath+"/doubts/" + i1,schemaPath:"#/properties/doubts/items/type",keyword:"type",params:{type: "string"}}];
return false;
}
var valid6 = _errs33 === errors;
if(!valid6){
break;
}
}
}
}
else {
validate44.errors = [{instancePath:instancePath+"/doubts",schemaPath:"#/properties/doubts/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs31 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.isLeftOut !== undefined){
const _errs35 = errors;
if(typeof data.isLeftOut !== "boolean"){
validate44.errors = [{instancePath:instancePath+"/isLeftOut",schemaPath:"#/properties/isLeftOut/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid0 = _errs35 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
else {
validate44.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate44.errors = vErrors;
return errors === 0;
}
validate44.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};


function validate43(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate43.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if((((((((((data.name === undefined) && (missing0 = "name")) || ((data.propId === undefined) && (missing0 = "propId"))) || ((data.origin === undefined) && (missing0 = "origin"))) || ((data.lab === undefined) && (missing0 = "lab"))) || ((data.spread === undefined) && (missing0 = "spread"))) || ((data.samples === undefined) && (missing0 = "samples"))) || ((data.note === undefined) && (missing0 = "note"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate43.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(func1.call(schema76.properties, key0))){
validate43.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.name !== undefined){
let data0 = data.name;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(data0.length > 200){
validate43.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data0.length < 1){
validate43.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data0)){
validate43.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate43.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.propId !== undefined){
let data1 = data.propId;
const _errs4 = errors;
const _errs5 = errors;
let valid1 = false;
const _errs6 = errors;
if(errors === _errs6){
if(typeof data1 === "string"){
if(!pattern10.test(data1)){
const err0 = {instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
}
else {
const err1 = {instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
}
var _valid0 = _errs6 === errors;
valid1 = valid1 || _valid0;
const _errs8 = errors;
if(data1 !== null){
const err2 = {instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
}
var _valid0 = _errs8 === errors;
valid1 = valid1 || _valid0;
if(!valid1){
const err3 = {instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
validate43.errors = vErrors;
return false;
}
else {
errors = _errs5;
if(vErrors !== null){
if(_errs5){
vErrors.length = _errs5;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.origin !== undefined){
let data2 = data.origin;
const _errs10 = errors;
if(typeof data2 !== "string"){
validate43.errors = [{instancePath:instancePath+"/origin",schemaPath:"#/properties/origin/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((data2 === "samples") || (data2 === "typed"))){
validate43.errors = [{instancePath:instancePath+"/origin",schemaPath:"#/properties/origin/enum",keyword:"enum",params:{allowedValues: schema76.properties.origin.enum}}];
return false;
}
var valid0 = _errs10 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.lab !== undefined){
let data3 = data.lab;
const _errs12 = errors;
if(errors === _errs12){
if(Array.isArray(data3)){
if(data3.length > 3){
validate43.errors = [{instancePath:instancePath+"/lab",schemaPath:"#/properties/lab/maxItems",keyword:"maxItems",params:{limit: 3}}];
return false;
}
else {
if(data3.length < 3){
validate43.errors = [{instancePath:instancePath+"/lab",schemaPath:"#/properties/lab/minItems",keyword:"minItems",params:{limit: 3}}];
return false;
}
else {
var valid2 = true;
const len0 = data3.length;
for(let i0=0; i0<len0; i0++){
let data4 = data3[i0];
const _errs14 = errors;
if(errors === _errs14){
if((typeof data4 == "number") && (isFinite(data4))){
if(data4 > 200 || isNaN(data4)){
validate43.errors = [{instancePath:instancePath+"/lab/" + i0,schemaPath:"#/properties/lab/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200}}];
return false;
}
else {
if(data4 < -200 || isNaN(data4)){
validate43.errors = [{instancePath:instancePath+"/lab/" + i0,schemaPath:"#/properties/lab/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: -200}}];
return false;
}
}
}
else {
validate43.errors = [{instancePath:instancePath+"/lab/" + i0,schemaPath:"#/properties/lab/items/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs14 === errors;
if(!valid2){
break;
}
}
}
}
}
else {
validate43.errors = [{instancePath:instancePath+"/lab",schemaPath:"#/properties/lab/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs12 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.spread !== undefined){
let data5 = data.spread;
const _errs16 = errors;
if(errors === _errs16){
if((typeof data5 == "number") && (isFinite(data5))){
if(data5 > 100 || isNaN(data5)){
validate43.errors = [{instancePath:instancePath+"/spread",schemaPath:"#/properties/spread/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}}];
return false;
}
else {
if(data5 < 0 || isNaN(data5)){
validate43.errors = [{instancePath:instancePath+"/spread",schemaPath:"#/properties/spread/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate43.errors = [{instancePath:instancePath+"/spread",schemaPath:"#/properties/spread/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs16 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.samples !== undefined){
let data6 = data.samples;
const _errs18 = errors;
if(errors === _errs18){
if(Array.isArray(data6)){
if(data6.length > 40){
validate43.errors = [{instancePath:instancePath+"/samples",schemaPath:"#/properties/samples/maxItems",keyword:"maxItems",params:{limit: 40}}];
return false;
}
else {
var valid3 = true;
const len1 = data6.length;
for(let i1=0; i1<len1; i1++){
const _errs20 = errors;
if(!(validate44(data6[i1], {instancePath:instancePath+"/samples/" + i1,parentData:data6,parentDataProperty:i1,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate44.errors : vErrors.concat(validate44.errors);
errors = vErrors.length;
}
var valid3 = _errs20 === errors;
if(!valid3){
break;
}
}
}
}
else {
validate43.errors = [{instancePath:instancePath+"/samples",schemaPath:"#/properties/samples/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs18 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.note !== undefined){
let data8 = data.note;
const _errs21 = errors;
if(errors === _errs21){
if(typeof data8 === "string"){
if(data8.length > 2000){
validate43.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/maxLength",keyword:"maxLength",params:{limit: 2000}}];
return false;
}
}
else {
validate43.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs21 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data9 = data.id;
const _errs23 = errors;
if(errors === _errs23){
if(typeof data9 === "string"){
if(!pattern10.test(data9)){
validate43.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate43.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs23 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data10 = data.revision;
const _errs25 = errors;
if(!(((typeof data10 == "number") && (!(data10 % 1) && !isNaN(data10))) && (isFinite(data10)))){
validate43.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs25){
if((typeof data10 == "number") && (isFinite(data10))){
if(data10 < 0 || isNaN(data10)){
validate43.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs25 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate43.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate43.errors = vErrors;
return errors === 0;
}
validate43.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema79 = {"properties":{"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"pictureId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"regions":{"items":{"$ref":"#/$defs/MaskPlanRegion"},"type":"array","maxItems":12},"borders":{"items":{"$ref":"#/$defs/MaskPlanBorder"},"type":"array","maxItems":100},"seal":{"type":"string","enum":["under","clear","none"]},"pull":{"type":"string","enum":["wet","dry"]},"order":{"items":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"type":"array","maxItems":12},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["partId","pictureId","regions","borders","seal","pull","order","id","revision"],"additionalProperties":false};
const schema82 = {"properties":{"firstId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"secondId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"lengthMillimetres":{"maximum":100000,"type":"number","minimum":0},"form":{"type":"string","enum":["straight","curved"]},"place":{"type":"string","enum":["panelLine","free"]}},"type":"object","required":["firstId","secondId","lengthMillimetres","form","place"],"additionalProperties":false};
const schema80 = {"properties":{"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"areaSquareCentimetres":{"maximum":200000,"type":"number","minimum":0},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"coats":{"maximum":20,"type":"integer","minimum":1},"isBase":{"type":"boolean"},"chipsShowId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"spot":{"anyOf":[{"$ref":"#/$defs/PicturePlace","type":"object"},{"type":"null"}]}},"type":"object","required":["id","name","partId","areaSquareCentimetres","productId","coats","isBase","chipsShowId","spot"],"additionalProperties":false};
const schema81 = {"properties":{"x":{"maximum":1,"type":"number","minimum":0},"y":{"maximum":1,"type":"number","minimum":0}},"type":"object","required":["x","y"],"additionalProperties":false};

function validate48(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate48.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if((((((((((data.id === undefined) && (missing0 = "id")) || ((data.name === undefined) && (missing0 = "name"))) || ((data.partId === undefined) && (missing0 = "partId"))) || ((data.areaSquareCentimetres === undefined) && (missing0 = "areaSquareCentimetres"))) || ((data.productId === undefined) && (missing0 = "productId"))) || ((data.coats === undefined) && (missing0 = "coats"))) || ((data.isBase === undefined) && (missing0 = "isBase"))) || ((data.chipsShowId === undefined) && (missing0 = "chipsShowId"))) || ((data.spot === undefined) && (missing0 = "spot"))){
validate48.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(func1.call(schema80.properties, key0))){
validate48.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.id !== undefined){
let data0 = data.id;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(!pattern10.test(data0)){
validate48.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate48.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.name !== undefined){
let data1 = data.name;
const _errs4 = errors;
if(errors === _errs4){
if(typeof data1 === "string"){
if(data1.length > 200){
validate48.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data1.length < 1){
validate48.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data1)){
validate48.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate48.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.partId !== undefined){
let data2 = data.partId;
const _errs6 = errors;
if(errors === _errs6){
if(typeof data2 === "string"){
if(!pattern10.test(data2)){
validate48.errors = [{instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate48.errors = [{instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs6 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.areaSquareCentimetres !== undefined){
let data3 = data.areaSquareCentimetres;
const _errs8 = errors;
if(errors === _errs8){
if((typeof data3 == "number") && (isFinite(data3))){
if(data3 > 200000 || isNaN(data3)){
validate48.errors = [{instancePath:instancePath+"/areaSquareCentimetres",schemaPath:"#/properties/areaSquareCentimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200000}}];
return false;
}
else {
if(data3 < 0 || isNaN(data3)){
validate48.errors = [{instancePath:instancePath+"/areaSquareCentimetres",schemaPath:"#/properties/areaSquareCentimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate48.errors = [{instancePath:instancePath+"/areaSquareCentimetres",schemaPath:"#/properties/areaSquareCentimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs8 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.productId !== undefined){
let data4 = data.productId;
const _errs10 = errors;
const _errs11 = errors;
let valid1 = false;
const _errs12 = errors;
if(errors === _errs12){
if(typeof data4 === "string"){
if(!pattern10.test(data4)){
const err0 = {instancePath:instancePath+"/productId",schemaPath:"#/properties/productId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
}
else {
const err1 = {instancePath:instancePath+"/productId",schemaPath:"#/properties/productId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
}
var _valid0 = _errs12 === errors;
valid1 = valid1 || _valid0;
const _errs14 = errors;
if(data4 !== null){
const err2 = {instancePath:instancePath+"/productId",schemaPath:"#/properties/productId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
}
var _valid0 = _errs14 === errors;
valid1 = valid1 || _valid0;
if(!valid1){
const err3 = {instancePath:instancePath+"/productId",schemaPath:"#/properties/productId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
validate48.errors = vErrors;
return false;
}
else {
errors = _errs11;
if(vErrors !== null){
if(_errs11){
vErrors.length = _errs11;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs10 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.coats !== undefined){
let data5 = data.coats;
const _errs16 = errors;
if(!(((typeof data5 == "number") && (!(data5 % 1) && !isNaN(data5))) && (isFinite(data5)))){
validate48.errors = [{instancePath:instancePath+"/coats",schemaPath:"#/properties/coats/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs16){
if((typeof data5 == "number") && (isFinite(data5))){
if(data5 > 20 || isNaN(data5)){
validate48.errors = [{instancePath:instancePath+"/coats",schemaPath:"#/properties/coats/maximum",keyword:"maximum",params:{comparison: "<=", limit: 20}}];
return false;
}
else {
if(data5 < 1 || isNaN(data5)){
validate48.errors = [{instancePath:instancePath+"/coats",schemaPath:"#/properties/coats/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid0 = _errs16 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.isBase !== undefined){
const _errs18 = errors;
if(typeof data.isBase !== "boolean"){
validate48.errors = [{instancePath:instancePath+"/isBase",schemaPath:"#/properties/isBase/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid0 = _errs18 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.chipsShowId !== undefined){
let data7 = data.chipsShowId;
const _errs20 = errors;
const _errs21 = errors;
let valid2 = false;
const _errs22 = errors;
if(errors === _errs22){
if(typeof data7 === "string"){
if(!pattern10.test(data7)){
const err4 = {instancePath:instancePath+"/chipsShowId",schemaPath:"#/properties/chipsShowId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
}
else {
const err5 = {instancePath:instancePath+"/chipsShowId",schemaPath:"#/properties/chipsShowId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
}
var _valid1 = _errs22 === errors;
valid2 = valid2 || _valid1;
const _errs24 = errors;
if(data7 !== null){
const err6 = {instancePath:instancePath+"/chipsShowId",schemaPath:"#/properties/chipsShowId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
}
var _valid1 = _errs24 === errors;
valid2 = valid2 || _valid1;
if(!valid2){
const err7 = {instancePath:instancePath+"/chipsShowId",schemaPath:"#/properties/chipsShowId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
validate48.errors = vErrors;
return false;
}
else {
errors = _errs21;
if(vErrors !== null){
if(_errs21){
vErrors.length = _errs21;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs20 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.spot !== undefined){
let data8 = data.spot;
const _errs26 = errors;
const _errs27 = errors;
let valid3 = false;
const _errs28 = errors;
if(!(data8 && typeof data8 == "object" && !Array.isArray(data8))){
const err8 = {instancePath:instancePath+"/spot",schemaPath:"#/properties/spot/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
}
const _errs29 = errors;
if(errors === _errs29){
if(data8 && typeof data8 == "object" && !Array.isArray(data8)){
let missing1;
if(((data8.x === undefined) && (missing1 = "x")) || ((data8.y === undefined) && (missing1 = "y"))){
const err9 = {instancePath:instancePath+"/spot",schemaPath:"#/$defs/PicturePlace/required",keyword:"required",params:{missingProperty: missing1}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
}
else {
const _errs31 = errors;
for(const key1 in data8){
if(!((key1 === "x") || (key1 === "y"))){
const err10 = {instancePath:instancePath+"/spot",schemaPath:"#/$defs/PicturePlace/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
break;
}
}
if(_errs31 === errors){
if(data8.x !== undefined){
let data9 = data8.x;
const _errs32 = errors;
if(errors === _errs32){
if((typeof data9 == "number") && (isFinite(data9))){
if(data9 > 1 || isNaN(data9)){
const err11 = {instancePath:instancePath+"/spot/x",schemaPath:"#/$defs/PicturePlace/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
}
else {
if(data9 < 0 || isNaN(data9)){
const err12 = {instancePath:instancePath+"/spot/x",schemaPath:"#/$defs/PicturePlace/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
}
}
}
else {
const err13 = {instancePath:instancePath+"/spot/x",schemaPath:"#/$defs/PicturePlace/properties/x/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
}
var valid5 = _errs32 === errors;
}
else {
var valid5 = true;
}
if(valid5){
if(data8.y !== undefined){
let data10 = data8.y;
const _errs34 = errors;
if(errors === _errs34){
if((typeof data10 == "number") && (isFinite(data10))){
if(data10 > 1 || isNaN(data10)){
const err14 = {instancePath:instancePath+"/spot/y",schemaPath:"#/$defs/PicturePlace/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
}
else {
if(data10 < 0 || isNaN(data10)){
const err15 = {instancePath:instancePath+"/spot/y",schemaPath:"#/$defs/PicturePlace/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
}
}
}
else {
const err16 = {instancePath:instancePath+"/spot/y",schemaPath:"#/$defs/PicturePlace/properties/y/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err16];
}
else {
vErrors.push(err16);
}
errors++;
}
}
var valid5 = _errs34 === errors;
}
else {
var valid5 = true;
}
}
}
}
}
else {
const err17 = {instancePath:instancePath+"/spot",schemaPath:"#/$defs/PicturePlace/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err17];
}
else {
vErrors.push(err17);
}
errors++;
}
}
var _valid2 = _errs28 === errors;
valid3 = valid3 || _valid2;
const _errs37 = errors;
if(data8 !== null){
const err18 = {instancePath:instancePath+"/spot",schemaPath:"#/properties/spot/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err18];
}
else {
vErrors.push(err18);
}
errors++;
}
var _valid2 = _errs37 === errors;
valid3 = valid3 || _valid2;
if(!valid3){
const err19 = {instancePath:instancePath+"/spot",schemaPath:"#/properties/spot/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err19];
}
else {
vErrors.push(err19);
}
errors++;
validate48.errors = vErrors;
return false;
}
else {
errors = _errs27;
if(vErrors !== null){
if(_errs27){
vErrors.length = _errs27;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs26 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate48.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate48.errors = vErrors;
return errors === 0;
}
validate48.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};


function validate47(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate47.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if((((((((((data.partId === undefined) && (missing0 = "partId")) || ((data.pictureId === undefined) && (missing0 = "pictureId"))) || ((data.regions === undefined) && (missing0 = "regions"))) || ((data.borders === undefined) && (missing0 = "borders"))) || ((data.seal === undefined) && (missing0 = "seal"))) || ((data.pull === undefined) && (missing0 = "pull"))) || ((data.order === undefined) && (missing0 = "order"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate47.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(func1.call(schema79.properties, key0))){
validate47.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.partId !== undefined){
let data0 = data.partId;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(!pattern10.test(data0)){
validate47.errors = [{instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate47.errors = [{instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.pictureId !== undefined){
let data1 = data.pictureId;
const _errs4 = errors;
const _errs5 = errors;
let valid1 = false;
const _errs6 = errors;
if(errors === _errs6){
if(typeof data1 === "string"){
if(!pattern10.test(data1)){
const err0 = {instancePath:instancePath+"/pictureId",schemaPath:"#/properties/pictureId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
}
else {
const err1 = {instancePath:instancePath+"/pictureId",schemaPath:"#/properties/pictureId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
}
var _valid0 = _errs6 === errors;
valid1 = valid1 || _valid0;
const _errs8 = errors;
if(data1 !== null){
const err2 = {instancePath:instancePath+"/pictureId",schemaPath:"#/properties/pictureId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
}
var _valid0 = _errs8 === errors;
valid1 = valid1 || _valid0;
if(!valid1){
const err3 = {instancePath:instancePath+"/pictureId",schemaPath:"#/properties/pictureId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
validate47.errors = vErrors;
return false;
}
else {
errors = _errs5;
if(vErrors !== null){
if(_errs5){
vErrors.length = _errs5;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.regions !== undefined){
let data2 = data.regions;
const _errs10 = errors;
if(errors === _errs10){
if(Array.isArray(data2)){
if(data2.length > 12){
validate47.errors = [{instancePath:instancePath+"/regions",schemaPath:"#/properties/regions/maxItems",keyword:"maxItems",params:{limit: 12}}];
return false;
}
else {
var valid2 = true;
const len0 = data2.length;
for(let i0=0; i0<len0; i0++){
const _errs12 = errors;
if(!(validate48(data2[i0], {instancePath:instancePath+"/regions/" + i0,parentData:data2,parentDataProperty:i0,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate48.errors : vErrors.concat(validate48.errors);
errors = vErrors.length;
}
var valid2 = _errs12 === errors;
if(!valid2){
break;
}
}
}
}
else {
validate47.errors = [{instancePath:instancePath+"/regions",schemaPath:"#/properties/regions/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs10 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.borders !== undefined){
let data4 = data.borders;
const _errs13 = errors;
if(errors === _errs13){
if(Array.isArray(data4)){
if(data4.length > 100){
validate47.errors = [{instancePath:instancePath+"/borders",schemaPath:"#/properties/borders/maxItems",keyword:"maxItems",params:{limit: 100}}];
return false;
}
else {
var valid3 = true;
const len1 = data4.length;
for(let i1=0; i1<len1; i1++){
let data5 = data4[i1];
const _errs15 = errors;
const _errs16 = errors;
if(errors === _errs16){
if(data5 && typeof data5 == "object" && !Array.isArray(data5)){
let missing1;
if((((((data5.firstId === undefined) && (missing1 = "firstId")) || ((data5.secondId === undefined) && (missing1 = "secondId"))) || ((data5.lengthMillimetres === undefined) && (missing1 = "lengthMillimetres"))) || ((data5.form === undefined) && (missing1 = "form"))) || ((data5.place === undefined) && (missing1 = "place"))){
validate47.errors = [{instancePath:instancePath+"/borders/" + i1,schemaPath:"#/$defs/MaskPlanBorder/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs18 = errors;
for(const key1 in data5){
if(!(((((key1 === "firstId") || (key1 === "secondId")) || (key1 === "lengthMillimetres")) || (key1 === "form")) || (key1 === "place"))){
validate47.errors = [{instancePath:instancePath+"/borders/" + i1,schemaPath:"#/$defs/MaskPlanBorder/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs18 === errors){
if(data5.firstId !== undefined){
let data6 = data5.firstId;
const _errs19 = errors;
if(errors === _errs19){
if(typeof data6 === "string"){
if(!pattern10.test(data6)){
validate47.errors = [{instancePath:instancePath+"/borders/" + i1+"/firstId",schemaPath:"#/$defs/MaskPlanBorder/properties/firstId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate47.errors = [{instancePath:instancePath+"/borders/" + i1+"/firstId",schemaPath:"#/$defs/MaskPlanBorder/properties/firstId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid5 = _errs19 === errors;
}
else {
var valid5 = true;
}
if(valid5){
if(data5.secondId !== undefined){
let data7 = data5.secondId;
const _errs21 = errors;
if(errors === _errs21){
if(typeof data7 === "string"){
if(!pattern10.test(data7)){
validate47.errors = [{instancePath:instancePath+"/borders/" + i1+"/secondId",schemaPath:"#/$defs/MaskPlanBorder/properties/secondId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate47.errors = [{instancePath:instancePath+"/borders/" + i1+"/secondId",schemaPath:"#/$defs/MaskPlanBorder/properties/secondId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid5 = _errs21 === errors;
}
else {
var valid5 = true;
}
if(valid5){
if(data5.lengthMillimetres !== undefined){
let data8 = data5.lengthMillimetres;
const _errs23 = errors;
if(errors === _errs23){
if((typeof data8 == "number") && (isFinite(data8))){
if(data8 > 100000 || isNaN(data8)){
validate47.errors = [{instancePath:instancePath+"/borders/" + i1+"/lengthMillimetres",schemaPath:"#/$defs/MaskPlanBorder/properties/lengthMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100000}}];
return false;
}
else {
if(data8 < 0 || isNaN(data8)){
validate47.errors = [{instancePath:instancePath+"/borders/" + i1+"/lengthMillimetres",schemaPath:"#/$defs/MaskPlanBorder/properties/lengthMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate47.errors = [{instancePath:instancePath+"/borders/" + i1+"/lengthMillimetres",schemaPath:"#/$defs/MaskPlanBorder/properties/lengthMillimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid5 = _errs23 === errors;
}
else {
var valid5 = true;
}
if(valid5){
if(data5.form !== undefined){
let data9 = data5.form;
const _errs25 = errors;
if(typeof data9 !== "string"){
validate47.errors = [{instancePath:instancePath+"/borders/" + i1+"/form",schemaPath:"#/$defs/MaskPlanBorder/properties/form/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((data9 === "straight") || (data9 === "curved"))){
validate47.errors = [{instancePath:instancePath+"/borders/" + i1+"/form",schemaPath:"#/$defs/MaskPlanBorder/properties/form/enum",keyword:"enum",params:{allowedValues: schema82.properties.form.enum}}];
return false;
}
var valid5 = _errs25 === errors;
}
else {
var valid5 = true;
}
if(valid5){
if(data5.place !== undefined){
let data10 = data5.place;
const _errs27 = errors;
if(typeof data10 !== "string"){
validate47.errors = [{instancePath:instancePath+"/borders/" + i1+"/place",schemaPath:"#/$defs/MaskPlanBorder/properties/place/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((data10 === "panelLine") || (data10 === "free"))){
validate47.errors = [{instancePath:instancePath+"/borders/" + i1+"/place",schemaPath:"#/$defs/MaskPlanBorder/properties/place/enum",keyword:"enum",params:{allowedValues: schema82.properties.place.enum}}];
return false;
}
var valid5 = _errs27 === errors;
}
else {
var valid5 = true;
}
}
}
}
}
}
}
}
else {
validate47.errors = [{instancePath:instancePath+"/borders/" + i1,schemaPath:"#/$defs/MaskPlanBorder/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid3 = _errs15 === errors;
if(!valid3){
break;
}
}
}
}
else {
validate47.errors = [{instancePath:instancePath+"/borders",schemaPath:"#/properties/borders/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs13 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.seal !== undefined){
let data11 = data.seal;
const _errs29 = errors;
if(typeof data11 !== "string"){
validate47.errors = [{instancePath:instancePath+"/seal",schemaPath:"#/properties/seal/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((data11 === "under") || (data11 === "clear")) || (data11 === "none"))){
validate47.errors = [{instancePath:instancePath+"/seal",schemaPath:"#/properties/seal/enum",keyword:"enum",params:{allowedValues: schema79.properties.seal.enum}}];
return false;
}
var valid0 = _errs29 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.pull !== undefined){
let data12 = data.pull;
const _errs31 = errors;
if(typeof data12 !== "string"){
validate47.errors = [{instancePath:instancePath+"/pull",schemaPath:"#/properties/pull/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((data12 === "wet") || (data12 === "dry"))){
validate47.errors = [{instancePath:instancePath+"/pull",schemaPath:"#/properties/pull/enum",keyword:"enum",params:{allowedValues: schema79.properties.pull.enum}}];
return false;
}
var valid0 = _errs31 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.order !== undefined){
let data13 = data.order;
const _errs33 = errors;
if(errors === _errs33){
if(Array.isArray(data13)){
if(data13.length > 12){
validate47.errors = [{instancePath:instancePath+"/order",schemaPath:"#/properties/order/maxItems",keyword:"maxItems",params:{limit: 12}}];
return false;
}
else {
var valid6 = true;
const len2 = data13.length;
for(let i2=0; i2<len2; i2++){
let data14 = data13[i2];
const _errs35 = errors;
if(errors === _errs35){
if(typeof data14 === "string"){
if(!pattern10.test(data14)){
validate47.errors = [{instancePath:instancePath+"/order/" + i2,schemaPath:"#/properties/order/items/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate47.errors = [{instancePath:instancePath+"/order/" + i2,schemaPath:"#/properties/order/items/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid6 = _errs35 === errors;
if(!valid6){
break;
}
}
}
}
else {
validate47.errors = [{instancePath:instancePath+"/order",schemaPath:"#/properties/order/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs33 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data15 = data.id;
const _errs37 = errors;
if(errors === _errs37){
if(typeof data15 === "string"){
if(!pattern10.test(data15)){
validate47.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate47.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs37 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data16 = data.revision;
const _errs39 = errors;
if(!(((typeof data16 == "number") && (!(data16 % 1) && !isNaN(data16))) && (isFinite(data16)))){
validate47.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs39){
if((typeof data16 == "number") && (isFinite(data16))){
if(data16 < 0 || isNaN(data16)){
validate47.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs39 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate47.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate47.errors = vErrors;
return errors === 0;
}
validate47.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema84 = {"properties":{"partId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"shownId":{"type":"string","enum":["metal","paintedMetal","wood","leather","bone","plastic","stone"]},"baseLab":{"anyOf":[{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},{"type":"null"}]},"up":{"items":{"maximum":1,"type":"number","minimum":-1},"type":"array","maxItems":3,"minItems":3},"pins":{"items":{"$ref":"#/$defs/WearPin"},"type":"array","maxItems":60},"seat":{"anyOf":[{"$ref":"#/$defs/PartSeat","type":"object"},{"type":"null"}]},"regions":{"items":{"$ref":"#/$defs/WeatherRegion"},"type":"array","maxItems":8},"passes":{"items":{"$ref":"#/$defs/PlannedWeatherPass"},"type":"array","maxItems":40},"readings":{"items":{"$ref":"#/$defs/CoverageRecord"},"type":"array","maxItems":400},"cleanPictureId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["partId","shownId","baseLab","up","pins","seat","regions","passes","readings","cleanPictureId","id","revision"],"additionalProperties":false};
const schema85 = {"properties":{"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"kind":{"type":"string","enum":["held","runs"]},"place":{"items":{"type":"number"},"type":"array","maxItems":3,"minItems":3}},"type":"object","required":["id","kind","place"],"additionalProperties":false};
const schema86 = {"properties":{"turnDegrees":{"maximum":360,"type":"number","minimum":-360},"offset":{"items":{"maximum":10000,"type":"number","minimum":-10000},"type":"array","maxItems":3,"minItems":3}},"type":"object","required":["turnDegrees","offset"],"additionalProperties":false};
const schema87 = {"properties":{"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"lab":{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},"place":{"items":{"type":"number"},"type":"array","maxItems":3,"minItems":3},"edgeDegrees":{"maximum":180,"type":"number","minimum":1},"reachMillimetres":{"anyOf":[{"maximum":5000,"type":"number","minimum":0.1},{"type":"null"}]},"stencilId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"turnDegrees":{"maximum":360,"type":"number","minimum":-360}},"type":"object","required":["id","productId","lab","place","edgeDegrees","reachMillimetres","stencilId","turnDegrees"],"additionalProperties":false};
const schema88 = {"properties":{"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"techniqueId":{"type":"string","enum":["chipsTaken","washWiped","washLeft","washSprayed","washCorners","oilWash","pinWash","streaks","rustUp","verdigris","spongeStipple","grime","rustRunOff","chipsBrush","chipsSponge","scratches","dryBrush","splatter","chipsStick","soot","polishEdges","graphiteEdges","wetGloss","dust"]},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"lab":{"items":{"type":"number","minimum":-200,"maximum":200},"type":"array","minItems":3,"maxItems":3},"amount":{"maximum":1,"type":"number","minimum":0},"wiped":{"maximum":1,"type":"number","minimum":0},"sizeMillimetres":{"maximum":200,"type":"number","minimum":0.05},"seed":{"maximum":1000000,"type":"integer","minimum":0},"stop":{"anyOf":[{"maximum":1,"type":"number","minimum":0},{"type":"null"}]},"rungId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]}},"type":"object","required":["id","techniqueId","productId","lab","amount","wiped","sizeMillimetres","seed","stop","rungId"],"additionalProperties":false};
const schema89 = {"properties":{"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"passId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"amount":{"maximum":10,"type":"number","minimum":0},"coverage":{"anyOf":[{"maximum":1,"type":"number","minimum":0},{"type":"null"}]},"half":{"maximum":1,"type":"number","minimum":0},"most":{"anyOf":[{"maximum":1,"type":"number","minimum":0},{"type":"null"}]},"how":{"type":"string","enum":["pair","unregistered","single","eye"]},"pictureId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"atMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000}},"type":"object","required":["id","passId","amount","coverage","half","most","how","pictureId","atMs"],"additionalProperties":false};

function validate51(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate51.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if(((((((((((((data.partId === undefined) && (missing0 = "partId")) || ((data.shownId === undefined) && (missing0 = "shownId"))) || ((data.baseLab === undefined) && (missing0 = "baseLab"))) || ((data.up === undefined) && (missing0 = "up"))) || ((data.pins === undefined) && (missing0 = "pins"))) || ((data.seat === undefined) && (missing0 = "seat"))) || ((data.regions === undefined) && (missing0 = "regions"))) || ((data.passes === undefined) && (missing0 = "passes"))) || ((data.readings === undefined) && (missing0 = "readings"))) || ((data.cleanPictureId === undefined) && (missing0 = "cleanPictureId"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate51.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(func1.call(schema84.properties, key0))){
validate51.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.partId !== undefined){
let data0 = data.partId;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(!pattern10.test(data0)){
validate51.errors = [{instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate51.errors = [{instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.shownId !== undefined){
let data1 = data.shownId;
const _errs4 = errors;
if(typeof data1 !== "string"){
validate51.errors = [{instancePath:instancePath+"/shownId",schemaPath:"#/properties/shownId/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((((((data1 === "metal") || (data1 === "paintedMetal")) || (data1 === "wood")) || (data1 === "leather")) || (data1 === "bone")) || (data1 === "plastic")) || (data1 === "stone"))){
validate51.errors = [{instancePath:instancePath+"/shownId",schemaPath:"#/properties/shownId/enum",keyword:"enum",params:{allowedValues: schema84.properties.shownId.enum}}];
return false;
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.baseLab !== undefined){
let data2 = data.baseLab;
const _errs6 = errors;
const _errs7 = errors;
let valid1 = false;
const _errs8 = errors;
if(errors === _errs8){
if(Array.isArray(data2)){
if(data2.length > 3){
const err0 = {instancePath:instancePath+"/baseLab",schemaPath:"#/properties/baseLab/anyOf/0/maxItems",keyword:"maxItems",params:{limit: 3}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
else {
if(data2.length < 3){
const err1 = {instancePath:instancePath+"/baseLab",schemaPath:"#/properties/baseLab/anyOf/0/minItems",keyword:"minItems",params:{limit: 3}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
else {
var valid2 = true;
const len0 = data2.length;
for(let i0=0; i0<len0; i0++){
let data3 = data2[i0];
const _errs10 = errors;
if(errors === _errs10){
if((typeof data3 == "number") && (isFinite(data3))){
if(data3 > 200 || isNaN(data3)){
const err2 = {instancePath:instancePath+"/baseLab/" + i0,schemaPath:"#/properties/baseLab/anyOf/0/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
}
else {
if(data3 < -200 || isNaN(data3)){
const err3 = {instancePath:instancePath+"/baseLab/" + i0,schemaPath:"#/properties/baseLab/anyOf/0/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: -200}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
}
}
}
else {
const err4 = {instancePath:instancePath+"/baseLab/" + i0,schemaPath:"#/properties/baseLab/anyOf/0/items/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
}
var valid2 = _errs10 === errors;
if(!valid2){
break;
}
}
}
}
}
else {
const err5 = {instancePath:instancePath+"/baseLab",schemaPath:"#/properties/baseLab/anyOf/0/type",keyword:"type",params:{type: "array"}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
}
var _valid0 = _errs8 === errors;
valid1 = valid1 || _valid0;
const _errs12 = errors;
if(data2 !== null){
const err6 = {instancePath:instancePath+"/baseLab",schemaPath:"#/properties/baseLab/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
}
var _valid0 = _errs12 === errors;
valid1 = valid1 || _valid0;
if(!valid1){
const err7 = {instancePath:instancePath+"/baseLab",schemaPath:"#/properties/baseLab/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
validate51.errors = vErrors;
return false;
}
else {
errors = _errs7;
if(vErrors !== null){
if(_errs7){
vErrors.length = _errs7;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs6 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.up !== undefined){
let data4 = data.up;
const _errs14 = errors;
if(errors === _errs14){
if(Array.isArray(data4)){
if(data4.length > 3){
validate51.errors = [{instancePath:instancePath+"/up",schemaPath:"#/properties/up/maxItems",keyword:"maxItems",params:{limit: 3}}];
return false;
}
else {
if(data4.length < 3){
validate51.errors = [{instancePath:instancePath+"/up",schemaPath:"#/properties/up/minItems",keyword:"minItems",params:{limit: 3}}];
return false;
}
else {
var valid3 = true;
const len1 = data4.length;
for(let i1=0; i1<len1; i1++){
let data5 = data4[i1];
const _errs16 = errors;
if(errors === _errs16){
if((typeof data5 == "number") && (isFinite(data5))){
if(data5 > 1 || isNaN(data5)){
validate51.errors = [{instancePath:instancePath+"/up/" + i1,schemaPath:"#/properties/up/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data5 < -1 || isNaN(data5)){
validate51.errors = [{instancePath:instancePath+"/up/" + i1,schemaPath:"#/properties/up/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: -1}}];
return false;
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/up/" + i1,schemaPath:"#/properties/up/items/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid3 = _errs16 === errors;
if(!valid3){
break;
}
}
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/up",schemaPath:"#/properties/up/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs14 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.pins !== undefined){
let data6 = data.pins;
const _errs18 = errors;
if(errors === _errs18){
if(Array.isArray(data6)){
if(data6.length > 60){
validate51.errors = [{instancePath:instancePath+"/pins",schemaPath:"#/properties/pins/maxItems",keyword:"maxItems",params:{limit: 60}}];
return false;
}
else {
var valid4 = true;
const len2 = data6.length;
for(let i2=0; i2<len2; i2++){
let data7 = data6[i2];
const _errs20 = errors;
const _errs21 = errors;
if(errors === _errs21){
if(data7 && typeof data7 == "object" && !Array.isArray(data7)){
let missing1;
if((((data7.id === undefined) && (missing1 = "id")) || ((data7.kind === undefined) && (missing1 = "kind"))) || ((data7.place === undefined) && (missing1 = "place"))){
validate51.errors = [{instancePath:instancePath+"/pins/" + i2,schemaPath:"#/$defs/WearPin/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs23 = errors;
for(const key1 in data7){
if(!(((key1 === "id") || (key1 === "kind")) || (key1 === "place"))){
validate51.errors = [{instancePath:instancePath+"/pins/" + i2,schemaPath:"#/$defs/WearPin/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs23 === errors){
if(data7.id !== undefined){
let data8 = data7.id;
const _errs24 = errors;
if(errors === _errs24){
if(typeof data8 === "string"){
if(!pattern10.test(data8)){
validate51.errors = [{instancePath:instancePath+"/pins/" + i2+"/id",schemaPath:"#/$defs/WearPin/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate51.errors = [{instancePath:instancePath+"/pins/" + i2+"/id",schemaPath:"#/$defs/WearPin/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid6 = _errs24 === errors;
}
else {
var valid6 = true;
}
if(valid6){
if(data7.kind !== undefined){
let data9 = data7.kind;
const _errs26 = errors;
if(typeof data9 !== "string"){
validate51.errors = [{instancePath:instancePath+"/pins/" + i2+"/kind",schemaPath:"#/$defs/WearPin/properties/kind/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((data9 === "held") || (data9 === "runs"))){
validate51.errors = [{instancePath:instancePath+"/pins/" + i2+"/kind",schemaPath:"#/$defs/WearPin/properties/kind/enum",keyword:"enum",params:{allowedValues: schema85.properties.kind.enum}}];
return false;
}
var valid6 = _errs26 === errors;
}
else {
var valid6 = true;
}
if(valid6){
if(data7.place !== undefined){
let data10 = data7.place;
const _errs28 = errors;
if(errors === _errs28){
if(Array.isArray(data10)){
if(data10.length > 3){
validate51.errors = [{instancePath:instancePath+"/pins/" + i2+"/place",schemaPath:"#/$defs/WearPin/properties/place/maxItems",keyword:"maxItems",params:{limit: 3}}];
return false;
}
else {
if(data10.length < 3){
validate51.errors = [{instancePath:instancePath+"/pins/" + i2+"/place",schemaPath:"#/$defs/WearPin/properties/place/minItems",keyword:"minItems",params:{limit: 3}}];
return false;
}
else {
var valid7 = true;
const len3 = data10.length;
for(let i3=0; i3<len3; i3++){
let data11 = data10[i3];
const _errs30 = errors;
if(!((typeof data11 == "number") && (isFinite(data11)))){
validate51.errors = [{instancePath:instancePath+"/pins/" + i2+"/place/" + i3,schemaPath:"#/$defs/WearPin/properties/place/items/type",keyword:"type",params:{type: "number"}}];
return false;
}
var valid7 = _errs30 === errors;
if(!valid7){
break;
}
}
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/pins/" + i2+"/place",schemaPath:"#/$defs/WearPin/properties/place/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid6 = _errs28 === errors;
}
else {
var valid6 = true;
}
}
}
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/pins/" + i2,schemaPath:"#/$defs/WearPin/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid4 = _errs20 === errors;
if(!valid4){
break;
}
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/pins",schemaPath:"#/properties/pins/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs18 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.seat !== undefined){
let data12 = data.seat;
const _errs32 = errors;
const _errs33 = errors;
let valid8 = false;
const _errs34 = errors;
if(!(data12 && typeof data12 == "object" && !Array.isArray(data12))){
const err8 = {instancePath:instancePath+"/seat",schemaPath:"#/properties/seat/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
}
const _errs35 = errors;
if(errors === _errs35){
if(data12 && typeof data12 == "object" && !Array.isArray(data12)){
let missing2;
if(((data12.turnDegrees === undefined) && (missing2 = "turnDegrees")) || ((data12.offset === undefined) && (missing2 = "offset"))){
const err9 = {instancePath:instancePath+"/seat",schemaPath:"#/$defs/PartSeat/required",keyword:"required",params:{missingProperty: missing2}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
}
else {
const _errs37 = errors;
for(const key2 in data12){
if(!((key2 === "turnDegrees") || (key2 === "offset"))){
const err10 = {instancePath:instancePath+"/seat",schemaPath:"#/$defs/PartSeat/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key2}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
break;
}
}
if(_errs37 === errors){
if(data12.turnDegrees !== undefined){
let data13 = data12.turnDegrees;
const _errs38 = errors;
if(errors === _errs38){
if((typeof data13 == "number") && (isFinite(data13))){
if(data13 > 360 || isNaN(data13)){
const err11 = {instancePath:instancePath+"/seat/turnDegrees",schemaPath:"#/$defs/PartSeat/properties/turnDegrees/maximum",keyword:"maximum",params:{comparison: "<=", limit: 360}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
}
else {
if(data13 < -360 || isNaN(data13)){
const err12 = {instancePath:instancePath+"/seat/turnDegrees",schemaPath:"#/$defs/PartSeat/properties/turnDegrees/minimum",keyword:"minimum",params:{comparison: ">=", limit: -360}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
}
}
}
else {
const err13 = {instancePath:instancePath+"/seat/turnDegrees",schemaPath:"#/$defs/PartSeat/properties/turnDegrees/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
}
var valid10 = _errs38 === errors;
}
else {
var valid10 = true;
}
if(valid10){
if(data12.offset !== undefined){
let data14 = data12.offset;
const _errs40 = errors;
if(errors === _errs40){
if(Array.isArray(data14)){
if(data14.length > 3){
const err14 = {instancePath:instancePath+"/seat/offset",schemaPath:"#/$defs/PartSeat/properties/offset/maxItems",keyword:"maxItems",params:{limit: 3}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
}
else {
if(data14.length < 3){
const err15 = {instancePath:instancePath+"/seat/offset",schemaPath:"#/$defs/PartSeat/properties/offset/minItems",keyword:"minItems",params:{limit: 3}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
}
else {
var valid11 = true;
const len4 = data14.length;
for(let i4=0; i4<len4; i4++){
let data15 = data14[i4];
const _errs42 = errors;
if(errors === _errs42){
if((typeof data15 == "number") && (isFinite(data15))){
if(data15 > 10000 || isNaN(data15)){
const err16 = {instancePath:instancePath+"/seat/offset/" + i4,schemaPath:"#/$defs/PartSeat/properties/offset/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}};
if(vErrors === null){
vErrors = [err16];
}
else {
vErrors.push(err16);
}
errors++;
}
else {
if(data15 < -10000 || isNaN(data15)){
const err17 = {instancePath:instancePath+"/seat/offset/" + i4,schemaPath:"#/$defs/PartSeat/properties/offset/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: -10000}};
if(vErrors === null){
vErrors = [err17];
}
else {
vErrors.push(err17);
}
errors++;
}
}
}
else {
const err18 = {instancePath:instancePath+"/seat/offset/" + i4,schemaPath:"#/$defs/PartSeat/properties/offset/items/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err18];
}
else {
vErrors.push(err18);
}
errors++;
}
}
var valid11 = _errs42 === errors;
if(!valid11){
break;
}
}
}
}
}
else {
const err19 = {instancePath:instancePath+"/seat/offset",schemaPath:"#/$defs/PartSeat/properties/offset/type",keyword:"type",params:{type: "array"}};
if(vErrors === null){
vErrors = [err19];
}
else {
vErrors.push(err19);
}
errors++;
}
}
var valid10 = _errs40 === errors;
}
else {
var valid10 = true;
}
}
}
}
}
else {
const err20 = {instancePath:instancePath+"/seat",schemaPath:"#/$defs/PartSeat/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err20];
}
else {
vErrors.push(err20);
}
errors++;
}
}
var _valid1 = _errs34 === errors;
valid8 = valid8 || _valid1;
const _errs45 = errors;
if(data12 !== null){
const err21 = {instancePath:instancePath+"/seat",schemaPath:"#/properties/seat/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err21];
}
else {
vErrors.push(err21);
}
errors++;
}
var _valid1 = _errs45 === errors;
valid8 = valid8 || _valid1;
if(!valid8){
const err22 = {instancePath:instancePath+"/seat",schemaPath:"#/properties/seat/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err22];
}
else {
vErrors.push(err22);
}
errors++;
validate51.errors = vErrors;
return false;
}
else {
errors = _errs33;
if(vErrors !== null){
if(_errs33){
vErrors.length = _errs33;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs32 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.regions !== undefined){
let data16 = data.regions;
const _errs47 = errors;
if(errors === _errs47){
if(Array.isArray(data16)){
if(data16.length > 8){
validate51.errors = [{instancePath:instancePath+"/regions",schemaPath:"#/properties/regions/maxItems",keyword:"maxItems",params:{limit: 8}}];
return false;
}
else {
var valid12 = true;
const len5 = data16.length;
for(let i5=0; i5<len5; i5++){
let data17 = data16[i5];
const _errs49 = errors;
const _errs50 = errors;
if(errors === _errs50){
if(data17 && typeof data17 == "object" && !Array.isArray(data17)){
let missing3;
if(((((((((data17.id === undefined) && (missing3 = "id")) || ((data17.productId === undefined) && (missing3 = "productId"))) || ((data17.lab === undefined) && (missing3 = "lab"))) || ((data17.place === undefined) && (missing3 = "place"))) || ((data17.edgeDegrees === undefined) && (missing3 = "edgeDegrees"))) || ((data17.reachMillimetres === undefined) && (missing3 = "reachMillimetres"))) || ((data17.stencilId === undefined) && (missing3 = "stencilId"))) || ((data17.turnDegrees === undefined) && (missing3 = "turnDegrees"))){
validate51.errors = [{instancePath:instancePath+"/regions/" + i5,schemaPath:"#/$defs/WeatherRegion/required",keyword:"required",params:{missingProperty: missing3}}];
return false;
}
else {
const _errs52 = errors;
for(const key3 in data17){
if(!((((((((key3 === "id") || (key3 === "productId")) || (key3 === "lab")) || (key3 === "place")) || (key3 === "edgeDegrees")) || (key3 === "reachMillimetres")) || (key3 === "stencilId")) || (key3 === "turnDegrees"))){
validate51.errors = [{instancePath:instancePath+"/regions/" + i5,schemaPath:"#/$defs/WeatherRegion/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key3}}];
return false;
break;
}
}
if(_errs52 === errors){
if(data17.id !== undefined){
let data18 = data17.id;
const _errs53 = errors;
if(errors === _errs53){
if(typeof data18 === "string"){
if(!pattern10.test(data18)){
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/id",schemaPath:"#/$defs/WeatherRegion/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/id",schemaPath:"#/$defs/WeatherRegion/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid14 = _errs53 === errors;
}
else {
var valid14 = true;
}
if(valid14){
if(data17.productId !== undefined){
let data19 = data17.productId;
const _errs55 = errors;
const _errs56 = errors;
let valid15 = false;
const _errs57 = errors;
if(errors === _errs57){
if(typeof data19 === "string"){
if(!pattern10.test(data19)){
const err23 = {instancePath:instancePath+"/regions/" + i5+"/productId",schemaPath:"#/$defs/WeatherRegion/properties/productId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err23];
}
else {
vErrors.push(err23);
}
errors++;
}
}
else {
const err24 = {instancePath:instancePath+"/regions/" + i5+"/productId",schemaPath:"#/$defs/WeatherRegion/properties/productId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err24];
}
else {
vErrors.push(err24);
}
errors++;
}
}
var _valid2 = _errs57 === errors;
valid15 = valid15 || _valid2;
const _errs59 = errors;
if(data19 !== null){
const err25 = {instancePath:instancePath+"/regions/" + i5+"/productId",schemaPath:"#/$defs/WeatherRegion/properties/productId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err25];
}
else {
vErrors.push(err25);
}
errors++;
}
var _valid2 = _errs59 === errors;
valid15 = valid15 || _valid2;
if(!valid15){
const err26 = {instancePath:instancePath+"/regions/" + i5+"/productId",schemaPath:"#/$defs/WeatherRegion/properties/productId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err26];
}
else {
vErrors.push(err26);
}
errors++;
validate51.errors = vErrors;
return false;
}
else {
errors = _errs56;
if(vErrors !== null){
if(_errs56){
vErrors.length = _errs56;
}
else {
vErrors = null;
}
}
}
var valid14 = _errs55 === errors;
}
else {
var valid14 = true;
}
if(valid14){
if(data17.lab !== undefined){
let data20 = data17.lab;
const _errs61 = errors;
if(errors === _errs61){
if(Array.isArray(data20)){
if(data20.length > 3){
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/lab",schemaPath:"#/$defs/WeatherRegion/properties/lab/maxItems",keyword:"maxItems",params:{limit: 3}}];
return false;
}
else {
if(data20.length < 3){
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/lab",schemaPath:"#/$defs/WeatherRegion/properties/lab/minItems",keyword:"minItems",params:{limit: 3}}];
return false;
}
else {
var valid16 = true;
const len6 = data20.length;
for(let i6=0; i6<len6; i6++){
let data21 = data20[i6];
const _errs63 = errors;
if(errors === _errs63){
if((typeof data21 == "number") && (isFinite(data21))){
if(data21 > 200 || isNaN(data21)){
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/lab/" + i6,schemaPath:"#/$defs/WeatherRegion/properties/lab/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200}}];
return false;
}
else {
if(data21 < -200 || isNaN(data21)){
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/lab/" + i6,schemaPath:"#/$defs/WeatherRegion/properties/lab/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: -200}}];
return false;
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/lab/" + i6,schemaPath:"#/$defs/WeatherRegion/properties/lab/items/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid16 = _errs63 === errors;
if(!valid16){
break;
}
}
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/lab",schemaPath:"#/$defs/WeatherRegion/properties/lab/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid14 = _errs61 === errors;
}
else {
var valid14 = true;
}
if(valid14){
if(data17.place !== undefined){
let data22 = data17.place;
const _errs65 = errors;
if(errors === _errs65){
if(Array.isArray(data22)){
if(data22.length > 3){
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/place",schemaPath:"#/$defs/WeatherRegion/properties/place/maxItems",keyword:"maxItems",params:{limit: 3}}];
return false;
}
else {
if(data22.length < 3){
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/place",schemaPath:"#/$defs/WeatherRegion/properties/place/minItems",keyword:"minItems",params:{limit: 3}}];
return false;
}
else {
var valid17 = true;
const len7 = data22.length;
for(let i7=0; i7<len7; i7++){
let data23 = data22[i7];
const _errs67 = errors;
if(!((typeof data23 == "number") && (isFinite(data23)))){
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/place/" + i7,schemaPath:"#/$defs/WeatherRegion/properties/place/items/type",keyword:"type",params:{type: "number"}}];
return false;
}
var valid17 = _errs67 === errors;
if(!valid17){
break;
}
}
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/place",schemaPath:"#/$defs/WeatherRegion/properties/place/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid14 = _errs65 === errors;
}
else {
var valid14 = true;
}
if(valid14){
if(data17.edgeDegrees !== undefined){
let data24 = data17.edgeDegrees;
const _errs69 = errors;
if(errors === _errs69){
if((typeof data24 == "number") && (isFinite(data24))){
if(data24 > 180 || isNaN(data24)){
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/edgeDegrees",schemaPath:"#/$defs/WeatherRegion/properties/edgeDegrees/maximum",keyword:"maximum",params:{comparison: "<=", limit: 180}}];
return false;
}
else {
if(data24 < 1 || isNaN(data24)){
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/edgeDegrees",schemaPath:"#/$defs/WeatherRegion/properties/edgeDegrees/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/edgeDegrees",schemaPath:"#/$defs/WeatherRegion/properties/edgeDegrees/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid14 = _errs69 === errors;
}
else {
var valid14 = true;
}
if(valid14){
if(data17.reachMillimetres !== undefined){
let data25 = data17.reachMillimetres;
const _errs71 = errors;
const _errs72 = errors;
let valid18 = false;
const _errs73 = errors;
if(errors === _errs73){
if((typeof data25 == "number") && (isFinite(data25))){
if(data25 > 5000 || isNaN(data25)){
const err27 = {instancePath:instancePath+"/regions/" + i5+"/reachMillimetres",schemaPath:"#/$defs/WeatherRegion/properties/reachMillimetres/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 5000}};
if(vErrors === null){
vErrors = [err27];
}
else {
vErrors.push(err27);
}
errors++;
}
else {
if(data25 < 0.1 || isNaN(data25)){
const err28 = {instancePath:instancePath+"/regions/" + i5+"/reachMillimetres",schemaPath:"#/$defs/WeatherRegion/properties/reachMillimetres/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.1}};
if(vErrors === null){
vErrors = [err28];
}
else {
vErrors.push(err28);
}
errors++;
}
}
}
else {
const err29 = {instancePath:instancePath+"/regions/" + i5+"/reachMillimetres",schemaPath:"#/$defs/WeatherRegion/properties/reachMillimetres/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err29];
}
else {
vErrors.push(err29);
}
errors++;
}
}
var _valid3 = _errs73 === errors;
valid18 = valid18 || _valid3;
const _errs75 = errors;
if(data25 !== null){
const err30 = {instancePath:instancePath+"/regions/" + i5+"/reachMillimetres",schemaPath:"#/$defs/WeatherRegion/properties/reachMillimetres/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err30];
}
else {
vErrors.push(err30);
}
errors++;
}
var _valid3 = _errs75 === errors;
valid18 = valid18 || _valid3;
if(!valid18){
const err31 = {instancePath:instancePath+"/regions/" + i5+"/reachMillimetres",schemaPath:"#/$defs/WeatherRegion/properties/reachMillimetres/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err31];
}
else {
vErrors.push(err31);
}
errors++;
validate51.errors = vErrors;
return false;
}
else {
errors = _errs72;
if(vErrors !== null){
if(_errs72){
vErrors.length = _errs72;
}
else {
vErrors = null;
}
}
}
var valid14 = _errs71 === errors;
}
else {
var valid14 = true;
}
if(valid14){
if(data17.stencilId !== undefined){
let data26 = data17.stencilId;
const _errs77 = errors;
const _errs78 = errors;
let valid19 = false;
const _errs79 = errors;
if(errors === _errs79){
if(typeof data26 === "string"){
if(!pattern10.test(data26)){
const err32 = {instancePath:instancePath+"/regions/" + i5+"/stencilId",schemaPath:"#/$defs/WeatherRegion/properties/stencilId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err32];
}
else {
vErrors.push(err32);
}
errors++;
}
}
else {
const err33 = {instancePath:instancePath+"/regions/" + i5+"/stencilId",schemaPath:"#/$defs/WeatherRegion/properties/stencilId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err33];
}
else {
vErrors.push(err33);
}
errors++;
}
}
var _valid4 = _errs79 === errors;
valid19 = valid19 || _valid4;
const _errs81 = errors;
if(data26 !== null){
const err34 = {instancePath:instancePath+"/regions/" + i5+"/stencilId",schemaPath:"#/$defs/WeatherRegion/properties/stencilId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err34];
}
else {
vErrors.push(err34);
}
errors++;
}
var _valid4 = _errs81 === errors;
valid19 = valid19 || _valid4;
if(!valid19){
const err35 = {instancePath:instancePath+"/regions/" + i5+"/stencilId",schemaPath:"#/$defs/WeatherRegion/properties/stencilId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err35];
}
else {
vErrors.push(err35);
}
errors++;
validate51.errors = vErrors;
return false;
}
else {
errors = _errs78;
if(vErrors !== null){
if(_errs78){
vErrors.length = _errs78;
}
else {
vErrors = null;
}
}
}
var valid14 = _errs77 === errors;
}
else {
var valid14 = true;
}
if(valid14){
if(data17.turnDegrees !== undefined){
let data27 = data17.turnDegrees;
const _errs83 = errors;
if(errors === _errs83){
if((typeof data27 == "number") && (isFinite(data27))){
if(data27 > 360 || isNaN(data27)){
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/turnDegrees",schemaPath:"#/$defs/WeatherRegion/properties/turnDegrees/maximum",keyword:"maximum",params:{comparison: "<=", limit: 360}}];
return false;
}
else {
if(data27 < -360 || isNaN(data27)){
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/turnDegrees",schemaPath:"#/$defs/WeatherRegion/properties/turnDegrees/minimum",keyword:"minimum",params:{comparison: ">=", limit: -360}}];
return false;
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/regions/" + i5+"/turnDegrees",schemaPath:"#/$defs/WeatherRegion/properties/turnDegrees/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid14 = _errs83 === errors;
}
else {
var valid14 = true;
}
}
}
}
}
}
}
}
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/regions/" + i5,schemaPath:"#/$defs/WeatherRegion/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid12 = _errs49 === errors;
if(!valid12){
break;
}
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/regions",schemaPath:"#/properties/regions/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs47 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.passes !== undefined){
let data28 = data.passes;
const _errs85 = errors;
if(errors === _errs85){
if(Array.isArray(data28)){
if(data28.length > 40){
validate51.errors = [{instancePath:instancePath+"/passes",schemaPath:"#/properties/passes/maxItems",keyword:"maxItems",params:{limit: 40}}];
return false;
}
else {
var valid20 = true;
const len8 = data28.length;
for(let i8=0; i8<len8; i8++){
let data29 = data28[i8];
const _errs87 = errors;
const _errs88 = errors;
if(errors === _errs88){
if(data29 && typeof data29 == "object" && !Array.isArray(data29)){
let missing4;
if(((((((((((data29.id === undefined) && (missing4 = "id")) || ((data29.techniqueId === undefined) && (missing4 = "techniqueId"))) || ((data29.productId === undefined) && (missing4 = "productId"))) || ((data29.lab === undefined) && (missing4 = "lab"))) || ((data29.amount === undefined) && (missing4 = "amount"))) || ((data29.wiped === undefined) && (missing4 = "wiped"))) || ((data29.sizeMillimetres === undefined) && (missing4 = "sizeMillimetres"))) || ((data29.seed === undefined) && (missing4 = "seed"))) || ((data29.stop === undefined) && (missing4 = "stop"))) || ((data29.rungId === undefined) && (missing4 = "rungId"))){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8,schemaPath:"#/$defs/PlannedWeatherPass/required",keyword:"required",params:{missingProperty: missing4}}];
return false;
}
else {
const _errs90 = errors;
for(const key4 in data29){
if(!(func1.call(schema88.properties, key4))){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8,schemaPath:"#/$defs/PlannedWeatherPass/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key4}}];
return false;
break;
}
}
if(_errs90 === errors){
if(data29.id !== undefined){
let data30 = data29.id;
const _errs91 = errors;
if(errors === _errs91){
if(typeof data30 === "string"){
if(!pattern10.test(data30)){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/id",schemaPath:"#/$defs/PlannedWeatherPass/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/id",schemaPath:"#/$defs/PlannedWeatherPass/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid22 = _errs91 === errors;
}
else {
var valid22 = true;
}
if(valid22){
if(data29.techniqueId !== undefined){
let data31 = data29.techniqueId;
const _errs93 = errors;
if(typeof data31 !== "string"){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/techniqueId",schemaPath:"#/$defs/PlannedWeatherPass/properties/techniqueId/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((((((((((((((((((((((data31 === "chipsTaken") || (data31 === "washWiped")) || (data31 === "washLeft")) || (data31 === "washSprayed")) || (data31 === "washCorners")) || (data31 === "oilWash")) || (data31 === "pinWash")) || (data31 === "streaks")) || (data31 === "rustUp")) || (data31 === "verdigris")) || (data31 === "spongeStipple")) || (data31 === "grime")) || (data31 === "rustRunOff")) || (data31 === "chipsBrush")) || (data31 === "chipsSponge")) || (data31 === "scratches")) || (data31 === "dryBrush")) || (data31 === "splatter")) || (data31 === "chipsStick")) || (data31 === "soot")) || (data31 === "polishEdges")) || (data31 === "graphiteEdges")) || (data31 === "wetGloss")) || (data31 === "dust"))){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/techniqueId",schemaPath:"#/$defs/PlannedWeatherPass/properties/techniqueId/enum",keyword:"enum",params:{allowedValues: schema88.properties.techniqueId.enum}}];
return false;
}
var valid22 = _errs93 === errors;
}
else {
var valid22 = true;
}
if(valid22){
if(data29.productId !== undefined){
let data32 = data29.productId;
const _errs95 = errors;
const _errs96 = errors;
let valid23 = false;
const _errs97 = errors;
if(errors === _errs97){
if(typeof data32 === "string"){
if(!pattern10.test(data32)){
const err36 = {instancePath:instancePath+"/passes/" + i8+"/productId",schemaPath:"#/$defs/PlannedWeatherPass/properties/productId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err36];
}
else {
vErrors.push(err36);
}
errors++;
}
}
else {
const err37 = {instancePath:instancePath+"/passes/" + i8+"/productId",schemaPath:"#/$defs/PlannedWeatherPass/properties/productId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err37];
}
else {
vErrors.push(err37);
}
errors++;
}
}
var _valid5 = _errs97 === errors;
valid23 = valid23 || _valid5;
const _errs99 = errors;
if(data32 !== null){
const err38 = {instancePath:instancePath+"/passes/" + i8+"/productId",schemaPath:"#/$defs/PlannedWeatherPass/properties/productId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err38];
}
else {
vErrors.push(err38);
}
errors++;
}
var _valid5 = _errs99 === errors;
valid23 = valid23 || _valid5;
if(!valid23){
const err39 = {instancePath:instancePath+"/passes/" + i8+"/productId",schemaPath:"#/$defs/PlannedWeatherPass/properties/productId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err39];
}
else {
vErrors.push(err39);
}
errors++;
validate51.errors = vErrors;
return false;
}
else {
errors = _errs96;
if(vErrors !== null){
if(_errs96){
vErrors.length = _errs96;
}
else {
vErrors = null;
}
}
}
var valid22 = _errs95 === errors;
}
else {
var valid22 = true;
}
if(valid22){
if(data29.lab !== undefined){
let data33 = data29.lab;
const _errs101 = errors;
if(errors === _errs101){
if(Array.isArray(data33)){
if(data33.length > 3){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/lab",schemaPath:"#/$defs/PlannedWeatherPass/properties/lab/maxItems",keyword:"maxItems",params:{limit: 3}}];
return false;
}
else {
if(data33.length < 3){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/lab",schemaPath:"#/$defs/PlannedWeatherPass/properties/lab/minItems",keyword:"minItems",params:{limit: 3}}];
return false;
}
else {
var valid24 = true;
const len9 = data33.length;
for(let i9=0; i9<len9; i9++){
let data34 = data33[i9];
const _errs103 = errors;
if(errors === _errs103){
if((typeof data34 == "number") && (isFinite(data34))){
if(data34 > 200 || isNaN(data34)){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/lab/" + i9,schemaPath:"#/$defs/PlannedWeatherPass/properties/lab/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200}}];
return false;
}
else {
if(data34 < -200 || isNaN(data34)){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/lab/" + i9,schemaPath:"#/$defs/PlannedWeatherPass/properties/lab/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: -200}}];
return false;
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/lab/" + i9,schemaPath:"#/$defs/PlannedWeatherPass/properties/lab/items/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid24 = _errs103 === errors;
if(!valid24){
break;
}
}
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/lab",schemaPath:"#/$defs/PlannedWeatherPass/properties/lab/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid22 = _errs101 === errors;
}
else {
var valid22 = true;
}
if(valid22){
if(data29.amount !== undefined){
let data35 = data29.amount;
const _errs105 = errors;
if(errors === _errs105){
if((typeof data35 == "number") && (isFinite(data35))){
if(data35 > 1 || isNaN(data35)){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/amount",schemaPath:"#/$defs/PlannedWeatherPass/properties/amount/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data35 < 0 || isNaN(data35)){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/amount",schemaPath:"#/$defs/PlannedWeatherPass/properties/amount/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/amount",schemaPath:"#/$defs/PlannedWeatherPass/properties/amount/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid22 = _errs105 === errors;
}
else {
var valid22 = true;
}
if(valid22){
if(data29.wiped !== undefined){
let data36 = data29.wiped;
const _errs107 = errors;
if(errors === _errs107){
if((typeof data36 == "number") && (isFinite(data36))){
if(data36 > 1 || isNaN(data36)){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/wiped",schemaPath:"#/$defs/PlannedWeatherPass/properties/wiped/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data36 < 0 || isNaN(data36)){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/wiped",schemaPath:"#/$defs/PlannedWeatherPass/properties/wiped/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/wiped",schemaPath:"#/$defs/PlannedWeatherPass/properties/wiped/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid22 = _errs107 === errors;
}
else {
var valid22 = true;
}
if(valid22){
if(data29.sizeMillimetres !== undefined){
let data37 = data29.sizeMillimetres;
const _errs109 = errors;
if(errors === _errs109){
if((typeof data37 == "number") && (isFinite(data37))){
if(data37 > 200 || isNaN(data37)){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/sizeMillimetres",schemaPath:"#/$defs/PlannedWeatherPass/properties/sizeMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200}}];
return false;
}
else {
if(data37 < 0.05 || isNaN(data37)){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/sizeMillimetres",schemaPath:"#/$defs/PlannedWeatherPass/properties/sizeMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.05}}];
return false;
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/sizeMillimetres",schemaPath:"#/$defs/PlannedWeatherPass/properties/sizeMillimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid22 = _errs109 === errors;
}
else {
var valid22 = true;
}
if(valid22){
if(data29.seed !== undefined){
let data38 = data29.seed;
const _errs111 = errors;
if(!(((typeof data38 == "number") && (!(data38 % 1) && !isNaN(data38))) && (isFinite(data38)))){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/seed",schemaPath:"#/$defs/PlannedWeatherPass/properties/seed/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs111){
if((typeof data38 == "number") && (isFinite(data38))){
if(data38 > 1000000 || isNaN(data38)){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/seed",schemaPath:"#/$defs/PlannedWeatherPass/properties/seed/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}}];
return false;
}
else {
if(data38 < 0 || isNaN(data38)){
validate51.errors = [{instancePath:instancePath+"/passes/" + i8+"/seed",schemaPath:"#/$defs/PlannedWeatherPass/properties/seed/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
}
var valid22 = _errs111 === errors;
}
else {
var valid22 = true;
}
if(valid22){
if(data29.stop !== undefined){
let data39 = data29.stop;
const _errs113 = errors;
const _errs114 = errors;
let valid25 = false;
const _errs115 = errors;
if(errors === _errs115){
if((typeof data39 == "number") && (isFinite(data39))){
if(data39 > 1 || isNaN(data39)){
const err40 = {instancePath:instancePath+"/passes/" + i8+"/stop",schemaPath:"#/$defs/PlannedWeatherPass/properties/stop/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}};
if(vErrors === null){
vErrors = [err40];
}
else {
vErrors.push(err40);
}
errors++;
}
else {
if(data39 < 0 || isNaN(data39)){
const err41 = {instancePath:instancePath+"/passes/" + i8+"/stop",schemaPath:"#/$defs/PlannedWeatherPass/properties/stop/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err41];
}
else {
vErrors.push(err41);
}
errors++;
}
}
}
else {
const err42 = {instancePath:instancePath+"/passes/" + i8+"/stop",schemaPath:"#/$defs/PlannedWeatherPass/properties/stop/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err42];
}
else {
vErrors.push(err42);
}
errors++;
}
}
var _valid6 = _errs115 === errors;
valid25 = valid25 || _valid6;
const _errs117 = errors;
if(data39 !== null){
const err43 = {instancePath:instancePath+"/passes/" + i8+"/stop",schemaPath:"#/$defs/PlannedWeatherPass/properties/stop/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err43];
}
else {
vErrors.push(err43);
}
errors++;
}
var _valid6 = _errs117 === errors;
valid25 = valid25 || _valid6;
if(!valid25){
const err44 = {instancePath:instancePath+"/passes/" + i8+"/stop",schemaPath:"#/$defs/PlannedWeatherPass/properties/stop/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err44];
}
else {
vErrors.push(err44);
}
errors++;
validate51.errors = vErrors;
return false;
}
else {
errors = _errs114;
if(vErrors !== null){
if(_errs114){
vErrors.length = _errs114;
}
else {
vErrors = null;
}
}
}
var valid22 = _errs113 === errors;
}
else {
var valid22 = true;
}
if(valid22){
if(data29.rungId !== undefined){
let data40 = data29.rungId;
const _errs119 = errors;
const _errs120 = errors;
let valid26 = false;
const _errs121 = errors;
if(errors === _errs121){
if(typeof data40 === "string"){
if(!pattern10.test(data40)){
const err45 = {instancePath:instancePath+"/passes/" + i8+"/rungId",schemaPath:"#/$defs/PlannedWeatherPass/properties/rungId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err45];
}
else {
vErrors.push(err45);
}
errors++;
}
}
else {
const err46 = {instancePath:instancePath+"/passes/" + i8+"/rungId",schemaPath:"#/$defs/PlannedWeatherPass/properties/rungId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err46];
}
else {
vErrors.push(err46);
}
errors++;
}
}
var _valid7 = _errs121 === errors;
valid26 = valid26 || _valid7;
const _errs123 = errors;
if(data40 !== null){
const err47 = {instancePath:instancePath+"/passes/" + i8+"/rungId",schemaPath:"#/$defs/PlannedWeatherPass/properties/rungId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err47];
}
else {
vErrors.push(err47);
}
errors++;
}
var _valid7 = _errs123 === errors;
valid26 = valid26 || _valid7;
if(!valid26){
const err48 = {instancePath:instancePath+"/passes/" + i8+"/rungId",schemaPath:"#/$defs/PlannedWeatherPass/properties/rungId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err48];
}
else {
vErrors.push(err48);
}
errors++;
validate51.errors = vErrors;
return false;
}
else {
errors = _errs120;
if(vErrors !== null){
if(_errs120){
vErrors.length = _errs120;
}
else {
vErrors = null;
}
}
}
var valid22 = _errs119 === errors;
}
else {
var valid22 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/passes/" + i8,schemaPath:"#/$defs/PlannedWeatherPass/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid20 = _errs87 === errors;
if(!valid20){
break;
}
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/passes",schemaPath:"#/properties/passes/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs85 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.readings !== undefined){
let data41 = data.readings;
const _errs125 = errors;
if(errors === _errs125){
if(Array.isArray(data41)){
if(data41.length > 400){
validate51.errors = [{instancePath:instancePath+"/readings",schemaPath:"#/properties/readings/maxItems",keyword:"maxItems",params:{limit: 400}}];
return false;
}
else {
var valid27 = true;
const len10 = data41.length;
for(let i10=0; i10<len10; i10++){
let data42 = data41[i10];
const _errs127 = errors;
const _errs128 = errors;
if(errors === _errs128){
if(data42 && typeof data42 == "object" && !Array.isArray(data42)){
let missing5;
if((((((((((data42.id === undefined) && (missing5 = "id")) || ((data42.passId === undefined) && (missing5 = "passId"))) || ((data42.amount === undefined) && (missing5 = "amount"))) || ((data42.coverage === undefined) && (missing5 = "coverage"))) || ((data42.half === undefined) && (missing5 = "half"))) || ((data42.most === undefined) && (missing5 = "most"))) || ((data42.how === undefined) && (missing5 = "how"))) || ((data42.pictureId === undefined) && (missing5 = "pictureId"))) || ((data42.atMs === undefined) && (missing5 = "atMs"))){
validate51.errors = [{instancePath:instancePath+"/readings/" + i10,schemaPath:"#/$defs/CoverageRecord/required",keyword:"required",params:{missingProperty: missing5}}];
return false;
}
else {
const _errs130 = errors;
for(const key5 in data42){
if(!(func1.call(schema89.properties, key5))){
validate51.errors = [{instancePath:instancePath+"/readings/" + i10,schemaPath:"#/$defs/CoverageRecord/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key5}}];
return false;
break;
}
}
if(_errs130 === errors){
if(data42.id !== undefined){
let data43 = data42.id;
const _errs131 = errors;
if(errors === _errs131){
if(typeof data43 === "string"){
if(!pattern10.test(data43)){
validate51.errors = [{instancePath:instancePath+"/readings/" + i10+"/id",schemaPath:"#/$defs/CoverageRecord/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate51.errors = [{instancePath:instancePath+"/readings/" + i10+"/id",schemaPath:"#/$defs/CoverageRecord/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid29 = _errs131 === errors;
}
else {
var valid29 = true;
}
if(valid29){
if(data42.passId !== undefined){
let data44 = data42.passId;
const _errs133 = errors;
if(errors === _errs133){
if(typeof data44 === "string"){
if(!pattern10.test(data44)){
validate51.errors = [{instancePath:instancePath+"/readings/" + i10+"/passId",schemaPath:"#/$defs/CoverageRecord/properties/passId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate51.errors = [{instancePath:instancePath+"/readings/" + i10+"/passId",schemaPath:"#/$defs/CoverageRecord/properties/passId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid29 = _errs133 === errors;
}
else {
var valid29 = true;
}
if(valid29){
if(data42.amount !== undefined){
let data45 = data42.amount;
const _errs135 = errors;
if(errors === _errs135){
if((typeof data45 == "number") && (isFinite(data45))){
if(data45 > 10 || isNaN(data45)){
validate51.errors = [{instancePath:instancePath+"/readings/" + i10+"/amount",schemaPath:"#/$defs/CoverageRecord/properties/amount/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10}}];
return false;
}
else {
if(data45 < 0 || isNaN(data45)){
validate51.errors = [{instancePath:instancePath+"/readings/" + i10+"/amount",schemaPath:"#/$defs/CoverageRecord/properties/amount/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/readings/" + i10+"/amount",schemaPath:"#/$defs/CoverageRecord/properties/amount/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid29 = _errs135 === errors;
}
else {
var valid29 = true;
}
if(valid29){
if(data42.coverage !== undefined){
let data46 = data42.coverage;
const _errs137 = errors;
const _errs138 = errors;
let valid30 = false;
const _errs139 = errors;
if(errors === _errs139){
if((typeof data46 == "number") && (isFinite(data46))){
if(data46 > 1 || isNaN(data46)){
const err49 = {instancePath:instancePath+"/readings/" + i10+"/coverage",schemaPath:"#/$defs/CoverageRecord/properties/coverage/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}};
if(vErrors === null){
vErrors = [err49];
}
else {
vErrors.push(err49);
}
errors++;
}
else {
if(data46 < 0 || isNaN(data46)){
const err50 = {instancePath:instancePath+"/readings/" + i10+"/coverage",schemaPath:"#/$defs/CoverageRecord/properties/coverage/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err50];
}
else {
vErrors.push(err50);
}
errors++;
}
}
}
else {
const err51 = {instancePath:instancePath+"/readings/" + i10+"/coverage",schemaPath:"#/$defs/CoverageRecord/properties/coverage/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err51];
}
else {
vErrors.push(err51);
}
errors++;
}
}
var _valid8 = _errs139 === errors;
valid30 = valid30 || _valid8;
const _errs141 = errors;
if(data46 !== null){
const err52 = {instancePath:instancePath+"/readings/" + i10+"/coverage",schemaPath:"#/$defs/CoverageRecord/properties/coverage/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err52];
}
else {
vErrors.push(err52);
}
errors++;
}
var _valid8 = _errs141 === errors;
valid30 = valid30 || _valid8;
if(!valid30){
const err53 = {instancePath:instancePath+"/readings/" + i10+"/coverage",schemaPath:"#/$defs/CoverageRecord/properties/coverage/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err53];
}
else {
vErrors.push(err53);
}
errors++;
validate51.errors = vErrors;
return false;
}
else {
errors = _errs138;
if(vErrors !== null){
if(_errs138){
vErrors.length = _errs138;
}
else {
vErrors = null;
}
}
}
var valid29 = _errs137 === errors;
}
else {
var valid29 = true;
}
if(valid29){
if(data42.half !== undefined){
let data47 = data42.half;
const _errs143 = errors;
if(errors === _errs143){
if((typeof data47 == "number") && (isFinite(data47))){
if(data47 > 1 || isNaN(data47)){
validate51.errors = [{instancePath:instancePath+"/readings/" + i10+"/half",schemaPath:"#/$defs/CoverageRecord/properties/half/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data47 < 0 || isNaN(data47)){
validate51.errors = [{instancePath:instancePath+"/readings/" + i10+"/half",schemaPath:"#/$defs/CoverageRecord/properties/half/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/readings/" + i10+"/half",schemaPath:"#/$defs/CoverageRecord/properties/half/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid29 = _errs143 === errors;
}
else {
var valid29 = true;
}
if(valid29){
if(data42.most !== undefined){
let data48 = data42.most;
const _errs145 = errors;
const _errs146 = errors;
let valid31 = false;
const _errs147 = errors;
if(errors === _errs147){
if((typeof data48 == "number") && (isFinite(data48))){
if(data48 > 1 || isNaN(data48)){
const err54 = {instancePath:instancePath+"/readings/" + i10+"/most",schemaPath:"#/$defs/CoverageRecord/properties/most/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}};
if(vErrors === null){
vErrors = [err54];
}
else {
vErrors.push(err54);
}
errors++;
}
else {
if(data48 < 0 || isNaN(data48)){
const err55 = {instancePath:instancePath+"/readings/" + i10+"/most",schemaPath:"#/$defs/CoverageRecord/properties/most/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err55];
}
else {
vErrors.push(err55);
}
errors++;
}
}
}
else {
const err56 = {instancePath:instancePath+"/readings/" + i10+"/most",schemaPath:"#/$defs/CoverageRecord/properties/most/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err56];
}
else {
vErrors.push(err56);
}
errors++;
}
}
var _valid9 = _errs147 === errors;
valid31 = valid31 || _valid9;
const _errs149 = errors;
if(data48 !== null){
const err57 = {instancePath:instancePath+"/readings/" + i10+"/most",schemaPath:"#/$defs/CoverageRecord/properties/most/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err57];
}
else {
vErrors.push(err57);
}
errors++;
}
var _valid9 = _errs149 === errors;
valid31 = valid31 || _valid9;
if(!valid31){
const err58 = {instancePath:instancePath+"/readings/" + i10+"/most",schemaPath:"#/$defs/CoverageRecord/properties/most/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err58];
}
else {
vErrors.push(err58);
}
errors++;
validate51.errors = vErrors;
return false;
}
else {
errors = _errs146;
if(vErrors !== null){
if(_errs146){
vErrors.length = _errs146;
}
else {
vErrors = null;
}
}
}
var valid29 = _errs145 === errors;
}
else {
var valid29 = true;
}
if(valid29){
if(data42.how !== undefined){
let data49 = data42.how;
const _errs151 = errors;
if(typeof data49 !== "string"){
validate51.errors = [{instancePath:instancePath+"/readings/" + i10+"/how",schemaPath:"#/$defs/CoverageRecord/properties/how/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((data49 === "pair") || (data49 === "unregistered")) || (data49 === "single")) || (data49 === "eye"))){
validate51.errors = [{instancePath:instancePath+"/readings/" + i10+"/how",schemaPath:"#/$defs/CoverageRecord/properties/how/enum",keyword:"enum",params:{allowedValues: schema89.properties.how.enum}}];
return false;
}
var valid29 = _errs151 === errors;
}
else {
var valid29 = true;
}
if(valid29){
if(data42.pictureId !== undefined){
let data50 = data42.pictureId;
const _errs153 = errors;
const _errs154 = errors;
let valid32 = false;
const _errs155 = errors;
if(errors === _errs155){
if(typeof data50 === "string"){
if(!pattern10.test(data50)){
const err59 = {instancePath:instancePath+"/readings/" + i10+"/pictureId",schemaPath:"#/$defs/CoverageRecord/properties/pictureId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err59];
}
else {
vErrors.push(err59);
}
errors++;
}
}
else {
const err60 = {instancePath:instancePath+"/readings/" + i10+"/pictureId",schemaPath:"#/$defs/CoverageRecord/properties/pictureId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err60];
}
else {
vErrors.push(err60);
}
errors++;
}
}
var _valid10 = _errs155 === errors;
valid32 = valid32 || _valid10;
const _errs157 = errors;
if(data50 !== null){
const err61 = {instancePath:instancePath+"/readings/" + i10+"/pictureId",schemaPath:"#/$defs/CoverageRecord/properties/pictureId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err61];
}
else {
vErrors.push(err61);
}
errors++;
}
var _valid10 = _errs157 === errors;
valid32 = valid32 || _valid10;
if(!valid32){
const err62 = {instancePath:instancePath+"/readings/" + i10+"/pictureId",schemaPath:"#/$defs/CoverageRecord/properties/pictureId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err62];
}
else {
vErrors.push(err62);
}
errors++;
validate51.errors = vErrors;
return false;
}
else {
errors = _errs154;
if(vErrors !== null){
if(_errs154){
vErrors.length = _errs154;
}
else {
vErrors = null;
}
}
}
var valid29 = _errs153 === errors;
}
else {
var valid29 = true;
}
if(valid29){
if(data42.atMs !== undefined){
let data51 = data42.atMs;
const _errs159 = errors;
if(!(((typeof data51 == "number") && (!(data51 % 1) && !isNaN(data51))) && (isFinite(data51)))){
validate51.errors = [{instancePath:instancePath+"/readings/" + i10+"/atMs",schemaPath:"#/$defs/CoverageRecord/properties/atMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs159){
if((typeof data51 == "number") && (isFinite(data51))){
if(data51 > 4102444800000 || isNaN(data51)){
validate51.errors = [{instancePath:instancePath+"/readings/" + i10+"/atMs",schemaPath:"#/$defs/CoverageRecord/properties/atMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data51 < 946684800000 || isNaN(data51)){
validate51.errors = [{instancePath:instancePath+"/readings/" + i10+"/atMs",schemaPath:"#/$defs/CoverageRecord/properties/atMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid29 = _errs159 === errors;
}
else {
var valid29 = true;
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/readings/" + i10,schemaPath:"#/$defs/CoverageRecord/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid27 = _errs127 === errors;
if(!valid27){
break;
}
}
}
}
else {
validate51.errors = [{instancePath:instancePath+"/readings",schemaPath:"#/properties/readings/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs125 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.cleanPictureId !== undefined){
let data52 = data.cleanPictureId;
const _errs161 = errors;
const _errs162 = errors;
let valid33 = false;
const _errs163 = errors;
if(errors === _errs163){
if(typeof data52 === "string"){
if(!pattern10.test(data52)){
const err63 = {instancePath:instancePath+"/cleanPictureId",schemaPath:"#/properties/cleanPictureId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err63];
}
else {
vErrors.push(err63);
}
errors++;
}
}
else {
const err64 = {instancePath:instancePath+"/cleanPictureId",schemaPath:"#/properties/cleanPictureId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err64];
}
else {
vErrors.push(err64);
}
errors++;
}
}
var _valid11 = _errs163 === errors;
valid33 = valid33 || _valid11;
const _errs165 = errors;
if(data52 !== null){
const err65 = {instancePath:instancePath+"/cleanPictureId",schemaPath:"#/properties/cleanPictureId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err65];
}
else {
vErrors.push(err65);
}
errors++;
}
var _valid11 = _errs165 === errors;
valid33 = valid33 || _valid11;
if(!valid33){
const err66 = {instancePath:instancePath+"/cleanPictureId",schemaPath:"#/properties/cleanPictureId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err66];
}
else {
vErrors.push(err66);
}
errors++;
validate51.errors = vErrors;
return false;
}
else {
errors = _errs162;
if(vErrors !== null){
if(_errs162){
vErrors.length = _errs162;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs161 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data53 = data.id;
const _errs167 = errors;
if(errors === _errs167){
if(typeof data53 === "string"){
if(!pattern10.test(data53)){
validate51.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate51.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs167 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data54 = data.revision;
const _errs169 = errors;
if(!(((typeof data54 == "number") && (!(data54 % 1) && !isNaN(data54))) && (isFinite(data54)))){
validate51.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs169){
if((typeof data54 == "number") && (isFinite(data54))){
if(data54 < 0 || isNaN(data54)){
validate51.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs169 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate51.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate51.errors = vErrors;
return errors === 0;
}
validate51.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema91 = {"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"note":{"maxLength":4000,"type":"string"},"route":{"anyOf":[{"$ref":"#/$defs/LadderRoute","type":"object"},{"type":"null"}]},"steps":{"items":{"$ref":"#/$defs/RungStep"},"type":"array","maxItems":400,"minItems":1},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","note","route","steps","id","revision"],"additionalProperties":false};
const schema93 = {"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"methodId":{"type":"string","enum":["cut","washResin","degrease","dryFit","repair","reprint","heat","grind","shim","cutShape","drill","formSheet","trimSheet","stitch","cement","press","bond","firstCut","fill","brushFilm","solventSmooth","heatSeal","wetSand","textureOn","sand","scuff","wash","prime","primeSand","inspect","sprayCoat","airbrushCoat","dye","varnish","brushCoat","mask","maskRubber","edgeSeal","maskedCoat","unmask","scorePull","warmDry","detail","clear","brushClear","darkWash","dryBrush","stipple","rub","shade","chip","scratch","streak","splatter","polish","dustOn","polishClear","fasten","lights","fit"]},"band":{"type":"string","enum":["cutBond","fillSand","prime","colour","maskDetail","weather","fit"]},"productId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"role":{"anyOf":[{"maxLength":20,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},{"type":"null"}]},"grit":{"anyOf":[{"maxLength":20,"type":"string","pattern":"^[^\\u0000-\\u001f\\u007f]*$"},{"type":"null"}]},"coatMicrometres":{"anyOf":[{"maximum":20000,"type":"number","minimum":0},{"type":"null"}]},"side":{"type":"string","enum":["all","under","top"]},"detail":{"maxLength":4000,"type":"string"},"why":{"maxLength":2000,"type":"string"}},"type":"object","required":["name","methodId","band","productId","role","grit","coatMicrometres","side","detail","why"],"additionalProperties":false};

function validate53(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate53.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if(((((((data.name === undefined) && (missing0 = "name")) || ((data.note === undefined) && (missing0 = "note"))) || ((data.route === undefined) && (missing0 = "route"))) || ((data.steps === undefined) && (missing0 = "steps"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate53.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!((((((key0 === "name") || (key0 === "note")) || (key0 === "route")) || (key0 === "steps")) || (key0 === "id")) || (key0 === "revision"))){
validate53.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.name !== undefined){
let data0 = data.name;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(data0.length > 200){
validate53.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data0.length < 1){
validate53.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data0)){
validate53.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate53.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.note !== undefined){
let data1 = data.note;
const _errs4 = errors;
if(errors === _errs4){
if(typeof data1 === "string"){
if(data1.length > 4000){
validate53.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/maxLength",keyword:"maxLength",params:{limit: 4000}}];
return false;
}
}
else {
validate53.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.route !== undefined){
let data2 = data.route;
const _errs6 = errors;
const _errs7 = errors;
let valid1 = false;
const _errs8 = errors;
if(!(data2 && typeof data2 == "object" && !Array.isArray(data2))){
const err0 = {instancePath:instancePath+"/route",schemaPath:"#/properties/route/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
const _errs9 = errors;
if(errors === _errs9){
if(data2 && typeof data2 == "object" && !Array.isArray(data2)){
let missing1;
if((((((data2.finish === undefined) && (missing1 = "finish")) || ((data2.age === undefined) && (missing1 = "age"))) || ((data2.smoothing === undefined) && (missing1 = "smoothing"))) || ((data2.joining === undefined) && (missing1 = "joining"))) || ((data2.sealing === undefined) && (missing1 = "sealing"))){
const err1 = {instancePath:instancePath+"/route",schemaPath:"#/$defs/LadderRoute/required",keyword:"required",params:{missingProperty: missing1}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
else {
const _errs11 = errors;
for(const key1 in data2){
if(!(((((key1 === "finish") || (key1 === "age")) || (key1 === "smoothing")) || (key1 === "joining")) || (key1 === "sealing"))){
const err2 = {instancePath:instancePath+"/route",schemaPath:"#/$defs/LadderRoute/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
break;
}
}
if(_errs11 === errors){
if(data2.finish !== undefined){
let data3 = data2.finish;
const _errs12 = errors;
if(typeof data3 !== "string"){
const err3 = {instancePath:instancePath+"/route/finish",schemaPath:"#/$defs/LadderRoute/properties/finish/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
}
if(!((((((((((((data3 === "gloss") || (data3 === "satin")) || (data3 === "metal")) || (data3 === "bareChrome")) || (data3 === "litTranslucent")) || (data3 === "clear")) || (data3 === "textureKept")) || (data3 === "bone")) || (data3 === "leather")) || (data3 === "stone")) || (data3 === "rubber")) || (data3 === "asItIs"))){
const err4 = {instancePath:instancePath+"/route/finish",schemaPath:"#/$defs/LadderRoute/properties/finish/enum",keyword:"enum",params:{allowedValues: schema50.properties.finish.enum}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
var valid3 = _errs12 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data2.age !== undefined){
let data4 = data2.age;
const _errs14 = errors;
if(typeof data4 !== "string"){
const err5 = {instancePath:instancePath+"/route/age",schemaPath:"#/$defs/LadderRoute/properties/age/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
if(!(((((data4 === "new") || (data4 === "inUse")) || (data4 === "worn")) || (data4 === "battered")) || (data4 === "ancient"))){
const err6 = {instancePath:instancePath+"/route/age",schemaPath:"#/$defs/LadderRoute/properties/age/enum",keyword:"enum",params:{allowedValues: schema50.properties.age.enum}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
}
var valid3 = _errs14 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data2.smoothing !== undefined){
let data5 = data2.smoothing;
const _errs16 = errors;
if(typeof data5 !== "string"){
const err7 = {instancePath:instancePath+"/route/smoothing",schemaPath:"#/$defs/LadderRoute/properties/smoothing/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
}
if(!(((((((data5 === "primerOnly") || (data5 === "putty")) || (data5 === "bodyFiller")) || (data5 === "brushEpoxy")) || (data5 === "solvent")) || (data5 === "slurry")) || (data5 === "texture"))){
const err8 = {instancePath:instancePath+"/route/smoothing",schemaPath:"#/$defs/LadderRoute/properties/smoothing/enum",keyword:"enum",params:{allowedValues: schema50.properties.smoothing.enum}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
}
var valid3 = _errs16 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data2.joining !== undefined){
let data6 = data2.joining;
const _errs18 = errors;
if(typeof data6 !== "string"){
const err9 = {instancePath:instancePath+"/route/joining",schemaPath:"#/$defs/LadderRoute/properties/joining/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
}
if(!((((data6 === "none") || (data6 === "joinFirst")) || (data6 === "paintApart")) || (data6 === "assembleAndMask"))){
const err10 = {instancePath:instancePath+"/route/joining",schemaPath:"#/$defs/LadderRoute/properties/joining/enum",keyword:"enum",params:{allowedValues: schema50.properties.joining.enum}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
}
var valid3 = _errs18 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data2.sealing !== undefined){
let data7 = data2.sealing;
const _errs20 = errors;
if(typeof data7 !== "string"){
const err11 = {instancePath:instancePath+"/route/sealing",schemaPath:"#/$defs/LadderRoute/properties/sealing/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
}
if(!((((data7 === "unsealed") || (data7 === "clearBeforeWeathering")) || (data7 === "clearLast")) || (data7 === "clearBoth"))){
const err12 = {instancePath:instancePath+"/route/sealing",schemaPath:"#/$defs/LadderRoute/properties/sealing/enum",keyword:"enum",params:{allowedValues: schema50.properties.sealing.enum}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
}
var valid3 = _errs20 === errors;
}
else {
var valid3 = true;
}
}
}
}
}
}
}
}
else {
const err13 = {instancePath:instancePath+"/route",schemaPath:"#/$defs/LadderRoute/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
}
var _valid0 = _errs8 === errors;
valid1 = valid1 || _valid0;
const _errs23 = errors;
if(data2 !== null){
const err14 = {instancePath:instancePath+"/route",schemaPath:"#/properties/route/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
}
var _valid0 = _errs23 === errors;
valid1 = valid1 || _valid0;
if(!valid1){
const err15 = {instancePath:instancePath+"/route",schemaPath:"#/properties/route/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
validate53.errors = vErrors;
return false;
}
else {
errors = _errs7;
if(vErrors !== null){
if(_errs7){
vErrors.length = _errs7;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs6 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.steps !== undefined){
let data8 = data.steps;
const _errs25 = errors;
if(errors === _errs25){
if(Array.isArray(data8)){
if(data8.length > 400){
validate53.errors = [{instancePath:instancePath+"/steps",schemaPath:"#/properties/steps/maxItems",keyword:"maxItems",params:{limit: 400}}];
return false;
}
else {
if(data8.length < 1){
validate53.errors = [{instancePath:instancePath+"/steps",schemaPath:"#/properties/steps/minItems",keyword:"minItems",params:{limit: 1}}];
return false;
}
else {
var valid4 = true;
const len0 = data8.length;
for(let i0=0; i0<len0; i0++){
let data9 = data8[i0];
const _errs27 = errors;
const _errs28 = errors;
if(errors === _errs28){
if(data9 && typeof data9 == "object" && !Array.isArray(data9)){
let missing2;
if(((((((((((data9.name === undefined) && (missing2 = "name")) || ((data9.methodId === undefined) && (missing2 = "methodId"))) || ((data9.band === undefined) && (missing2 = "band"))) || ((data9.productId === undefined) && (missing2 = "productId"))) || ((data9.role === undefined) && (missing2 = "role"))) || ((data9.grit === undefined) && (missing2 = "grit"))) || ((data9.coatMicrometres === undefined) && (missing2 = "coatMicrometres"))) || ((data9.side === undefined) && (missing2 = "side"))) || ((data9.detail === undefined) && (missing2 = "detail"))) || ((data9.why === undefined) && (missing2 = "why"))){
validate53.errors = [{instancePath:instancePath+"/steps/" + i0,schemaPath:"#/$defs/RungStep/required",keyword:"required",params:{missingProperty: missing2}}];
return false;
}
else {
const _errs30 = errors;
for(const key2 in data9){
if(!(func1.call(schema93.properties, key2))){
validate53.errors = [{instancePath:instancePath+"/steps/" + i0,schemaPath:"#/$defs/RungStep/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key2}}];
return false;
break;
}
}
if(_errs30 === errors){
if(data9.name !== undefined){
let data10 = data9.name;
const _errs31 = errors;
if(errors === _errs31){
if(typeof data10 === "string"){
if(data10.length > 200){
validate53.errors = [{instancePath:instancePath+"/steps/" + i0+"/name",schemaPath:"#/$defs/RungStep/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data10.length < 1){
validate53.errors = [{instancePath:instancePath+"/steps/" + i0+"/name",schemaPath:"#/$defs/RungStep/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data10)){
validate53.errors = [{instancePath:instancePath+"/steps/" + i0+"/name",schemaPath:"#/$defs/RungStep/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate53.errors = [{instancePath:instancePath+"/steps/" + i0+"/name",schemaPath:"#/$defs/RungStep/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid6 = _errs31 === errors;
}
else {
var valid6 = true;
}
if(valid6){
if(data9.methodId !== undefined){
let data11 = data9.methodId;
const _errs33 = errors;
if(typeof data11 !== "string"){
validate53.errors = [{instancePath:instancePath+"/steps/" + i0+"/methodId",schemaPath:"#/$defs/RungStep/properties/methodId/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((((((((((((((((((((((((((((((((((((((((((((((((((((((((((data11 === "cut") || (data11 === "washResin")) || (data11 === "degrease")) || (data11 === "dryFit")) || (data11 === "repair")) || (data11 === "reprint")) || (data11 === "heat")) || (data11 === "grind")) || (data11 === "shim")) || (data11 === "cutShape")) || (data11 === "drill")) || (data11 === "formSheet")) || (data11 === "trimSheet")) || (data11 === "stitch")) || (data11 === "cement")) || (data11 === "press")) || (data11 === "bond")) || (data11 === "firstCut")) || (data11 === "fill")) || (data11 === "brushFilm")) || (data11 === "solventSmooth")) || (data11 === "heatSeal")) || (data11 === "wetSand")) || (data11 === "textureOn")) || (data11 === "sand")) || (data11 === "scuff")) || (data11 === "wash")) || (data11 === "prime")) || (data11 === "primeSand")) || (data11 === "inspect")) || (data11 === "sprayCoat")) || (data11 === "airbrushCoat")) || (data11 === "dye")) || (data11 === "varnish")) || (data11 === "brushCoat")) || (data11 === "mask")) || (data11 === "maskRubber")) || (data11 === "edgeSeal")) || (data11 === "maskedCoat")) || (data11 === "unmask")) || (data11 === "scorePull")) || (data11 === "warmDry")) || (data11 === "detail")) || (data11 === "clear")) || (data11 === "brushClear")) || (data11 === "darkWash")) || (data11 === "dryBrush")) || (data11 === "stipple")) || (data11 === "rub")) || (data11 === "shade")) || (data11 === "chip")) || (data11 === "scratch")) || (data11 === "streak")) || (data11 === "splatter")) || (data11 === "polish")) || (data11 === "dustOn")) || (data11 === "polishClear")) || (data11 === "fasten")) || (data11 === "lights")) || (data11 === "fit"))){
validate53.errors = [{instancePath:instancePath+"/steps/" + i0+"/methodId",schemaPath:"#/$defs/RungStep/properties/methodId/enum",keyword:"enum",params:{allowedValues: schema93.properties.methodId.enum}}];
return false;
}
var valid6 = _errs33 === errors;
}
else {
var valid6 = true;
}
if(valid6){
if(data9.band !== undefined){
let data12 = data9.band;
const _errs35 = errors;
if(typeof data12 !== "string"){
validate53.errors = [{instancePath:instancePath+"/steps/" + i0+"/band",schemaPath:"#/$defs/RungStep/properties/band/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((((((data12 === "cutBond") || (data12 === "fillSand")) || (data12 === "prime")) || (data12 === "colour")) || (data12 === "maskDetail")) || (data12 === "weather")) || (data12 === "fit"))){
validate53.errors = [{instancePath:instancePath+"/steps/" + i0+"/band",schemaPath:"#/$defs/RungStep/properties/band/enum",keyword:"enum",params:{allowedValues: schema93.properties.band.enum}}];
return false;
}
var valid6 = _errs35 === errors;
}
else {
var valid6 = true;
}
if(valid6){
if(data9.productId !== undefined){
let data13 = data9.productId;
const _errs37 = errors;
const _errs38 = errors;
let valid7 = false;
const _errs39 = errors;
if(errors === _errs39){
if(typeof data13 === "string"){
if(!pattern10.test(data13)){
const err16 = {instancePath:instancePath+"/steps/" + i0+"/productId",schemaPath:"#/$defs/RungStep/properties/productId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err16];
}
else {
vErrors.push(err16);
}
errors++;
}
}
else {
const err17 = {instancePath:instancePath+"/steps/" + i0+"/productId",schemaPath:"#/$defs/RungStep/properties/productId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err17];
}
else {
vErrors.push(err17);
}
errors++;
}
}
var _valid1 = _errs39 === errors;
valid7 = valid7 || _valid1;
const _errs41 = errors;
if(data13 !== null){
const err18 = {instancePath:instancePath+"/steps/" + i0+"/productId",schemaPath:"#/$defs/RungStep/properties/productId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err18];
}
else {
vErrors.push(err18);
}
errors++;
}
var _valid1 = _errs41 === errors;
valid7 = valid7 || _valid1;
if(!valid7){
const err19 = {instancePath:instancePath+"/steps/" + i0+"/productId",schemaPath:"#/$defs/RungStep/properties/productId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err19];
}
else {
vErrors.push(err19);
}
errors++;
validate53.errors = vErrors;
return false;
}
else {
errors = _errs38;
if(vErrors !== null){
if(_errs38){
vErrors.length = _errs38;
}
else {
vErrors = null;
}
}
}
var valid6 = _errs37 === errors;
}
else {
var valid6 = true;
}
if(valid6){
if(data9.role !== undefined){
let data14 = data9.role;
const _errs43 = errors;
const _errs44 = errors;
let valid8 = false;
const _errs45 = errors;
if(errors === _errs45){
if(typeof data14 === "string"){
if(data14.length > 20){
const err20 = {instancePath:instancePath+"/steps/" + i0+"/role",schemaPath:"#/$defs/RungStep/properties/role/anyOf/0/maxLength",keyword:"maxLength",params:{limit: 20}};
if(vErrors === null){
vErrors = [err20];
}
else {
vErrors.push(err20);
}
errors++;
}
else {
if(!pattern4.test(data14)){
const err21 = {instancePath:instancePath+"/steps/" + i0+"/role",schemaPath:"#/$defs/RungStep/properties/role/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}};
if(vErrors === null){
vErrors = [err21];
}
else {
vErrors.push(err21);
}
errors++;
}
}
}
else {
const err22 = {instancePath:instancePath+"/steps/" + i0+"/role",schemaPath:"#/$defs/RungStep/properties/role/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err22];
}
else {
vErrors.push(err22);
}
errors++;
}
}
var _valid2 = _errs45 === errors;
valid8 = valid8 || _valid2;
const _errs47 = errors;
if(data14 !== null){
const err23 = {instancePath:instancePath+"/steps/" + i0+"/role",schemaPath:"#/$defs/RungStep/properties/role/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err23];
}
else {
vErrors.push(err23);
}
errors++;
}
var _valid2 = _errs47 === errors;
valid8 = valid8 || _valid2;
if(!valid8){
const err24 = {instancePath:instancePath+"/steps/" + i0+"/role",schemaPath:"#/$defs/RungStep/properties/role/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err24];
}
else {
vErrors.push(err24);
}
errors++;
validate53.errors = vErrors;
return false;
}
else {
errors = _errs44;
if(vErrors !== null){
if(_errs44){
vErrors.length = _errs44;
}
else {
vErrors = null;
}
}
}
var valid6 = _errs43 === errors;
}
else {
var valid6 = true;
}
if(valid6){
if(data9.grit !== undefined){
let data15 = data9.grit;
const _errs49 = errors;
const _errs50 = errors;
let valid9 = false;
const _errs51 = errors;
if(errors === _errs51){
if(typeof data15 === "string"){
if(data15.length > 20){
const err25 = {instancePath:instancePath+"/steps/" + i0+"/grit",schemaPath:"#/$defs/RungStep/properties/grit/anyOf/0/maxLength",keyword:"maxLength",params:{limit: 20}};
if(vErrors === null){
vErrors = [err25];
}
else {
vErrors.push(err25);
}
errors++;
}
else {
if(!pattern4.test(data15)){
const err26 = {instancePath:instancePath+"/steps/" + i0+"/grit",schemaPath:"#/$defs/RungStep/properties/grit/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}};
if(vErrors === null){
vErrors = [err26];
}
else {
vErrors.push(err26);
}
errors++;
}
}
}
else {
const err27 = {instancePath:instancePath+"/steps/" + i0+"/grit",schemaPath:"#/$defs/RungStep/properties/grit/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err27];
}
else {
vErrors.push(err27);
}
errors++;
}
}
var _valid3 = _errs51 === errors;
valid9 = valid9 || _valid3;
const _errs53 = errors;
if(data15 !== null){
const err28 = {instancePath:instancePath+"/steps/" + i0+"/grit",schemaPath:"#/$defs/RungStep/properties/grit/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err28];
}
else {
vErrors.push(err28);
}
errors++;
}
var _valid3 = _errs53 === errors;
valid9 = valid9 || _valid3;
if(!valid9){
const err29 = {instancePath:instancePath+"/steps/" + i0+"/grit",schemaPath:"#/$defs/RungStep/properties/grit/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err29];
}
else {
vErrors.push(err29);
}
errors++;
validate53.errors = vErrors;
return false;
}
else {
errors = _errs50;
if(vErrors !== null){
if(_errs50){
vErrors.length = _errs50;
}
else {
vErrors = null;
}
}
}
var valid6 = _errs49 === errors;
}
else {
var valid6 = true;
}
if(valid6){
if(data9.coatMicrometres !== undefined){
let data16 = data9.coatMicrometres;
const _errs55 = errors;
const _errs56 = errors;
let valid10 = false;
const _errs57 = errors;
if(errors === _errs57){
if((typeof data16 == "number") && (isFinite(data16))){
if(data16 > 20000 || isNaN(data16)){
const err30 = {instancePath:instancePath+"/steps/" + i0+"/coatMicrometres",schemaPath:"#/$defs/RungStep/properties/coatMicrometres/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 20000}};
if(vErrors === null){
vErrors = [err30];
}
else {
vErrors.push(err30);
}
errors++;
}
else {
if(data16 < 0 || isNaN(data16)){
const err31 = {instancePath:instancePath+"/steps/" + i0+"/coatMicrometres",schemaPath:"#/$defs/RungStep/properties/coatMicrometres/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err31];
}
else {
vErrors.push(err31);
}
errors++;
}
}
}
else {
const err32 = {instancePath:instancePath+"/steps/" + i0+"/coatMicrometres",schemaPath:"#/$defs/RungStep/properties/coatMicrometres/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err32];
}
else {
vErrors.push(err32);
}
errors++;
}
}
var _valid4 = _errs57 === errors;
valid10 = valid10 || _valid4;
const _errs59 = errors;
if(data16 !== null){
const err33 = {instancePath:instancePath+"/steps/" + i0+"/coatMicrometres",schemaPath:"#/$defs/RungStep/properties/coatMicrometres/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err33];
}
else {
vErrors.push(err33);
}
errors++;
}
var _valid4 = _errs59 === errors;
valid10 = valid10 || _valid4;
if(!valid10){
const err34 = {instancePath:instancePath+"/steps/" + i0+"/coatMicrometres",schemaPath:"#/$defs/RungStep/properties/coatMicrometres/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err34];
}
else {
vErrors.push(err34);
}
errors++;
validate53.errors = vErrors;
return false;
}
else {
errors = _errs56;
if(vErrors !== null){
if(_errs56){
vErrors.length = _errs56;
}
else {
vErrors = null;
}
}
}
var valid6 = _errs55 === errors;
}
else {
var valid6 = true;
}
if(valid6){
if(data9.side !== undefined){
let data17 = data9.side;
const _errs61 = errors;
if(typeof data17 !== "string"){
validate53.errors = [{instancePath:instancePath+"/steps/" + i0+"/side",schemaPath:"#/$defs/RungStep/properties/side/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((data17 === "all") || (data17 === "under")) || (data17 === "top"))){
validate53.errors = [{instancePath:instancePath+"/steps/" + i0+"/side",schemaPath:"#/$defs/RungStep/properties/side/enum",keyword:"enum",params:{allowedValues: schema93.properties.side.enum}}];
return false;
}
var valid6 = _errs61 === errors;
}
else {
var valid6 = true;
}
if(valid6){
if(data9.detail !== undefined){
let data18 = data9.detail;
const _errs63 = errors;
if(errors === _errs63){
if(typeof data18 === "string"){
if(data18.length > 4000){
validate53.errors = [{instancePath:instancePath+"/steps/" + i0+"/detail",schemaPath:"#/$defs/RungStep/properties/detail/maxLength",keyword:"maxLength",params:{limit: 4000}}];
return false;
}
}
else {
validate53.errors = [{instancePath:instancePath+"/steps/" + i0+"/detail",schemaPath:"#/$defs/RungStep/properties/detail/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid6 = _errs63 === errors;
}
else {
var valid6 = true;
}
if(valid6){
if(data9.why !== undefined){
let data19 = data9.why;
const _errs65 = errors;
if(errors === _errs65){
if(typeof data19 === "string"){
if(data19.length > 2000){
validate53.errors = [{instancePath:instancePath+"/steps/" + i0+"/why",schemaPath:"#/$defs/RungStep/properties/why/maxLength",keyword:"maxLength",params:{limit: 2000}}];
return false;
}
}
else {
validate53.errors = [{instancePath:instancePath+"/steps/" + i0+"/why",schemaPath:"#/$defs/RungStep/properties/why/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid6 = _errs65 === errors;
}
else {
var valid6 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate53.errors = [{instancePath:instancePath+"/steps/" + i0,schemaPath:"#/$defs/RungStep/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid4 = _errs27 === errors;
if(!valid4){
break;
}
}
}
}
}
else {
validate53.errors = [{instancePath:instancePath+"/steps",schemaPath:"#/properties/steps/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs25 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data20 = data.id;
const _errs67 = errors;
if(errors === _errs67){
if(typeof data20 === "string"){
if(!pattern10.test(data20)){
validate53.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate53.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs67 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data21 = data.revision;
const _errs69 = errors;
if(!(((typeof data21 == "number") && (!(data21 % 1) && !isNaN(data21))) && (isFinite(data21)))){
validate53.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs69){
if((typeof data21 == "number") && (isFinite(data21))){
if(data21 < 0 || isNaN(data21)){
validate53.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs69 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
else {
validate53.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate53.errors = vErrors;
return errors === 0;
}
validate53.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema94 = {"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"position":{"maximum":1000,"type":"integer","minimum":0},"hours":{"anyOf":[{"items":{"$ref":"#/$defs/WeekSpan"},"type":"array","maxItems":50},{"type":"null"}]},"exceptions":{"items":{"$ref":"#/$defs/HoursException"},"type":"array","maxItems":500},"busy":{"items":{"$ref":"#/$defs/BusyTime"},"type":"array","maxItems":5000},"refuses":{"items":{"type":"string","enum":["spraying","sanding","powerTools","solvents","masking","brushwork"]},"type":"array","uniqueItems":true,"maxItems":50},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["name","position","hours","exceptions","busy","refuses","id","revision"],"additionalProperties":false};

function validate55(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate55.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if(((((((((data.name === undefined) && (missing0 = "name")) || ((data.position === undefined) && (missing0 = "position"))) || ((data.hours === undefined) && (missing0 = "hours"))) || ((data.exceptions === undefined) && (missing0 = "exceptions"))) || ((data.busy === undefined) && (missing0 = "busy"))) || ((data.refuses === undefined) && (missing0 = "refuses"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate55.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!((((((((key0 === "name") || (key0 === "position")) || (key0 === "hours")) || (key0 === "exceptions")) || (key0 === "busy")) || (key0 === "refuses")) || (key0 === "id")) || (key0 === "revision"))){
validate55.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.name !== undefined){
let data0 = data.name;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(data0.length > 200){
validate55.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data0.length < 1){
validate55.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data0)){
validate55.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate55.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.position !== undefined){
let data1 = data.position;
const _errs4 = errors;
if(!(((typeof data1 == "number") && (!(data1 % 1) && !isNaN(data1))) && (isFinite(data1)))){
validate55.errors = [{instancePath:instancePath+"/position",schemaPath:"#/properties/position/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs4){
if((typeof data1 == "number") && (isFinite(data1))){
if(data1 > 1000 || isNaN(data1)){
validate55.errors = [{instancePath:instancePath+"/position",schemaPath:"#/properties/position/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000}}];
return false;
}
else {
if(data1 < 0 || isNaN(data1)){
validate55.errors = [{instancePath:instancePath+"/position",schemaPath:"#/properties/position/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.hours !== undefined){
let data2 = data.hours;
const _errs6 = errors;
const _errs7 = errors;
let valid1 = false;
const _errs8 = errors;
if(errors === _errs8){
if(Array.isArray(data2)){
if(data2.length > 50){
const err0 = {instancePath:instancePath+"/hours",schemaPath:"#/properties/hours/anyOf/0/maxItems",keyword:"maxItems",params:{limit: 50}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
else {
var valid2 = true;
const len0 = data2.length;
for(let i0=0; i0<len0; i0++){
let data3 = data2[i0];
const _errs10 = errors;
const _errs11 = errors;
if(errors === _errs11){
if(data3 && typeof data3 == "object" && !Array.isArray(data3)){
let missing1;
if((((data3.weekday === undefined) && (missing1 = "weekday")) || ((data3.startMinute === undefined) && (missing1 = "startMinute"))) || ((data3.endMinute === undefined) && (missing1 = "endMinute"))){
const err1 = {instancePath:instancePath+"/hours/" + i0,schemaPath:"#/$defs/WeekSpan/required",keyword:"required",params:{missingProperty: missing1}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
else {
const _errs13 = errors;
for(const key1 in data3){
if(!(((key1 === "weekday") || (key1 === "startMinute")) || (key1 === "endMinute"))){
const err2 = {instancePath:instancePath+"/hours/" + i0,schemaPath:"#/$defs/WeekSpan/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
break;
}
}
if(_errs13 === errors){
if(data3.weekday !== undefined){
let data4 = data3.weekday;
const _errs14 = errors;
if(!(((typeof data4 == "number") && (!(data4 % 1) && !isNaN(data4))) && (isFinite(data4)))){
const err3 = {instancePath:instancePath+"/hours/" + i0+"/weekday",schemaPath:"#/$defs/WeekSpan/properties/weekday/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
}
if(errors === _errs14){
if((typeof data4 == "number") && (isFinite(data4))){
if(data4 > 7 || isNaN(data4)){
const err4 = {instancePath:instancePath+"/hours/" + i0+"/weekday",schemaPath:"#/$defs/WeekSpan/properties/weekday/maximum",keyword:"maximum",params:{comparison: "<=", limit: 7}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
else {
if(data4 < 1 || isNaN(data4)){
const err5 = {instancePath:instancePath+"/hours/" + i0+"/weekday",schemaPath:"#/$defs/WeekSpan/properties/weekday/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
}
}
}
var valid4 = _errs14 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data3.startMinute !== undefined){
let data5 = data3.startMinute;
const _errs16 = errors;
if(!(((typeof data5 == "number") && (!(data5 % 1) && !isNaN(data5))) && (isFinite(data5)))){
const err6 = {instancePath:instancePath+"/hours/" + i0+"/startMinute",schemaPath:"#/$defs/WeekSpan/properties/startMinute/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
}
if(errors === _errs16){
if((typeof data5 == "number") && (isFinite(data5))){
if(data5 > 1439 || isNaN(data5)){
const err7 = {instancePath:instancePath+"/hours/" + i0+"/startMinute",schemaPath:"#/$defs/WeekSpan/properties/startMinute/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1439}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
}
else {
if(data5 < 0 || isNaN(data5)){
const err8 = {instancePath:instancePath+"/hours/" + i0+"/startMinute",schemaPath:"#/$defs/WeekSpan/properties/startMinute/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
}
}
}
}
var valid4 = _errs16 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data3.endMinute !== undefined){
let data6 = data3.endMinute;
const _errs18 = errors;
if(!(((typeof data6 == "number") && (!(data6 % 1) && !isNaN(data6))) && (isFinite(data6)))){
const err9 = {instancePath:instancePath+"/hours/" + i0+"/endMinute",schemaPath:"#/$defs/WeekSpan/properties/endMinute/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
}
if(errors === _errs18){
if((typeof data6 == "number") && (isFinite(data6))){
if(data6 > 1440 || isNaN(data6)){
const err10 = {instancePath:instancePath+"/hours/" + i0+"/endMinute",schemaPath:"#/$defs/WeekSpan/properties/endMinute/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1440}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
}
else {
if(data6 < 1 || isNaN(data6)){
const err11 = {instancePath:instancePath+"/hours/" + i0+"/endMinute",schemaPath:"#/$defs/WeekSpan/properties/endMinute/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
}
}
}
}
var valid4 = _errs18 === errors;
}
else {
var valid4 = true;
}
}
}
}
}
}
else {
const err12 = {instancePath:instancePath+"/hours/" + i0,schemaPath:"#/$defs/WeekSpan/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
}
}
var valid2 = _errs10 === errors;
if(!valid2){
break;
}
}
}
}
else {
const err13 = {instancePath:instancePath+"/hours",schemaPath:"#/properties/hours/anyOf/0/type",keyword:"type",params:{type: "array"}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
}
var _valid0 = _errs8 === errors;
valid1 = valid1 || _valid0;
const _errs20 = errors;
if(data2 !== null){
const err14 = {instancePath:instancePath+"/hours",schemaPath:"#/properties/hours/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
}
var _valid0 = _errs20 === errors;
valid1 = valid1 || _valid0;
if(!valid1){
const err15 = {instancePath:instancePath+"/hours",schemaPath:"#/properties/hours/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
validate55.errors = vErrors;
return false;
}
else {
errors = _errs7;
if(vErrors !== null){
if(_errs7){
vErrors.length = _errs7;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs6 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.exceptions !== undefined){
let data7 = data.exceptions;
const _errs22 = errors;
if(errors === _errs22){
if(Array.isArray(data7)){
if(data7.length > 500){
validate55.errors = [{instancePath:instancePath+"/exceptions",schemaPath:"#/properties/exceptions/maxItems",keyword:"maxItems",params:{limit: 500}}];
return false;
}
else {
var valid5 = true;
const len1 = data7.length;
for(let i1=0; i1<len1; i1++){
const _errs24 = errors;
if(!(validate22(data7[i1], {instancePath:instancePath+"/exceptions/" + i1,parentData:data7,parentDataProperty:i1,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate22.errors : vErrors.concat(validate22.errors);
errors = vErrors.length;
}
var valid5 = _errs24 === errors;
if(!valid5){
break;
}
}
}
}
else {
validate55.errors = [{instancePath:instancePath+"/exceptions",schemaPath:"#/properties/exceptions/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs22 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.busy !== undefined){
let data9 = data.busy;
const _errs25 = errors;
if(errors === _errs25){
if(Array.isArray(data9)){
if(data9.length > 5000){
validate55.errors = [{instancePath:instancePath+"/busy",schemaPath:"#/properties/busy/maxItems",keyword:"maxItems",params:{limit: 5000}}];
return false;
}
else {
var valid6 = true;
const len2 = data9.length;
for(let i2=0; i2<len2; i2++){
let data10 = data9[i2];
const _errs27 = errors;
const _errs28 = errors;
if(errors === _errs28){
if(data10 && typeof data10 == "object" && !Array.isArray(data10)){
let missing2;
if((((data10.startMs === undefined) && (missing2 = "startMs")) || ((data10.endMs === undefined) && (missing2 = "endMs"))) || ((data10.title === undefined) && (missing2 = "title"))){
validate55.errors = [{instancePath:instancePath+"/busy/" + i2,schemaPath:"#/$defs/BusyTime/required",keyword:"required",params:{missingProperty: missing2}}];
return false;
}
else {
const _errs30 = errors;
for(const key2 in data10){
if(!(((key2 === "startMs") || (key2 === "endMs")) || (key2 === "title"))){
validate55.errors = [{instancePath:instancePath+"/busy/" + i2,schemaPath:"#/$defs/BusyTime/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key2}}];
return false;
break;
}
}
if(_errs30 === errors){
if(data10.startMs !== undefined){
let data11 = data10.startMs;
const _errs31 = errors;
if(!(((typeof data11 == "number") && (!(data11 % 1) && !isNaN(data11))) && (isFinite(data11)))){
validate55.errors = [{instancePath:instancePath+"/busy/" + i2+"/startMs",schemaPath:"#/$defs/BusyTime/properties/startMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs31){
if((typeof data11 == "number") && (isFinite(data11))){
if(data11 > 4102444800000 || isNaN(data11)){
validate55.errors = [{instancePath:instancePath+"/busy/" + i2+"/startMs",schemaPath:"#/$defs/BusyTime/properties/startMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data11 < 946684800000 || isNaN(data11)){
validate55.errors = [{instancePath:instancePath+"/busy/" + i2+"/startMs",schemaPath:"#/$defs/BusyTime/properties/startMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid8 = _errs31 === errors;
}
else {
var valid8 = true;
}
if(valid8){
if(data10.endMs !== undefined){
let data12 = data10.endMs;
const _errs33 = errors;
if(!(((typeof data12 == "number") && (!(data12 % 1) && !isNaN(data12))) && (isFinite(data12)))){
validate55.errors = [{instancePath:instancePath+"/busy/" + i2+"/endMs",schemaPath:"#/$defs/BusyTime/properties/endMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs33){
if((typeof data12 == "number") && (isFinite(data12))){
if(data12 > 4102444800000 || isNaN(data12)){
validate55.errors = [{instancePath:instancePath+"/busy/" + i2+"/endMs",schemaPath:"#/$defs/BusyTime/properties/endMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data12 < 946684800000 || isNaN(data12)){
validate55.errors = [{instancePath:instancePath+"/busy/" + i2+"/endMs",schemaPath:"#/$defs/BusyTime/properties/endMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid8 = _errs33 === errors;
}
else {
var valid8 = true;
}
if(valid8){
if(data10.title !== undefined){
let data13 = data10.title;
const _errs35 = errors;
if(errors === _errs35){
if(typeof data13 === "string"){
if(data13.length > 200){
validate55.errors = [{instancePath:instancePath+"/busy/" + i2+"/title",schemaPath:"#/$defs/BusyTime/properties/title/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(!pattern4.test(data13)){
validate55.errors = [{instancePath:instancePath+"/busy/" + i2+"/title",schemaPath:"#/$defs/BusyTime/properties/title/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate55.errors = [{instancePath:instancePath+"/busy/" + i2+"/title",schemaPath:"#/$defs/BusyTime/properties/title/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid8 = _errs35 === errors;
}
else {
var valid8 = true;
}
}
}
}
}
}
else {
validate55.errors = [{instancePath:instancePath+"/busy/" + i2,schemaPath:"#/$defs/BusyTime/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid6 = _errs27 === errors;
if(!valid6){
break;
}
}
}
}
else {
validate55.errors = [{instancePath:instancePath+"/busy",schemaPath:"#/properties/busy/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs25 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.refuses !== undefined){
let data14 = data.refuses;
const _errs37 = errors;
if(errors === _errs37){
if(Array.isArray(data14)){
if(data14.length > 50){
validate55.errors = [{instancePath:instancePath+"/refuses",schemaPath:"#/properties/refuses/maxItems",keyword:"maxItems",params:{limit: 50}}];
return false;
}
else {
var valid9 = true;
const len3 = data14.length;
for(let i3=0; i3<len3; i3++){
let data15 = data14[i3];
const _errs39 = errors;
if(typeof data15 !== "string"){
validate55.errors = [{instancePath:instancePath+"/refuses/" + i3,schemaPath:"#/properties/refuses/items/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((((data15 === "spraying") || (data15 === "sanding")) || (data15 === "powerTools")) || (data15 === "solvents")) || (data15 === "masking")) || (data15 === "brushwork"))){
validate55.errors = [{instancePath:instancePath+"/refuses/" + i3,schemaPath:"#/properties/refuses/items/enum",keyword:"enum",params:{allowedValues: schema94.properties.refuses.items.enum}}];
return false;
}
var valid9 = _errs39 === errors;
if(!valid9){
break;
}
}
if(valid9){
let i4 = data14.length;
let j0;
if(i4 > 1){
const indices0 = {};
for(;i4--;){
let item0 = data14[i4];
if(typeof item0 !== "string"){
continue;
}
if(typeof indices0[item0] == "number"){
j0 = indices0[item0];
validate55.errors = [{instancePath:instancePath+"/refuses",schemaPath:"#/properties/refuses/uniqueItems",keyword:"uniqueItems",params:{i: i4, j: j0}}];
return false;
break;
}
indices0[item0] = i4;
}
}
}
}
}
else {
validate55.errors = [{instancePath:instancePath+"/refuses",schemaPath:"#/properties/refuses/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs37 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data16 = data.id;
const _errs41 = errors;
if(errors === _errs41){
if(typeof data16 === "string"){
if(!pattern10.test(data16)){
validate55.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate55.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs41 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data17 = data.revision;
const _errs43 = errors;
if(!(((typeof data17 == "number") && (!(data17 % 1) && !isNaN(data17))) && (isFinite(data17)))){
validate55.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs43){
if((typeof data17 == "number") && (isFinite(data17))){
if(data17 < 0 || isNaN(data17)){
validate55.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs43 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
else {
validate55.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate55.errors = vErrors;
return errors === 0;
}
validate55.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema98 = {"properties":{"pictureId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"origin":{"maxLength":500,"type":"string"},"distrusted":{"items":{"type":"string","enum":["light","scale"]},"type":"array","uniqueItems":true},"tiltDegrees":{"maximum":45,"type":"number","minimum":0},"rectangle":{"anyOf":[{"$ref":"#/$defs/SeenRectangle","type":"object"},{"type":"null"}]},"circle":{"anyOf":[{"$ref":"#/$defs/SeenCircle","type":"object"},{"type":"null"}]},"knowns":{"items":{"$ref":"#/$defs/KnownStretch"},"type":"array","maxItems":20},"readings":{"items":{"$ref":"#/$defs/DimensionReading"},"type":"array","maxItems":100},"pins":{"items":{"$ref":"#/$defs/PicturePin"},"type":"array","maxItems":200},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["pictureId","origin","distrusted","tiltDegrees","rectangle","circle","knowns","readings","pins","id","revision"],"additionalProperties":false};
const schema99 = {"properties":{"corners":{"items":{"$ref":"#/$defs/PicturePlace"},"type":"array","maxItems":4,"minItems":4},"proportion":{"maximum":1000,"type":"number","minimum":0.001},"sideMillimetres":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0.001},{"type":"null"}]}},"type":"object","required":["corners","proportion","sideMillimetres"],"additionalProperties":false};

function validate59(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate59.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if((((data.corners === undefined) && (missing0 = "corners")) || ((data.proportion === undefined) && (missing0 = "proportion"))) || ((data.sideMillimetres === undefined) && (missing0 = "sideMillimetres"))){
validate59.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(((key0 === "corners") || (key0 === "proportion")) || (key0 === "sideMillimetres"))){
validate59.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.corners !== undefined){
let data0 = data.corners;
const _errs2 = errors;
if(errors === _errs2){
if(Array.isArray(data0)){
if(data0.length > 4){
validate59.errors = [{instancePath:instancePath+"/corners",schemaPath:"#/properties/corners/maxItems",keyword:"maxItems",params:{limit: 4}}];
return false;
}
else {
if(data0.length < 4){
validate59.errors = [{instancePath:instancePath+"/corners",schemaPath:"#/properties/corners/minItems",keyword:"minItems",params:{limit: 4}}];
return false;
}
else {
var valid1 = true;
const len0 = data0.length;
for(let i0=0; i0<len0; i0++){
let data1 = data0[i0];
const _errs4 = errors;
const _errs5 = errors;
if(errors === _errs5){
if(data1 && typeof data1 == "object" && !Array.isArray(data1)){
let missing1;
if(((data1.x === undefined) && (missing1 = "x")) || ((data1.y === undefined) && (missing1 = "y"))){
validate59.errors = [{instancePath:instancePath+"/corners/" + i0,schemaPath:"#/$defs/PicturePlace/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs7 = errors;
for(const key1 in data1){
if(!((key1 === "x") || (key1 === "y"))){
validate59.errors = [{instancePath:instancePath+"/corners/" + i0,schemaPath:"#/$defs/PicturePlace/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs7 === errors){
if(data1.x !== undefined){
let data2 = data1.x;
const _errs8 = errors;
if(errors === _errs8){
if((typeof data2 == "number") && (isFinite(data2))){
if(data2 > 1 || isNaN(data2)){
validate59.errors = [{instancePath:instancePath+"/corners/" + i0+"/x",schemaPath:"#/$defs/PicturePlace/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data2 < 0 || isNaN(data2)){
validate59.errors = [{instancePath:instancePath+"/corners/" + i0+"/x",schemaPath:"#/$defs/PicturePlace/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate59.errors = [{instancePath:instancePath+"/corners/" + i0+"/x",schemaPath:"#/$defs/PicturePlace/properties/x/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid3 = _errs8 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data1.y !== undefined){
let data3 = data1.y;
const _errs10 = errors;
if(errors === _errs10){
if((typeof data3 == "number") && (isFinite(data3))){
if(data3 > 1 || isNaN(data3)){
validate59.errors = [{instancePath:instancePath+"/corners/" + i0+"/y",schemaPath:"#/$defs/PicturePlace/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data3 < 0 || isNaN(data3)){
validate59.errors = [{instancePath:instancePath+"/corners/" + i0+"/y",schemaPath:"#/$defs/PicturePlace/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate59.errors = [{instancePath:instancePath+"/corners/" + i0+"/y",schemaPath:"#/$defs/PicturePlace/properties/y/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid3 = _errs10 === errors;
}
else {
var valid3 = true;
}
}
}
}
}
else {
validate59.errors = [{instancePath:instancePath+"/corners/" + i0,schemaPath:"#/$defs/PicturePlace/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid1 = _errs4 === errors;
if(!valid1){
break;
}
}
}
}
}
else {
validate59.errors = [{instancePath:instancePath+"/corners",schemaPath:"#/properties/corners/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.proportion !== undefined){
let data4 = data.proportion;
const _errs12 = errors;
if(errors === _errs12){
if((typeof data4 == "number") && (isFinite(data4))){
if(data4 > 1000 || isNaN(data4)){
validate59.errors = [{instancePath:instancePath+"/proportion",schemaPath:"#/properties/proportion/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000}}];
return false;
}
else {
if(data4 < 0.001 || isNaN(data4)){
validate59.errors = [{instancePath:instancePath+"/proportion",schemaPath:"#/properties/proportion/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.001}}];
return false;
}
}
}
else {
validate59.errors = [{instancePath:instancePath+"/proportion",schemaPath:"#/properties/proportion/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs12 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.sideMillimetres !== undefined){
let data5 = data.sideMillimetres;
const _errs14 = errors;
const _errs15 = errors;
let valid4 = false;
const _errs16 = errors;
if(errors === _errs16){
if((typeof data5 == "number") && (isFinite(data5))){
if(data5 > 1000000 || isNaN(data5)){
const err0 = {instancePath:instancePath+"/sideMillimetres",schemaPath:"#/properties/sideMillimetres/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
else {
if(data5 < 0.001 || isNaN(data5)){
const err1 = {instancePath:instancePath+"/sideMillimetres",schemaPath:"#/properties/sideMillimetres/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.001}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
}
}
else {
const err2 = {instancePath:instancePath+"/sideMillimetres",schemaPath:"#/properties/sideMillimetres/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
}
}
var _valid0 = _errs16 === errors;
valid4 = valid4 || _valid0;
const _errs18 = errors;
if(data5 !== null){
const err3 = {instancePath:instancePath+"/sideMillimetres",schemaPath:"#/properties/sideMillimetres/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
}
var _valid0 = _errs18 === errors;
valid4 = valid4 || _valid0;
if(!valid4){
const err4 = {instancePath:instancePath+"/sideMillimetres",schemaPath:"#/properties/sideMillimetres/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
validate59.errors = vErrors;
return false;
}
else {
errors = _errs15;
if(vErrors !== null){
if(_errs15){
vErrors.length = _errs15;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs14 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
else {
validate59.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate59.errors = vErrors;
return errors === 0;
}
validate59.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema101 = {"properties":{"rim":{"items":{"$ref":"#/$defs/PicturePlace"},"type":"array","maxItems":40,"minItems":5},"centre":{"anyOf":[{"$ref":"#/$defs/PicturePlace","type":"object"},{"type":"null"}]},"diameterMillimetres":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0.001},{"type":"null"}]}},"type":"object","required":["rim","centre","diameterMillimetres"],"additionalProperties":false};

function validate61(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate61.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if((((data.rim === undefined) && (missing0 = "rim")) || ((data.centre === undefined) && (missing0 = "centre"))) || ((data.diameterMillimetres === undefined) && (missing0 = "diameterMillimetres"))){
validate61.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(((key0 === "rim") || (key0 === "centre")) || (key0 === "diameterMillimetres"))){
validate61.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.rim !== undefined){
let data0 = data.rim;
const _errs2 = errors;
if(errors === _errs2){
if(Array.isArray(data0)){
if(data0.length > 40){
validate61.errors = [{instancePath:instancePath+"/rim",schemaPath:"#/properties/rim/maxItems",keyword:"maxItems",params:{limit: 40}}];
return false;
}
else {
if(data0.length < 5){
validate61.errors = [{instancePath:instancePath+"/rim",schemaPath:"#/properties/rim/minItems",keyword:"minItems",params:{limit: 5}}];
return false;
}
else {
var valid1 = true;
const len0 = data0.length;
for(let i0=0; i0<len0; i0++){
let data1 = data0[i0];
const _errs4 = errors;
const _errs5 = errors;
if(errors === _errs5){
if(data1 && typeof data1 == "object" && !Array.isArray(data1)){
let missing1;
if(((data1.x === undefined) && (missing1 = "x")) || ((data1.y === undefined) && (missing1 = "y"))){
validate61.errors = [{instancePath:instancePath+"/rim/" + i0,schemaPath:"#/$defs/PicturePlace/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs7 = errors;
for(const key1 in data1){
if(!((key1 === "x") || (key1 === "y"))){
validate61.errors = [{instancePath:instancePath+"/rim/" + i0,schemaPath:"#/$defs/PicturePlace/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs7 === errors){
if(data1.x !== undefined){
let data2 = data1.x;
const _errs8 = errors;
if(errors === _errs8){
if((typeof data2 == "number") && (isFinite(data2))){
if(data2 > 1 || isNaN(data2)){
validate61.errors = [{instancePath:instancePath+"/rim/" + i0+"/x",schemaPath:"#/$defs/PicturePlace/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data2 < 0 || isNaN(data2)){
validate61.errors = [{instancePath:instancePath+"/rim/" + i0+"/x",schemaPath:"#/$defs/PicturePlace/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate61.errors = [{instancePath:instancePath+"/rim/" + i0+"/x",schemaPath:"#/$defs/PicturePlace/properties/x/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid3 = _errs8 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data1.y !== undefined){
let data3 = data1.y;
const _errs10 = errors;
if(errors === _errs10){
if((typeof data3 == "number") && (isFinite(data3))){
if(data3 > 1 || isNaN(data3)){
validate61.errors = [{instancePath:instancePath+"/rim/" + i0+"/y",schemaPath:"#/$defs/PicturePlace/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data3 < 0 || isNaN(data3)){
validate61.errors = [{instancePath:instancePath+"/rim/" + i0+"/y",schemaPath:"#/$defs/PicturePlace/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate61.errors = [{instancePath:instancePath+"/rim/" + i0+"/y",schemaPath:"#/$defs/PicturePlace/properties/y/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid3 = _errs10 === errors;
}
else {
var valid3 = true;
}
}
}
}
}
else {
validate61.errors = [{instancePath:instancePath+"/rim/" + i0,schemaPath:"#/$defs/PicturePlace/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid1 = _errs4 === errors;
if(!valid1){
break;
}
}
}
}
}
else {
validate61.errors = [{instancePath:instancePath+"/rim",schemaPath:"#/properties/rim/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.centre !== undefined){
let data4 = data.centre;
const _errs12 = errors;
const _errs13 = errors;
let valid4 = false;
const _errs14 = errors;
if(!(data4 && typeof data4 == "object" && !Array.isArray(data4))){
const err0 = {instancePath:instancePath+"/centre",schemaPath:"#/properties/centre/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
const _errs15 = errors;
if(errors === _errs15){
if(data4 && typeof data4 == "object" && !Array.isArray(data4)){
let missing2;
if(((data4.x === undefined) && (missing2 = "x")) || ((data4.y === undefined) && (missing2 = "y"))){
const err1 = {instancePath:instancePath+"/centre",schemaPath:"#/$defs/PicturePlace/required",keyword:"required",params:{missingProperty: missing2}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
else {
const _errs17 = errors;
for(const key2 in data4){
if(!((key2 === "x") || (key2 === "y"))){
const err2 = {instancePath:instancePath+"/centre",schemaPath:"#/$defs/PicturePlace/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key2}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
break;
}
}
if(_errs17 === errors){
if(data4.x !== undefined){
let data5 = data4.x;
const _errs18 = errors;
if(errors === _errs18){
if((typeof data5 == "number") && (isFinite(data5))){
if(data5 > 1 || isNaN(data5)){
const err3 = {instancePath:instancePath+"/centre/x",schemaPath:"#/$defs/PicturePlace/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
}
else {
if(data5 < 0 || isNaN(data5)){
const err4 = {instancePath:instancePath+"/centre/x",schemaPath:"#/$defs/PicturePlace/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
}
}
else {
const err5 = {instancePath:instancePath+"/centre/x",schemaPath:"#/$defs/PicturePlace/properties/x/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
}
var valid6 = _errs18 === errors;
}
else {
var valid6 = true;
}
if(valid6){
if(data4.y !== undefined){
let data6 = data4.y;
const _errs20 = errors;
if(errors === _errs20){
if((typeof data6 == "number") && (isFinite(data6))){
if(data6 > 1 || isNaN(data6)){
const err6 = {instancePath:instancePath+"/centre/y",schemaPath:"#/$defs/PicturePlace/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
}
else {
if(data6 < 0 || isNaN(data6)){
const err7 = {instancePath:instancePath+"/centre/y",schemaPath:"#/$defs/PicturePlace/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
}
}
}
else {
const err8 = {instancePath:instancePath+"/centre/y",schemaPath:"#/$defs/PicturePlace/properties/y/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
}
}
var valid6 = _errs20 === errors;
}
else {
var valid6 = true;
}
}
}
}
}
else {
const err9 = {instancePath:instancePath+"/centre",schemaPath:"#/$defs/PicturePlace/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
}
}
var _valid0 = _errs14 === errors;
valid4 = valid4 || _valid0;
const _errs23 = errors;
if(data4 !== null){
const err10 = {instancePath:instancePath+"/centre",schemaPath:"#/properties/centre/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
}
var _valid0 = _errs23 === errors;
valid4 = valid4 || _valid0;
if(!valid4){
const err11 = {instancePath:instancePath+"/centre",schemaPath:"#/properties/centre/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
validate61.errors = vErrors;
return false;
}
else {
errors = _errs13;
if(vErrors !== null){
if(_errs13){
vErrors.length = _errs13;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs12 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.diameterMillimetres !== undefined){
let data7 = data.diameterMillimetres;
const _errs25 = errors;
const _errs26 = errors;
let valid7 = false;
const _errs27 = errors;
if(errors === _errs27){
if((typeof data7 == "number") && (isFinite(data7))){
if(data7 > 1000000 || isNaN(data7)){
const err12 = {instancePath:instancePath+"/diameterMillimetres",schemaPath:"#/properties/diameterMillimetres/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
}
else {
if(data7 < 0.001 || isNaN(data7)){
const err13 = {instancePath:instancePath+"/diameterMillimetres",schemaPath:"#/properties/diameterMillimetres/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.001}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
}
}
else {
const err14 = {instancePath:instancePath+"/diameterMillimetres",schemaPath:"#/properties/diameterMillimetres/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
}
}
var _valid1 = _errs27 === errors;
valid7 = valid7 || _valid1;
const _errs29 = errors;
if(data7 !== null){
const err15 = {instancePath:instancePath+"/diameterMillimetres",schemaPath:"#/properties/diameterMillimetres/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
}
var _valid1 = _errs29 === errors;
valid7 = valid7 || _valid1;
if(!valid7){
const err16 = {instancePath:instancePath+"/diameterMillimetres",schemaPath:"#/properties/diameterMillimetres/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err16];
}
else {
vErrors.push(err16);
}
errors++;
validate61.errors = vErrors;
return false;
}
else {
errors = _errs26;
if(vErrors !== null){
if(_errs26){
vErrors.length = _errs26;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs25 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
else {
validate61.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate61.errors = vErrors;
return errors === 0;
}
validate61.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema104 = {"properties":{"a":{"$ref":"#/$defs/PicturePlace","type":"object"},"b":{"$ref":"#/$defs/PicturePlace","type":"object"},"millimetres":{"maximum":1000000,"type":"number","minimum":0.001},"sdMillimetres":{"maximum":1000000,"type":"number","minimum":0},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"}},"type":"object","required":["a","b","millimetres","sdMillimetres","name"],"additionalProperties":false};

function validate63(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate63.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if((((((data.a === undefined) && (missing0 = "a")) || ((data.b === undefined) && (missing0 = "b"))) || ((data.millimetres === undefined) && (missing0 = "millimetres"))) || ((data.sdMillimetres === undefined) && (missing0 = "sdMillimetres"))) || ((data.name === undefined) && (missing0 = "name"))){
validate63.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(((((key0 === "a") || (key0 === "b")) || (key0 === "millimetres")) || (key0 === "sdMillimetres")) || (key0 === "name"))){
validate63.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.a !== undefined){
let data0 = data.a;
const _errs2 = errors;
if(!(data0 && typeof data0 == "object" && !Array.isArray(data0))){
validate63.errors = [{instancePath:instancePath+"/a",schemaPath:"#/properties/a/type",keyword:"type",params:{type: "object"}}];
return false;
}
const _errs3 = errors;
if(errors === _errs3){
if(data0 && typeof data0 == "object" && !Array.isArray(data0)){
let missing1;
if(((data0.x === undefined) && (missing1 = "x")) || ((data0.y === undefined) && (missing1 = "y"))){
validate63.errors = [{instancePath:instancePath+"/a",schemaPath:"#/$defs/PicturePlace/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs5 = errors;
for(const key1 in data0){
if(!((key1 === "x") || (key1 === "y"))){
validate63.errors = [{instancePath:instancePath+"/a",schemaPath:"#/$defs/PicturePlace/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs5 === errors){
if(data0.x !== undefined){
let data1 = data0.x;
const _errs6 = errors;
if(errors === _errs6){
if((typeof data1 == "number") && (isFinite(data1))){
if(data1 > 1 || isNaN(data1)){
validate63.errors = [{instancePath:instancePath+"/a/x",schemaPath:"#/$defs/PicturePlace/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data1 < 0 || isNaN(data1)){
validate63.errors = [{instancePath:instancePath+"/a/x",schemaPath:"#/$defs/PicturePlace/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate63.errors = [{instancePath:instancePath+"/a/x",schemaPath:"#/$defs/PicturePlace/properties/x/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs6 === errors;
}
else {
var valid2 = true;
}
if(valid2){
if(data0.y !== undefined){
let data2 = data0.y;
const _errs8 = errors;
if(errors === _errs8){
if((typeof data2 == "number") && (isFinite(data2))){
if(data2 > 1 || isNaN(data2)){
validate63.errors = [{instancePath:instancePath+"/a/y",schemaPath:"#/$defs/PicturePlace/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data2 < 0 || isNaN(data2)){
validate63.errors = [{instancePath:instancePath+"/a/y",schemaPath:"#/$defs/PicturePlace/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate63.errors = [{instancePath:instancePath+"/a/y",schemaPath:"#/$defs/PicturePlace/properties/y/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs8 === errors;
}
else {
var valid2 = true;
}
}
}
}
}
else {
validate63.errors = [{instancePath:instancePath+"/a",schemaPath:"#/$defs/PicturePlace/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.b !== undefined){
let data3 = data.b;
const _errs11 = errors;
if(!(data3 && typeof data3 == "object" && !Array.isArray(data3))){
validate63.errors = [{instancePath:instancePath+"/b",schemaPath:"#/properties/b/type",keyword:"type",params:{type: "object"}}];
return false;
}
const _errs12 = errors;
if(errors === _errs12){
if(data3 && typeof data3 == "object" && !Array.isArray(data3)){
let missing2;
if(((data3.x === undefined) && (missing2 = "x")) || ((data3.y === undefined) && (missing2 = "y"))){
validate63.errors = [{instancePath:instancePath+"/b",schemaPath:"#/$defs/PicturePlace/required",keyword:"required",params:{missingProperty: missing2}}];
return false;
}
else {
const _errs14 = errors;
for(const key2 in data3){
if(!((key2 === "x") || (key2 === "y"))){
validate63.errors = [{instancePath:instancePath+"/b",schemaPath:"#/$defs/PicturePlace/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key2}}];
return false;
break;
}
}
if(_errs14 === errors){
if(data3.x !== undefined){
let data4 = data3.x;
const _errs15 = errors;
if(errors === _errs15){
if((typeof data4 == "number") && (isFinite(data4))){
if(data4 > 1 || isNaN(data4)){
validate63.errors = [{instancePath:instancePath+"/b/x",schemaPath:"#/$defs/PicturePlace/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data4 < 0 || isNaN(data4)){
validate63.errors = [{instancePath:instancePath+"/b/x",schemaPath:"#/$defs/PicturePlace/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate63.errors = [{instancePath:instancePath+"/b/x",schemaPath:"#/$defs/PicturePlace/properties/x/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid4 = _errs15 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data3.y !== undefined){
let data5 = data3.y;
const _errs17 = errors;
if(errors === _errs17){
if((typeof data5 == "number") && (isFinite(data5))){
if(data5 > 1 || isNaN(data5)){
validate63.errors = [{instancePath:instancePath+"/b/y",schemaPath:"#/$defs/PicturePlace/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data5 < 0 || isNaN(data5)){
validate63.errors = [{instancePath:instancePath+"/b/y",schemaPath:"#/$defs/PicturePlace/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate63.errors = [{instancePath:instancePath+"/b/y",schemaPath:"#/$defs/PicturePlace/properties/y/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid4 = _errs17 === errors;
}
else {
var valid4 = true;
}
}
}
}
}
else {
validate63.errors = [{instancePath:instancePath+"/b",schemaPath:"#/$defs/PicturePlace/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid0 = _errs11 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.millimetres !== undefined){
let data6 = data.millimetres;
const _errs20 = errors;
if(errors === _errs20){
if((typeof data6 == "number") && (isFinite(data6))){
if(data6 > 1000000 || isNaN(data6)){
validate63.errors = [{instancePath:instancePath+"/millimetres",schemaPath:"#/properties/millimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}}];
return false;
}
else {
if(data6 < 0.001 || isNaN(data6)){
validate63.errors = [{instancePath:instancePath+"/millimetres",schemaPath:"#/properties/millimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.001}}];
return false;
}
}
}
else {
validate63.errors = [{instancePath:instancePath+"/millimetres",schemaPath:"#/properties/millimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs20 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.sdMillimetres !== undefined){
let data7 = data.sdMillimetres;
const _errs22 = errors;
if(errors === _errs22){
if((typeof data7 == "number") && (isFinite(data7))){
if(data7 > 1000000 || isNaN(data7)){
validate63.errors = [{instancePath:instancePath+"/sdMillimetres",schemaPath:"#/properties/sdMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}}];
return false;
}
else {
if(data7 < 0 || isNaN(data7)){
validate63.errors = [{instancePath:instancePath+"/sdMillimetres",schemaPath:"#/properties/sdMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate63.errors = [{instancePath:instancePath+"/sdMillimetres",schemaPath:"#/properties/sdMillimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs22 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.name !== undefined){
let data8 = data.name;
const _errs24 = errors;
if(errors === _errs24){
if(typeof data8 === "string"){
if(data8.length > 200){
validate63.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data8.length < 1){
validate63.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data8)){
validate63.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate63.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs24 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
else {
validate63.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate63.errors = vErrors;
return errors === 0;
}
validate63.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema107 = {"properties":{"dimensionId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"a":{"$ref":"#/$defs/PicturePlace","type":"object"},"b":{"$ref":"#/$defs/PicturePlace","type":"object"},"isLeftOut":{"type":"boolean"}},"type":"object","required":["dimensionId","a","b","isLeftOut"],"additionalProperties":false};

function validate65(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate65.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if(((((data.dimensionId === undefined) && (missing0 = "dimensionId")) || ((data.a === undefined) && (missing0 = "a"))) || ((data.b === undefined) && (missing0 = "b"))) || ((data.isLeftOut === undefined) && (missing0 = "isLeftOut"))){
validate65.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!((((key0 === "dimensionId") || (key0 === "a")) || (key0 === "b")) || (key0 === "isLeftOut"))){
validate65.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.dimensionId !== undefined){
let data0 = data.dimensionId;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(!pattern10.test(data0)){
validate65.errors = [{instancePath:instancePath+"/dimensionId",schemaPath:"#/properties/dimensionId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate65.errors = [{instancePath:instancePath+"/dimensionId",schemaPath:"#/properties/dimensionId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.a !== undefined){
let data1 = data.a;
const _errs4 = errors;
if(!(data1 && typeof data1 == "object" && !Array.isArray(data1))){
validate65.errors = [{instancePath:instancePath+"/a",schemaPath:"#/properties/a/type",keyword:"type",params:{type: "object"}}];
return false;
}
const _errs5 = errors;
if(errors === _errs5){
if(data1 && typeof data1 == "object" && !Array.isArray(data1)){
let missing1;
if(((data1.x === undefined) && (missing1 = "x")) || ((data1.y === undefined) && (missing1 = "y"))){
validate65.errors = [{instancePath:instancePath+"/a",schemaPath:"#/$defs/PicturePlace/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs7 = errors;
for(const key1 in data1){
if(!((key1 === "x") || (key1 === "y"))){
validate65.errors = [{instancePath:instancePath+"/a",schemaPath:"#/$defs/PicturePlace/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs7 === errors){
if(data1.x !== undefined){
let data2 = data1.x;
const _errs8 = errors;
if(errors === _errs8){
if((typeof data2 == "number") && (isFinite(data2))){
if(data2 > 1 || isNaN(data2)){
validate65.errors = [{instancePath:instancePath+"/a/x",schemaPath:"#/$defs/PicturePlace/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data2 < 0 || isNaN(data2)){
validate65.errors = [{instancePath:instancePath+"/a/x",schemaPath:"#/$defs/PicturePlace/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate65.errors = [{instancePath:instancePath+"/a/x",schemaPath:"#/$defs/PicturePlace/properties/x/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs8 === errors;
}
else {
var valid2 = true;
}
if(valid2){
if(data1.y !== undefined){
let data3 = data1.y;
const _errs10 = errors;
if(errors === _errs10){
if((typeof data3 == "number") && (isFinite(data3))){
if(data3 > 1 || isNaN(data3)){
validate65.errors = [{instancePath:instancePath+"/a/y",schemaPath:"#/$defs/PicturePlace/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data3 < 0 || isNaN(data3)){
validate65.errors = [{instancePath:instancePath+"/a/y",schemaPath:"#/$defs/PicturePlace/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate65.errors = [{instancePath:instancePath+"/a/y",schemaPath:"#/$defs/PicturePlace/properties/y/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs10 === errors;
}
else {
var valid2 = true;
}
}
}
}
}
else {
validate65.errors = [{instancePath:instancePath+"/a",schemaPath:"#/$defs/PicturePlace/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.b !== undefined){
let data4 = data.b;
const _errs13 = errors;
if(!(data4 && typeof data4 == "object" && !Array.isArray(data4))){
validate65.errors = [{instancePath:instancePath+"/b",schemaPath:"#/properties/b/type",keyword:"type",params:{type: "object"}}];
return false;
}
const _errs14 = errors;
if(errors === _errs14){
if(data4 && typeof data4 == "object" && !Array.isArray(data4)){
let missing2;
if(((data4.x === undefined) && (missing2 = "x")) || ((data4.y === undefined) && (missing2 = "y"))){
validate65.errors = [{instancePath:instancePath+"/b",schemaPath:"#/$defs/PicturePlace/required",keyword:"required",params:{missingProperty: missing2}}];
return false;
}
else {
const _errs16 = errors;
for(const key2 in data4){
if(!((key2 === "x") || (key2 === "y"))){
validate65.errors = [{instancePath:instancePath+"/b",schemaPath:"#/$defs/PicturePlace/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key2}}];
return false;
break;
}
}
if(_errs16 === errors){
if(data4.x !== undefined){
let data5 = data4.x;
const _errs17 = errors;
if(errors === _errs17){
if((typeof data5 == "number") && (isFinite(data5))){
if(data5 > 1 || isNaN(data5)){
validate65.errors = [{instancePath:instancePath+"/b/x",schemaPath:"#/$defs/PicturePlace/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data5 < 0 || isNaN(data5)){
validate65.errors = [{instancePath:instancePath+"/b/x",schemaPath:"#/$defs/PicturePlace/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate65.errors = [{instancePath:instancePath+"/b/x",schemaPath:"#/$defs/PicturePlace/properties/x/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid4 = _errs17 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data4.y !== undefined){
let data6 = data4.y;
const _errs19 = errors;
if(errors === _errs19){
if((typeof data6 == "number") && (isFinite(data6))){
if(data6 > 1 || isNaN(data6)){
validate65.errors = [{instancePath:instancePath+"/b/y",schemaPath:"#/$defs/PicturePlace/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data6 < 0 || isNaN(data6)){
validate65.errors = [{instancePath:instancePath+"/b/y",schemaPath:"#/$defs/PicturePlace/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate65.errors = [{instancePath:instancePath+"/b/y",schemaPath:"#/$defs/PicturePlace/properties/y/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid4 = _errs19 === errors;
}
else {
var valid4 = true;
}
}
}
}
}
else {
validate65.errors = [{instancePath:instancePath+"/b",schemaPath:"#/$defs/PicturePlace/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid0 = _errs13 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.isLeftOut !== undefined){
const _errs22 = errors;
if(typeof data.isLeftOut !== "boolean"){
validate65.errors = [{instancePath:instancePath+"/isLeftOut",schemaPath:"#/properties/isLeftOut/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid0 = _errs22 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
else {
validate65.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate65.errors = vErrors;
return errors === 0;
}
validate65.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema110 = {"properties":{"place":{"$ref":"#/$defs/PicturePlace","type":"object"},"text":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"}},"type":"object","required":["place","text"],"additionalProperties":false};

function validate67(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate67.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if(((data.place === undefined) && (missing0 = "place")) || ((data.text === undefined) && (missing0 = "text"))){
validate67.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!((key0 === "place") || (key0 === "text"))){
validate67.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.place !== undefined){
let data0 = data.place;
const _errs2 = errors;
if(!(data0 && typeof data0 == "object" && !Array.isArray(data0))){
validate67.errors = [{instancePath:instancePath+"/place",schemaPath:"#/properties/place/type",keyword:"type",params:{type: "object"}}];
return false;
}
const _errs3 = errors;
if(errors === _errs3){
if(data0 && typeof data0 == "object" && !Array.isArray(data0)){
let missing1;
if(((data0.x === undefined) && (missing1 = "x")) || ((data0.y === undefined) && (missing1 = "y"))){
validate67.errors = [{instancePath:instancePath+"/place",schemaPath:"#/$defs/PicturePlace/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs5 = errors;
for(const key1 in data0){
if(!((key1 === "x") || (key1 === "y"))){
validate67.errors = [{instancePath:instancePath+"/place",schemaPath:"#/$defs/PicturePlace/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs5 === errors){
if(data0.x !== undefined){
let data1 = data0.x;
const _errs6 = errors;
if(errors === _errs6){
if((typeof data1 == "number") && (isFinite(data1))){
if(data1 > 1 || isNaN(data1)){
validate67.errors = [{instancePath:instancePath+"/place/x",schemaPath:"#/$defs/PicturePlace/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data1 < 0 || isNaN(data1)){
validate67.errors = [{instancePath:instancePath+"/place/x",schemaPath:"#/$defs/PicturePlace/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate67.errors = [{instancePath:instancePath+"/place/x",schemaPath:"#/$defs/PicturePlace/properties/x/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs6 === errors;
}
else {
var valid2 = true;
}
if(valid2){
if(data0.y !== undefined){
let data2 = data0.y;
const _errs8 = errors;
if(errors === _errs8){
if((typeof data2 == "number") && (isFinite(data2))){
if(data2 > 1 || isNaN(data2)){
validate67.errors = [{instancePath:instancePath+"/place/y",schemaPath:"#/$defs/PicturePlace/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data2 < 0 || isNaN(data2)){
validate67.errors = [{instancePath:instancePath+"/place/y",schemaPath:"#/$defs/PicturePlace/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate67.errors = [{instancePath:instancePath+"/place/y",schemaPath:"#/$defs/PicturePlace/properties/y/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs8 === errors;
}
else {
var valid2 = true;
}
}
}
}
}
else {
validate67.errors = [{instancePath:instancePath+"/place",schemaPath:"#/$defs/PicturePlace/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.text !== undefined){
let data3 = data.text;
const _errs11 = errors;
if(errors === _errs11){
if(typeof data3 === "string"){
if(data3.length > 200){
validate67.errors = [{instancePath:instancePath+"/text",schemaPath:"#/properties/text/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data3.length < 1){
validate67.errors = [{instancePath:instancePath+"/text",schemaPath:"#/properties/text/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data3)){
validate67.errors = [{instancePath:instancePath+"/text",schemaPath:"#/properties/text/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate67.errors = [{instancePath:instancePath+"/text",schemaPath:"#/properties/text/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs11 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
else {
validate67.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate67.errors = vErrors;
return errors === 0;
}
validate67.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};


function validate58(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate58.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if((((((((((((data.pictureId === undefined) && (missing0 = "pictureId")) || ((data.origin === undefined) && (missing0 = "origin"))) || ((data.distrusted === undefined) && (missing0 = "distrusted"))) || ((data.tiltDegrees === undefined) && (missing0 = "tiltDegrees"))) || ((data.rectangle === undefined) && (missing0 = "rectangle"))) || ((data.circle === undefined) && (missing0 = "circle"))) || ((data.knowns === undefined) && (missing0 = "knowns"))) || ((data.readings === undefined) && (missing0 = "readings"))) || ((data.pins === undefined) && (missing0 = "pins"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate58.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(func1.call(schema98.properties, key0))){
validate58.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.pictureId !== undefined){
let data0 = data.pictureId;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(!pattern10.test(data0)){
validate58.errors = [{instancePath:instancePath+"/pictureId",schemaPath:"#/properties/pictureId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate58.errors = [{instancePath:instancePath+"/pictureId",schemaPath:"#/properties/pictureId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.origin !== undefined){
let data1 = data.origin;
const _errs4 = errors;
if(errors === _errs4){
if(typeof data1 === "string"){
if(data1.length > 500){
validate58.errors = [{instancePath:instancePath+"/origin",schemaPath:"#/properties/origin/maxLength",keyword:"maxLength",params:{limit: 500}}];
return false;
}
}
else {
validate58.errors = [{instancePath:instancePath+"/origin",schemaPath:"#/properties/origin/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.distrusted !== undefined){
let data2 = data.distrusted;
const _errs6 = errors;
if(errors === _errs6){
if(Array.isArray(data2)){
var valid1 = true;
const len0 = data2.length;
for(let i0=0; i0<len0; i0++){
let data3 = data2[i0];
const _errs8 = errors;
if(typeof data3 !== "string"){
validate58.errors = [{instancePath:instancePath+"/distrusted/" + i0,schemaPath:"#/properties/distrusted/items/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((data3 === "light") || (data3 === "scale"))){
validate58.errors = [{instancePath:instancePath+"/distrusted/" + i0,schemaPath:"#/properties/distrusted/items/enum",keyword:"enum",params:{allowedValues: schema98.properties.distrusted.items.enum}}];
return false;
}
var valid1 = _errs8 === errors;
if(!valid1){
break;
}
}
if(valid1){
let i1 = data2.length;
let j0;
if(i1 > 1){
const indices0 = {};
for(;i1--;){
let item0 = data2[i1];
if(typeof item0 !== "string"){
continue;
}
if(typeof indices0[item0] == "number"){
j0 = indices0[item0];
validate58.errors = [{instancePath:instancePath+"/distrusted",schemaPath:"#/properties/distrusted/uniqueItems",keyword:"uniqueItems",params:{i: i1, j: j0}}];
return false;
break;
}
indices0[item0] = i1;
}
}
}
}
else {
validate58.errors = [{instancePath:instancePath+"/distrusted",schemaPath:"#/properties/distrusted/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs6 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.tiltDegrees !== undefined){
let data4 = data.tiltDegrees;
const _errs10 = errors;
if(errors === _errs10){
if((typeof data4 == "number") && (isFinite(data4))){
if(data4 > 45 || isNaN(data4)){
validate58.errors = [{instancePath:instancePath+"/tiltDegrees",schemaPath:"#/properties/tiltDegrees/maximum",keyword:"maximum",params:{comparison: "<=", limit: 45}}];
return false;
}
else {
if(data4 < 0 || isNaN(data4)){
validate58.errors = [{instancePath:instancePath+"/tiltDegrees",schemaPath:"#/properties/tiltDegrees/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate58.errors = [{instancePath:instancePath+"/tiltDegrees",schemaPath:"#/properties/tiltDegrees/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs10 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.rectangle !== undefined){
let data5 = data.rectangle;
const _errs12 = errors;
const _errs13 = errors;
let valid3 = false;
const _errs14 = errors;
if(!(data5 && typeof data5 == "object" && !Array.isArray(data5))){
const err0 = {instancePath:instancePath+"/rectangle",schemaPath:"#/properties/rectangle/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
if(!(validate59(data5, {instancePath:instancePath+"/rectangle",parentData:data,parentDataProperty:"rectangle",rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate59.errors : vErrors.concat(validate59.errors);
errors = vErrors.length;
}
var _valid0 = _errs14 === errors;
valid3 = valid3 || _valid0;
const _errs16 = errors;
if(data5 !== null){
const err1 = {instancePath:instancePath+"/rectangle",schemaPath:"#/properties/rectangle/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
var _valid0 = _errs16 === errors;
valid3 = valid3 || _valid0;
if(!valid3){
const err2 = {instancePath:instancePath+"/rectangle",schemaPath:"#/properties/rectangle/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
validate58.errors = vErrors;
return false;
}
else {
errors = _errs13;
if(vErrors !== null){
if(_errs13){
vErrors.length = _errs13;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs12 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.circle !== undefined){
let data6 = data.circle;
const _errs18 = errors;
const _errs19 = errors;
let valid4 = false;
const _errs20 = errors;
if(!(data6 && typeof data6 == "object" && !Array.isArray(data6))){
const err3 = {instancePath:instancePath+"/circle",schemaPath:"#/properties/circle/anyOf/0/type",keyword:"type",params:{type: "object"}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
}
if(!(validate61(data6, {instancePath:instancePath+"/circle",parentData:data,parentDataProperty:"circle",rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate61.errors : vErrors.concat(validate61.errors);
errors = vErrors.length;
}
var _valid1 = _errs20 === errors;
valid4 = valid4 || _valid1;
const _errs22 = errors;
if(data6 !== null){
const err4 = {instancePath:instancePath+"/circle",schemaPath:"#/properties/circle/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
var _valid1 = _errs22 === errors;
valid4 = valid4 || _valid1;
if(!valid4){
const err5 = {instancePath:instancePath+"/circle",schemaPath:"#/properties/circle/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
validate58.errors = vErrors;
return false;
}
else {
errors = _errs19;
if(vErrors !== null){
if(_errs19){
vErrors.length = _errs19;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs18 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.knowns !== undefined){
let data7 = data.knowns;
const _errs24 = errors;
if(errors === _errs24){
if(Array.isArray(data7)){
if(data7.length > 20){
validate58.errors = [{instancePath:instancePath+"/knowns",schemaPath:"#/properties/knowns/maxItems",keyword:"maxItems",params:{limit: 20}}];
return false;
}
else {
var valid5 = true;
const len1 = data7.length;
for(let i2=0; i2<len1; i2++){
const _errs26 = errors;
if(!(validate63(data7[i2], {instancePath:instancePath+"/knowns/" + i2,parentData:data7,parentDataProperty:i2,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate63.errors : vErrors.concat(validate63.errors);
errors = vErrors.length;
}
var valid5 = _errs26 === errors;
if(!valid5){
break;
}
}
}
}
else {
validate58.errors = [{instancePath:instancePath+"/knowns",schemaPath:"#/properties/knowns/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs24 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.readings !== undefined){
let data9 = data.readings;
const _errs27 = errors;
if(errors === _errs27){
if(Array.isArray(data9)){
if(data9.length > 100){
validate58.errors = [{instancePath:instancePath+"/readings",schemaPath:"#/properties/readings/maxItems",keyword:"maxItems",params:{limit: 100}}];
return false;
}
else {
var valid6 = true;
const len2 = data9.length;
for(let i3=0; i3<len2; i3++){
const _errs29 = errors;
if(!(validate65(data9[i3], {instancePath:instancePath+"/readings/" + i3,parentData:data9,parentDataProperty:i3,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate65.errors : vErrors.concat(validate65.errors);
errors = vErrors.length;
}
var valid6 = _errs29 === errors;
if(!valid6){
break;
}
}
}
}
else {
validate58.errors = [{instancePath:instancePath+"/readings",schemaPath:"#/properties/readings/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs27 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.pins !== undefined){
let data11 = data.pins;
const _errs30 = errors;
if(errors === _errs30){
if(Array.isArray(data11)){
if(data11.length > 200){
validate58.errors = [{instancePath:instancePath+"/pins",schemaPath:"#/properties/pins/maxItems",keyword:"maxItems",params:{limit: 200}}];
return false;
}
else {
var valid7 = true;
const len3 = data11.length;
for(let i4=0; i4<len3; i4++){
const _errs32 = errors;
if(!(validate67(data11[i4], {instancePath:instancePath+"/pins/" + i4,parentData:data11,parentDataProperty:i4,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate67.errors : vErrors.concat(validate67.errors);
errors = vErrors.length;
}
var valid7 = _errs32 === errors;
if(!valid7){
break;
}
}
}
}
else {
validate58.errors = [{instancePath:instancePath+"/pins",schemaPath:"#/properties/pins/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs30 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data13 = data.id;
const _errs33 = errors;
if(errors === _errs33){
if(typeof data13 === "string"){
if(!pattern10.test(data13)){
validate58.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate58.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs33 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data14 = data.revision;
const _errs35 = errors;
if(!(((typeof data14 == "number") && (!(data14 % 1) && !isNaN(data14))) && (isFinite(data14)))){
validate58.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs35){
if((typeof data14 == "number") && (isFinite(data14))){
if(data14 < 0 || isNaN(data14)){
validate58.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs35 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate58.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate58.errors = vErrors;
return errors === 0;
}
validate58.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema112 = {"properties":{"propId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"referenceId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"ownId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"atMs":{"type":"integer","minimum":946684800000,"maximum":4102444800000},"conditions":{"type":"string","enum":["sameCameraAndLight","lightElsewhere","otherCamera","otherLight","otherLightAndCamera","chipsInBoth"]},"isFlat":{"type":"boolean"},"spots":{"items":{"$ref":"#/$defs/MatchedSpot"},"type":"array","maxItems":60},"regions":{"items":{"$ref":"#/$defs/MatchedRegion"},"type":"array","maxItems":60},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["propId","referenceId","ownId","atMs","conditions","isFlat","spots","regions","id","revision"],"additionalProperties":false};
const schema113 = {"properties":{"reference":{"$ref":"#/$defs/PicturePlace","type":"object"},"own":{"$ref":"#/$defs/PicturePlace","type":"object"}},"type":"object","required":["reference","own"],"additionalProperties":false};

function validate71(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate71.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if(((data.reference === undefined) && (missing0 = "reference")) || ((data.own === undefined) && (missing0 = "own"))){
validate71.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!((key0 === "reference") || (key0 === "own"))){
validate71.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.reference !== undefined){
let data0 = data.reference;
const _errs2 = errors;
if(!(data0 && typeof data0 == "object" && !Array.isArray(data0))){
validate71.errors = [{instancePath:instancePath+"/reference",schemaPath:"#/properties/reference/type",keyword:"type",params:{type: "object"}}];
return false;
}
const _errs3 = errors;
if(errors === _errs3){
if(data0 && typeof data0 == "object" && !Array.isArray(data0)){
let missing1;
if(((data0.x === undefined) && (missing1 = "x")) || ((data0.y === undefined) && (missing1 = "y"))){
validate71.errors = [{instancePath:instancePath+"/reference",schemaPath:"#/$defs/PicturePlace/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs5 = errors;
for(const key1 in data0){
if(!((key1 === "x") || (key1 === "y"))){
validate71.errors = [{instancePath:instancePath+"/reference",schemaPath:"#/$defs/PicturePlace/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs5 === errors){
if(data0.x !== undefined){
let data1 = data0.x;
const _errs6 = errors;
if(errors === _errs6){
if((typeof data1 == "number") && (isFinite(data1))){
if(data1 > 1 || isNaN(data1)){
validate71.errors = [{instancePath:instancePath+"/reference/x",schemaPath:"#/$defs/PicturePlace/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data1 < 0 || isNaN(data1)){
validate71.errors = [{instancePath:instancePath+"/reference/x",schemaPath:"#/$defs/PicturePlace/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate71.errors = [{instancePath:instancePath+"/reference/x",schemaPath:"#/$defs/PicturePlace/properties/x/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs6 === errors;
}
else {
var valid2 = true;
}
if(valid2){
if(data0.y !== undefined){
let data2 = data0.y;
const _errs8 = errors;
if(errors === _errs8){
if((typeof data2 == "number") && (isFinite(data2))){
if(data2 > 1 || isNaN(data2)){
validate71.errors = [{instancePath:instancePath+"/reference/y",schemaPath:"#/$defs/PicturePlace/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data2 < 0 || isNaN(data2)){
validate71.errors = [{instancePath:instancePath+"/reference/y",schemaPath:"#/$defs/PicturePlace/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate71.errors = [{instancePath:instancePath+"/reference/y",schemaPath:"#/$defs/PicturePlace/properties/y/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs8 === errors;
}
else {
var valid2 = true;
}
}
}
}
}
else {
validate71.errors = [{instancePath:instancePath+"/reference",schemaPath:"#/$defs/PicturePlace/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.own !== undefined){
let data3 = data.own;
const _errs11 = errors;
if(!(data3 && typeof data3 == "object" && !Array.isArray(data3))){
validate71.errors = [{instancePath:instancePath+"/own",schemaPath:"#/properties/own/type",keyword:"type",params:{type: "object"}}];
return false;
}
const _errs12 = errors;
if(errors === _errs12){
if(data3 && typeof data3 == "object" && !Array.isArray(data3)){
let missing2;
if(((data3.x === undefined) && (missing2 = "x")) || ((data3.y === undefined) && (missing2 = "y"))){
validate71.errors = [{instancePath:instancePath+"/own",schemaPath:"#/$defs/PicturePlace/required",keyword:"required",params:{missingProperty: missing2}}];
return false;
}
else {
const _errs14 = errors;
for(const key2 in data3){
if(!((key2 === "x") || (key2 === "y"))){
validate71.errors = [{instancePath:instancePath+"/own",schemaPath:"#/$defs/PicturePlace/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key2}}];
return false;
break;
}
}
if(_errs14 === errors){
if(data3.x !== undefined){
let data4 = data3.x;
const _errs15 = errors;
if(errors === _errs15){
if((typeof data4 == "number") && (isFinite(data4))){
if(data4 > 1 || isNaN(data4)){
validate71.errors = [{instancePath:instancePath+"/own/x",schemaPath:"#/$defs/PicturePlace/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data4 < 0 || isNaN(data4)){
validate71.errors = [{instancePath:instancePath+"/own/x",schemaPath:"#/$defs/PicturePlace/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate71.errors = [{instancePath:instancePath+"/own/x",schemaPath:"#/$defs/PicturePlace/properties/x/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid4 = _errs15 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data3.y !== undefined){
let data5 = data3.y;
const _errs17 = errors;
if(errors === _errs17){
if((typeof data5 == "number") && (isFinite(data5))){
if(data5 > 1 || isNaN(data5)){
validate71.errors = [{instancePath:instancePath+"/own/y",schemaPath:"#/$defs/PicturePlace/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data5 < 0 || isNaN(data5)){
validate71.errors = [{instancePath:instancePath+"/own/y",schemaPath:"#/$defs/PicturePlace/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate71.errors = [{instancePath:instancePath+"/own/y",schemaPath:"#/$defs/PicturePlace/properties/y/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid4 = _errs17 === errors;
}
else {
var valid4 = true;
}
}
}
}
}
else {
validate71.errors = [{instancePath:instancePath+"/own",schemaPath:"#/$defs/PicturePlace/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid0 = _errs11 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
else {
validate71.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate71.errors = vErrors;
return errors === 0;
}
validate71.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema116 = {"properties":{"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"area":{"$ref":"#/$defs/PictureArea","type":"object"},"partId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"mixCardId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]}},"type":"object","required":["name","area","partId","mixCardId"],"additionalProperties":false};

function validate73(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate73.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if(((((data.name === undefined) && (missing0 = "name")) || ((data.area === undefined) && (missing0 = "area"))) || ((data.partId === undefined) && (missing0 = "partId"))) || ((data.mixCardId === undefined) && (missing0 = "mixCardId"))){
validate73.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!((((key0 === "name") || (key0 === "area")) || (key0 === "partId")) || (key0 === "mixCardId"))){
validate73.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.name !== undefined){
let data0 = data.name;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(data0.length > 200){
validate73.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data0.length < 1){
validate73.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data0)){
validate73.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate73.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.area !== undefined){
let data1 = data.area;
const _errs4 = errors;
if(!(data1 && typeof data1 == "object" && !Array.isArray(data1))){
validate73.errors = [{instancePath:instancePath+"/area",schemaPath:"#/properties/area/type",keyword:"type",params:{type: "object"}}];
return false;
}
const _errs5 = errors;
if(errors === _errs5){
if(data1 && typeof data1 == "object" && !Array.isArray(data1)){
let missing1;
if(((((data1.width === undefined) && (missing1 = "width")) || ((data1.height === undefined) && (missing1 = "height"))) || ((data1.x === undefined) && (missing1 = "x"))) || ((data1.y === undefined) && (missing1 = "y"))){
validate73.errors = [{instancePath:instancePath+"/area",schemaPath:"#/$defs/PictureArea/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs7 = errors;
for(const key1 in data1){
if(!((((key1 === "width") || (key1 === "height")) || (key1 === "x")) || (key1 === "y"))){
validate73.errors = [{instancePath:instancePath+"/area",schemaPath:"#/$defs/PictureArea/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs7 === errors){
if(data1.width !== undefined){
let data2 = data1.width;
const _errs8 = errors;
if(errors === _errs8){
if((typeof data2 == "number") && (isFinite(data2))){
if(data2 > 1 || isNaN(data2)){
validate73.errors = [{instancePath:instancePath+"/area/width",schemaPath:"#/$defs/PictureArea/properties/width/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data2 < 0 || isNaN(data2)){
validate73.errors = [{instancePath:instancePath+"/area/width",schemaPath:"#/$defs/PictureArea/properties/width/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate73.errors = [{instancePath:instancePath+"/area/width",schemaPath:"#/$defs/PictureArea/properties/width/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs8 === errors;
}
else {
var valid2 = true;
}
if(valid2){
if(data1.height !== undefined){
let data3 = data1.height;
const _errs10 = errors;
if(errors === _errs10){
if((typeof data3 == "number") && (isFinite(data3))){
if(data3 > 1 || isNaN(data3)){
validate73.errors = [{instancePath:instancePath+"/area/height",schemaPath:"#/$defs/PictureArea/properties/height/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data3 < 0 || isNaN(data3)){
validate73.errors = [{instancePath:instancePath+"/area/height",schemaPath:"#/$defs/PictureArea/properties/height/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate73.errors = [{instancePath:instancePath+"/area/height",schemaPath:"#/$defs/PictureArea/properties/height/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs10 === errors;
}
else {
var valid2 = true;
}
if(valid2){
if(data1.x !== undefined){
let data4 = data1.x;
const _errs12 = errors;
if(errors === _errs12){
if((typeof data4 == "number") && (isFinite(data4))){
if(data4 > 1 || isNaN(data4)){
validate73.errors = [{instancePath:instancePath+"/area/x",schemaPath:"#/$defs/PictureArea/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data4 < 0 || isNaN(data4)){
validate73.errors = [{instancePath:instancePath+"/area/x",schemaPath:"#/$defs/PictureArea/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate73.errors = [{instancePath:instancePath+"/area/x",schemaPath:"#/$defs/PictureArea/properties/x/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs12 === errors;
}
else {
var valid2 = true;
}
if(valid2){
if(data1.y !== undefined){
let data5 = data1.y;
const _errs14 = errors;
if(errors === _errs14){
if((typeof data5 == "number") && (isFinite(data5))){
if(data5 > 1 || isNaN(data5)){
validate73.errors = [{instancePath:instancePath+"/area/y",schemaPath:"#/$defs/PictureArea/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data5 < 0 || isNaN(data5)){
validate73.errors = [{instancePath:instancePath+"/area/y",schemaPath:"#/$defs/PictureArea/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate73.errors = [{instancePath:instancePath+"/area/y",schemaPath:"#/$defs/PictureArea/properties/y/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs14 === errors;
}
else {
var valid2 = true;
}
}
}
}
}
}
}
else {
validate73.errors = [{instancePath:instancePath+"/area",schemaPath:"#/$defs/PictureArea/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.partId !== undefined){
let data6 = data.partId;
const _errs17 = errors;
const _errs18 = errors;
let valid3 = false;
const _errs19 = errors;
if(errors === _errs19){
if(typeof data6 === "string"){
if(!pattern10.test(data6)){
const err0 = {instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
}
else {
const err1 = {instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
}
var _valid0 = _errs19 === errors;
valid3 = valid3 || _valid0;
const _errs21 = errors;
if(data6 !== null){
const err2 = {instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
}
var _valid0 = _errs21 === errors;
valid3 = valid3 || _valid0;
if(!valid3){
const err3 = {instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
validate73.errors = vErrors;
return false;
}
else {
errors = _errs18;
if(vErrors !== null){
if(_errs18){
vErrors.length = _errs18;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs17 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.mixCardId !== undefined){
let data7 = data.mixCardId;
const _errs23 = errors;
const _errs24 = errors;
let valid4 = false;
const _errs25 = errors;
if(errors === _errs25){
if(typeof data7 === "string"){
if(!pattern10.test(data7)){
const err4 = {instancePath:instancePath+"/mixCardId",schemaPath:"#/properties/mixCardId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
}
else {
const err5 = {instancePath:instancePath+"/mixCardId",schemaPath:"#/properties/mixCardId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
}
var _valid1 = _errs25 === errors;
valid4 = valid4 || _valid1;
const _errs27 = errors;
if(data7 !== null){
const err6 = {instancePath:instancePath+"/mixCardId",schemaPath:"#/properties/mixCardId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
}
var _valid1 = _errs27 === errors;
valid4 = valid4 || _valid1;
if(!valid4){
const err7 = {instancePath:instancePath+"/mixCardId",schemaPath:"#/properties/mixCardId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
validate73.errors = vErrors;
return false;
}
else {
errors = _errs24;
if(vErrors !== null){
if(_errs24){
vErrors.length = _errs24;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs23 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
else {
validate73.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate73.errors = vErrors;
return errors === 0;
}
validate73.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};


function validate70(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate70.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if(((((((((((data.propId === undefined) && (missing0 = "propId")) || ((data.referenceId === undefined) && (missing0 = "referenceId"))) || ((data.ownId === undefined) && (missing0 = "ownId"))) || ((data.atMs === undefined) && (missing0 = "atMs"))) || ((data.conditions === undefined) && (missing0 = "conditions"))) || ((data.isFlat === undefined) && (missing0 = "isFlat"))) || ((data.spots === undefined) && (missing0 = "spots"))) || ((data.regions === undefined) && (missing0 = "regions"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate70.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(func1.call(schema112.properties, key0))){
validate70.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.propId !== undefined){
let data0 = data.propId;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(!pattern10.test(data0)){
validate70.errors = [{instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate70.errors = [{instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.referenceId !== undefined){
let data1 = data.referenceId;
const _errs4 = errors;
if(errors === _errs4){
if(typeof data1 === "string"){
if(!pattern10.test(data1)){
validate70.errors = [{instancePath:instancePath+"/referenceId",schemaPath:"#/properties/referenceId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate70.errors = [{instancePath:instancePath+"/referenceId",schemaPath:"#/properties/referenceId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.ownId !== undefined){
let data2 = data.ownId;
const _errs6 = errors;
if(errors === _errs6){
if(typeof data2 === "string"){
if(!pattern10.test(data2)){
validate70.errors = [{instancePath:instancePath+"/ownId",schemaPath:"#/properties/ownId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate70.errors = [{instancePath:instancePath+"/ownId",schemaPath:"#/properties/ownId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs6 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.atMs !== undefined){
let data3 = data.atMs;
const _errs8 = errors;
if(!(((typeof data3 == "number") && (!(data3 % 1) && !isNaN(data3))) && (isFinite(data3)))){
validate70.errors = [{instancePath:instancePath+"/atMs",schemaPath:"#/properties/atMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs8){
if((typeof data3 == "number") && (isFinite(data3))){
if(data3 > 4102444800000 || isNaN(data3)){
validate70.errors = [{instancePath:instancePath+"/atMs",schemaPath:"#/properties/atMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data3 < 946684800000 || isNaN(data3)){
validate70.errors = [{instancePath:instancePath+"/atMs",schemaPath:"#/properties/atMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid0 = _errs8 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.conditions !== undefined){
let data4 = data.conditions;
const _errs10 = errors;
if(typeof data4 !== "string"){
validate70.errors = [{instancePath:instancePath+"/conditions",schemaPath:"#/properties/conditions/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((((data4 === "sameCameraAndLight") || (data4 === "lightElsewhere")) || (data4 === "otherCamera")) || (data4 === "otherLight")) || (data4 === "otherLightAndCamera")) || (data4 === "chipsInBoth"))){
validate70.errors = [{instancePath:instancePath+"/conditions",schemaPath:"#/properties/conditions/enum",keyword:"enum",params:{allowedValues: schema112.properties.conditions.enum}}];
return false;
}
var valid0 = _errs10 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.isFlat !== undefined){
const _errs12 = errors;
if(typeof data.isFlat !== "boolean"){
validate70.errors = [{instancePath:instancePath+"/isFlat",schemaPath:"#/properties/isFlat/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid0 = _errs12 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.spots !== undefined){
let data6 = data.spots;
const _errs14 = errors;
if(errors === _errs14){
if(Array.isArray(data6)){
if(data6.length > 60){
validate70.errors = [{instancePath:instancePath+"/spots",schemaPath:"#/properties/spots/maxItems",keyword:"maxItems",params:{limit: 60}}];
return false;
}
else {
var valid1 = true;
const len0 = data6.length;
for(let i0=0; i0<len0; i0++){
const _errs16 = errors;
if(!(validate71(data6[i0], {instancePath:instancePath+"/spots/" + i0,parentData:data6,parentDataProperty:i0,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate71.errors : vErrors.concat(validate71.errors);
errors = vErrors.length;
}
var valid1 = _errs16 === errors;
if(!valid1){
break;
}
}
}
}
else {
validate70.errors = [{instancePath:instancePath+"/spots",schemaPath:"#/properties/spots/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs14 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.regions !== undefined){
let data8 = data.regions;
const _errs17 = errors;
if(errors === _errs17){
if(Array.isArray(data8)){
if(data8.length > 60){
validate70.errors = [{instancePath:instancePath+"/regions",schemaPath:"#/properties/regions/maxItems",keyword:"maxItems",params:{limit: 60}}];
return false;
}
else {
var valid2 = true;
const len1 = data8.length;
for(let i1=0; i1<len1; i1++){
const _errs19 = errors;
if(!(validate73(data8[i1], {instancePath:instancePath+"/regions/" + i1,parentData:data8,parentDataProperty:i1,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate73.errors : vErrors.concat(validate73.errors);
errors = vErrors.length;
}
var valid2 = _errs19 === errors;
if(!valid2){
break;
}
}
}
}
else {
validate70.errors = [{instancePath:instancePath+"/regions",schemaPath:"#/properties/regions/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs17 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data10 = data.id;
const _errs20 = errors;
if(errors === _errs20){
if(typeof data10 === "string"){
if(!pattern10.test(data10)){
validate70.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate70.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs20 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data11 = data.revision;
const _errs22 = errors;
if(!(((typeof data11 == "number") && (!(data11 % 1) && !isNaN(data11))) && (isFinite(data11)))){
validate70.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs22){
if((typeof data11 == "number") && (isFinite(data11))){
if(data11 < 0 || isNaN(data11)){
validate70.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs22 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate70.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate70.errors = vErrors;
return errors === 0;
}
validate70.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const schema118 = {"properties":{"propId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"partId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"kind":{"type":"string","enum":["singles","strip","addressable"]},"supplyId":{"type":"string","enum":["coin","aaa","aa","lithiumPack","usbBank","fixed"]},"cells":{"maximum":100,"type":"integer","minimum":1},"fixedVolts":{"maximum":60,"type":"number","minimum":0},"milliampHours":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0.1},{"type":"null"}]},"usable":{"maximum":1,"type":"number","minimum":0.05},"brightness":{"maximum":1,"type":"number","minimum":0.01},"colour":{"type":"string","enum":["warm","neutral","cool","red","amber","green","blue"]},"leds":{"maximum":10000,"type":"integer","minimum":0},"inRow":{"maximum":100,"type":"integer","minimum":1},"milliampsEach":{"maximum":5000,"type":"number","minimum":0},"pitchMillimetres":{"maximum":10000,"type":"number","minimum":0.1},"beamDegrees":{"maximum":170,"type":"number","minimum":1},"ohmsPerLed":{"maximum":100,"type":"number","minimum":0},"feeds":{"items":{"maximum":9999,"type":"integer","minimum":0},"type":"array","maxItems":50},"leadMillimetres":{"maximum":100000,"type":"number","minimum":0},"squareMillimetres":{"maximum":100,"type":"number","minimum":0.005},"cutEvery":{"maximum":100,"type":"integer","minimum":1},"rows":{"maximum":100,"type":"integer","minimum":1},"rowMillimetres":{"maximum":10000,"type":"number","minimum":0.1},"distanceMillimetres":{"maximum":10000,"type":"number","minimum":0},"foamSheets":{"maximum":20,"type":"integer","minimum":0},"skinHex":{"anyOf":[{"pattern":"^#[0-9a-f]{6}$","type":"string"},{"type":"null"}]},"heatAreaSquareCentimetres":{"anyOf":[{"maximum":1000000,"type":"number","minimum":0.1},{"type":"null"}]},"darkPartId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"wallMillimetres":{"maximum":1000,"type":"number","minimum":0},"seamMillimetres":{"maximum":100,"type":"number","minimum":0},"hasLip":{"type":"boolean"},"isSeamBlack":{"type":"boolean"},"flashHertz":{"anyOf":[{"maximum":1000,"type":"number","minimum":0.01},{"type":"null"}]},"pulseHertz":{"anyOf":[{"maximum":1000000,"type":"number","minimum":1},{"type":"null"}]},"controller":{"$ref":"#/$defs/LightSpot","type":"object"},"groups":{"items":{"$ref":"#/$defs/LightGroup"},"type":"array","maxItems":200},"wires":{"items":{"$ref":"#/$defs/LightWire"},"type":"array","maxItems":400},"rungIds":{"items":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"type":"array","maxItems":20},"note":{"maxLength":4000,"type":"string"},"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"revision":{"minimum":0,"type":"integer"}},"type":"object","required":["propId","partId","name","kind","supplyId","cells","fixedVolts","milliampHours","usable","brightness","colour","leds","inRow","milliampsEach","pitchMillimetres","beamDegrees","ohmsPerLed","feeds","leadMillimetres","squareMillimetres","cutEvery","rows","rowMillimetres","distanceMillimetres","foamSheets","skinHex","heatAreaSquareCentimetres","darkPartId","wallMillimetres","seamMillimetres","hasLip","isSeamBlack","flashHertz","pulseHertz","controller","groups","wires","rungIds","note","id","revision"],"additionalProperties":false};
const schema119 = {"properties":{"x":{"maximum":10000,"type":"number","minimum":-10000},"y":{"maximum":10000,"type":"number","minimum":-10000},"z":{"maximum":10000,"type":"number","minimum":-10000}},"type":"object","required":["x","y","z"],"additionalProperties":false};
const schema123 = {"properties":{"fromId":{"anyOf":[{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},{"type":"null"}]},"fromEnd":{"type":"string","enum":["in","out"]},"toId":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"toEnd":{"type":"string","enum":["in","out"]}},"type":"object","required":["fromId","fromEnd","toId","toEnd"],"additionalProperties":false};
const schema120 = {"properties":{"id":{"pattern":"^[A-Za-z0-9_-]{1,64}$","type":"string"},"name":{"minLength":1,"type":"string","maxLength":200,"pattern":"^[^\\u0000-\\u001f\\u007f]*$"},"in":{"$ref":"#/$defs/LightSpot","type":"object"},"out":{"$ref":"#/$defs/LightSpot","type":"object"},"hasPower":{"type":"boolean"},"hasGround":{"type":"boolean"}},"type":"object","required":["id","name","in","out","hasPower","hasGround"],"additionalProperties":false};

function validate77(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate77.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if(((((((data.id === undefined) && (missing0 = "id")) || ((data.name === undefined) && (missing0 = "name"))) || ((data.in === undefined) && (missing0 = "in"))) || ((data.out === undefined) && (missing0 = "out"))) || ((data.hasPower === undefined) && (missing0 = "hasPower"))) || ((data.hasGround === undefined) && (missing0 = "hasGround"))){
validate77.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!((((((key0 === "id") || (key0 === "name")) || (key0 === "in")) || (key0 === "out")) || (key0 === "hasPower")) || (key0 === "hasGround"))){
validate77.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.id !== undefined){
let data0 = data.id;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(!pattern10.test(data0)){
validate77.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate77.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.name !== undefined){
let data1 = data.name;
const _errs4 = errors;
if(errors === _errs4){
if(typeof data1 === "string"){
if(data1.length > 200){
validate77.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data1.length < 1){
validate77.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data1)){
validate77.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate77.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.in !== undefined){
let data2 = data.in;
const _errs6 = errors;
if(!(data2 && typeof data2 == "object" && !Array.isArray(data2))){
validate77.errors = [{instancePath:instancePath+"/in",schemaPath:"#/properties/in/type",keyword:"type",params:{type: "object"}}];
return false;
}
const _errs7 = errors;
if(errors === _errs7){
if(data2 && typeof data2 == "object" && !Array.isArray(data2)){
let missing1;
if((((data2.x === undefined) && (missing1 = "x")) || ((data2.y === undefined) && (missing1 = "y"))) || ((data2.z === undefined) && (missing1 = "z"))){
validate77.errors = [{instancePath:instancePath+"/in",schemaPath:"#/$defs/LightSpot/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs9 = errors;
for(const key1 in data2){
if(!(((key1 === "x") || (key1 === "y")) || (key1 === "z"))){
validate77.errors = [{instancePath:instancePath+"/in",schemaPath:"#/$defs/LightSpot/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs9 === errors){
if(data2.x !== undefined){
let data3 = data2.x;
const _errs10 = errors;
if(errors === _errs10){
if((typeof data3 == "number") && (isFinite(data3))){
if(data3 > 10000 || isNaN(data3)){
validate77.errors = [{instancePath:instancePath+"/in/x",schemaPath:"#/$defs/LightSpot/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data3 < -10000 || isNaN(data3)){
validate77.errors = [{instancePath:instancePath+"/in/x",schemaPath:"#/$defs/LightSpot/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: -10000}}];
return false;
}
}
}
else {
validate77.errors = [{instancePath:instancePath+"/in/x",schemaPath:"#/$defs/LightSpot/properties/x/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs10 === errors;
}
else {
var valid2 = true;
}
if(valid2){
if(data2.y !== undefined){
let data4 = data2.y;
const _errs12 = errors;
if(errors === _errs12){
if((typeof data4 == "number") && (isFinite(data4))){
if(data4 > 10000 || isNaN(data4)){
validate77.errors = [{instancePath:instancePath+"/in/y",schemaPath:"#/$defs/LightSpot/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data4 < -10000 || isNaN(data4)){
validate77.errors = [{instancePath:instancePath+"/in/y",schemaPath:"#/$defs/LightSpot/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: -10000}}];
return false;
}
}
}
else {
validate77.errors = [{instancePath:instancePath+"/in/y",schemaPath:"#/$defs/LightSpot/properties/y/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs12 === errors;
}
else {
var valid2 = true;
}
if(valid2){
if(data2.z !== undefined){
let data5 = data2.z;
const _errs14 = errors;
if(errors === _errs14){
if((typeof data5 == "number") && (isFinite(data5))){
if(data5 > 10000 || isNaN(data5)){
validate77.errors = [{instancePath:instancePath+"/in/z",schemaPath:"#/$defs/LightSpot/properties/z/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data5 < -10000 || isNaN(data5)){
validate77.errors = [{instancePath:instancePath+"/in/z",schemaPath:"#/$defs/LightSpot/properties/z/minimum",keyword:"minimum",params:{comparison: ">=", limit: -10000}}];
return false;
}
}
}
else {
validate77.errors = [{instancePath:instancePath+"/in/z",schemaPath:"#/$defs/LightSpot/properties/z/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid2 = _errs14 === errors;
}
else {
var valid2 = true;
}
}
}
}
}
}
else {
validate77.errors = [{instancePath:instancePath+"/in",schemaPath:"#/$defs/LightSpot/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid0 = _errs6 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.out !== undefined){
let data6 = data.out;
const _errs17 = errors;
if(!(data6 && typeof data6 == "object" && !Array.isArray(data6))){
validate77.errors = [{instancePath:instancePath+"/out",schemaPath:"#/properties/out/type",keyword:"type",params:{type: "object"}}];
return false;
}
const _errs18 = errors;
if(errors === _errs18){
if(data6 && typeof data6 == "object" && !Array.isArray(data6)){
let missing2;
if((((data6.x === undefined) && (missing2 = "x")) || ((data6.y === undefined) && (missing2 = "y"))) || ((data6.z === undefined) && (missing2 = "z"))){
validate77.errors = [{instancePath:instancePath+"/out",schemaPath:"#/$defs/LightSpot/required",keyword:"required",params:{missingProperty: missing2}}];
return false;
}
else {
const _errs20 = errors;
for(const key2 in data6){
if(!(((key2 === "x") || (key2 === "y")) || (key2 === "z"))){
validate77.errors = [{instancePath:instancePath+"/out",schemaPath:"#/$defs/LightSpot/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key2}}];
return false;
break;
}
}
if(_errs20 === errors){
if(data6.x !== undefined){
let data7 = data6.x;
const _errs21 = errors;
if(errors === _errs21){
if((typeof data7 == "number") && (isFinite(data7))){
if(data7 > 10000 || isNaN(data7)){
validate77.errors = [{instancePath:instancePath+"/out/x",schemaPath:"#/$defs/LightSpot/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data7 < -10000 || isNaN(data7)){
validate77.errors = [{instancePath:instancePath+"/out/x",schemaPath:"#/$defs/LightSpot/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: -10000}}];
return false;
}
}
}
else {
validate77.errors = [{instancePath:instancePath+"/out/x",schemaPath:"#/$defs/LightSpot/properties/x/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid4 = _errs21 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data6.y !== undefined){
let data8 = data6.y;
const _errs23 = errors;
if(errors === _errs23){
if((typeof data8 == "number") && (isFinite(data8))){
if(data8 > 10000 || isNaN(data8)){
validate77.errors = [{instancePath:instancePath+"/out/y",schemaPath:"#/$defs/LightSpot/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data8 < -10000 || isNaN(data8)){
validate77.errors = [{instancePath:instancePath+"/out/y",schemaPath:"#/$defs/LightSpot/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: -10000}}];
return false;
}
}
}
else {
validate77.errors = [{instancePath:instancePath+"/out/y",schemaPath:"#/$defs/LightSpot/properties/y/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid4 = _errs23 === errors;
}
else {
var valid4 = true;
}
if(valid4){
if(data6.z !== undefined){
let data9 = data6.z;
const _errs25 = errors;
if(errors === _errs25){
if((typeof data9 == "number") && (isFinite(data9))){
if(data9 > 10000 || isNaN(data9)){
validate77.errors = [{instancePath:instancePath+"/out/z",schemaPath:"#/$defs/LightSpot/properties/z/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data9 < -10000 || isNaN(data9)){
validate77.errors = [{instancePath:instancePath+"/out/z",schemaPath:"#/$defs/LightSpot/properties/z/minimum",keyword:"minimum",params:{comparison: ">=", limit: -10000}}];
return false;
}
}
}
else {
validate77.errors = [{instancePath:instancePath+"/out/z",schemaPath:"#/$defs/LightSpot/properties/z/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid4 = _errs25 === errors;
}
else {
var valid4 = true;
}
}
}
}
}
}
else {
validate77.errors = [{instancePath:instancePath+"/out",schemaPath:"#/$defs/LightSpot/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid0 = _errs17 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.hasPower !== undefined){
const _errs28 = errors;
if(typeof data.hasPower !== "boolean"){
validate77.errors = [{instancePath:instancePath+"/hasPower",schemaPath:"#/properties/hasPower/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid0 = _errs28 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.hasGround !== undefined){
const _errs30 = errors;
if(typeof data.hasGround !== "boolean"){
validate77.errors = [{instancePath:instancePath+"/hasGround",schemaPath:"#/properties/hasGround/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid0 = _errs30 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
else {
validate77.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate77.errors = vErrors;
return errors === 0;
}
validate77.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};


function validate76(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
let vErrors = null;
let errors = 0;
const evaluated0 = validate76.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if((((((((((((((((((((((((((((((((((((((((((data.propId === undefined) && (missing0 = "propId")) || ((data.partId === undefined) && (missing0 = "partId"))) || ((data.name === undefined) && (missing0 = "name"))) || ((data.kind === undefined) && (missing0 = "kind"))) || ((data.supplyId === undefined) && (missing0 = "supplyId"))) || ((data.cells === undefined) && (missing0 = "cells"))) || ((data.fixedVolts === undefined) && (missing0 = "fixedVolts"))) || ((data.milliampHours === undefined) && (missing0 = "milliampHours"))) || ((data.usable === undefined) && (missing0 = "usable"))) || ((data.brightness === undefined) && (missing0 = "brightness"))) || ((data.colour === undefined) && (missing0 = "colour"))) || ((data.leds === undefined) && (missing0 = "leds"))) || ((data.inRow === undefined) && (missing0 = "inRow"))) || ((data.milliampsEach === undefined) && (missing0 = "milliampsEach"))) || ((data.pitchMillimetres === undefined) && (missing0 = "pitchMillimetres"))) || ((data.beamDegrees === undefined) && (missing0 = "beamDegrees"))) || ((data.ohmsPerLed === undefined) && (missing0 = "ohmsPerLed"))) || ((data.feeds === undefined) && (missing0 = "feeds"))) || ((data.leadMillimetres === undefined) && (missing0 = "leadMillimetres"))) || ((data.squareMillimetres === undefined) && (missing0 = "squareMillimetres"))) || ((data.cutEvery === undefined) && (missing0 = "cutEvery"))) || ((data.rows === undefined) && (missing0 = "rows"))) || ((data.rowMillimetres === undefined) && (missing0 = "rowMillimetres"))) || ((data.distanceMillimetres === undefined) && (missing0 = "distanceMillimetres"))) || ((data.foamSheets === undefined) && (missing0 = "foamSheets"))) || ((data.skinHex === undefined) && (missing0 = "skinHex"))) || ((data.heatAreaSquareCentimetres === undefined) && (missing0 = "heatAreaSquareCentimetres"))) || ((data.darkPartId === undefined) && (missing0 = "darkPartId"))) || ((data.wallMillimetres === undefined) && (missing0 = "wallMillimetres"))) || ((data.seamMillimetres === undefined) && (missing0 = "seamMillimetres"))) || ((data.hasLip === undefined) && (missing0 = "hasLip"))) || ((data.isSeamBlack === undefined) && (missing0 = "isSeamBlack"))) || ((data.flashHertz === undefined) && (missing0 = "flashHertz"))) || ((data.pulseHertz === undefined) && (missing0 = "pulseHertz"))) || ((data.controller === undefined) && (missing0 = "controller"))) || ((data.groups === undefined) && (missing0 = "groups"))) || ((data.wires === undefined) && (missing0 = "wires"))) || ((data.rungIds === undefined) && (missing0 = "rungIds"))) || ((data.note === undefined) && (missing0 = "note"))) || ((data.id === undefined) && (missing0 = "id"))) || ((data.revision === undefined) && (missing0 = "revision"))){
validate76.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(func1.call(schema118.properties, key0))){
validate76.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.propId !== undefined){
let data0 = data.propId;
const _errs2 = errors;
if(errors === _errs2){
if(typeof data0 === "string"){
if(!pattern10.test(data0)){
validate76.errors = [{instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate76.errors = [{instancePath:instancePath+"/propId",schemaPath:"#/properties/propId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.partId !== undefined){
let data1 = data.partId;
const _errs4 = errors;
const _errs5 = errors;
let valid1 = false;
const _errs6 = errors;
if(errors === _errs6){
if(typeof data1 === "string"){
if(!pattern10.test(data1)){
const err0 = {instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
}
else {
const err1 = {instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
}
var _valid0 = _errs6 === errors;
valid1 = valid1 || _valid0;
const _errs8 = errors;
if(data1 !== null){
const err2 = {instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
}
var _valid0 = _errs8 === errors;
valid1 = valid1 || _valid0;
if(!valid1){
const err3 = {instancePath:instancePath+"/partId",schemaPath:"#/properties/partId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
validate76.errors = vErrors;
return false;
}
else {
errors = _errs5;
if(vErrors !== null){
if(_errs5){
vErrors.length = _errs5;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.name !== undefined){
let data2 = data.name;
const _errs10 = errors;
if(errors === _errs10){
if(typeof data2 === "string"){
if(data2.length > 200){
validate76.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data2.length < 1){
validate76.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data2)){
validate76.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs10 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.kind !== undefined){
let data3 = data.kind;
const _errs12 = errors;
if(typeof data3 !== "string"){
validate76.errors = [{instancePath:instancePath+"/kind",schemaPath:"#/properties/kind/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((data3 === "singles") || (data3 === "strip")) || (data3 === "addressable"))){
validate76.errors = [{instancePath:instancePath+"/kind",schemaPath:"#/properties/kind/enum",keyword:"enum",params:{allowedValues: schema118.properties.kind.enum}}];
return false;
}
var valid0 = _errs12 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.supplyId !== undefined){
let data4 = data.supplyId;
const _errs14 = errors;
if(typeof data4 !== "string"){
validate76.errors = [{instancePath:instancePath+"/supplyId",schemaPath:"#/properties/supplyId/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((((data4 === "coin") || (data4 === "aaa")) || (data4 === "aa")) || (data4 === "lithiumPack")) || (data4 === "usbBank")) || (data4 === "fixed"))){
validate76.errors = [{instancePath:instancePath+"/supplyId",schemaPath:"#/properties/supplyId/enum",keyword:"enum",params:{allowedValues: schema118.properties.supplyId.enum}}];
return false;
}
var valid0 = _errs14 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.cells !== undefined){
let data5 = data.cells;
const _errs16 = errors;
if(!(((typeof data5 == "number") && (!(data5 % 1) && !isNaN(data5))) && (isFinite(data5)))){
validate76.errors = [{instancePath:instancePath+"/cells",schemaPath:"#/properties/cells/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs16){
if((typeof data5 == "number") && (isFinite(data5))){
if(data5 > 100 || isNaN(data5)){
validate76.errors = [{instancePath:instancePath+"/cells",schemaPath:"#/properties/cells/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}}];
return false;
}
else {
if(data5 < 1 || isNaN(data5)){
validate76.errors = [{instancePath:instancePath+"/cells",schemaPath:"#/properties/cells/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid0 = _errs16 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.fixedVolts !== undefined){
let data6 = data.fixedVolts;
const _errs18 = errors;
if(errors === _errs18){
if((typeof data6 == "number") && (isFinite(data6))){
if(data6 > 60 || isNaN(data6)){
validate76.errors = [{instancePath:instancePath+"/fixedVolts",schemaPath:"#/properties/fixedVolts/maximum",keyword:"maximum",params:{comparison: "<=", limit: 60}}];
return false;
}
else {
if(data6 < 0 || isNaN(data6)){
validate76.errors = [{instancePath:instancePath+"/fixedVolts",schemaPath:"#/properties/fixedVolts/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/fixedVolts",schemaPath:"#/properties/fixedVolts/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs18 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.milliampHours !== undefined){
let data7 = data.milliampHours;
const _errs20 = errors;
const _errs21 = errors;
let valid2 = false;
const _errs22 = errors;
if(errors === _errs22){
if((typeof data7 == "number") && (isFinite(data7))){
if(data7 > 1000000 || isNaN(data7)){
const err4 = {instancePath:instancePath+"/milliampHours",schemaPath:"#/properties/milliampHours/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
}
else {
if(data7 < 0.1 || isNaN(data7)){
const err5 = {instancePath:instancePath+"/milliampHours",schemaPath:"#/properties/milliampHours/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.1}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
}
}
else {
const err6 = {instancePath:instancePath+"/milliampHours",schemaPath:"#/properties/milliampHours/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
}
}
var _valid1 = _errs22 === errors;
valid2 = valid2 || _valid1;
const _errs24 = errors;
if(data7 !== null){
const err7 = {instancePath:instancePath+"/milliampHours",schemaPath:"#/properties/milliampHours/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
}
var _valid1 = _errs24 === errors;
valid2 = valid2 || _valid1;
if(!valid2){
const err8 = {instancePath:instancePath+"/milliampHours",schemaPath:"#/properties/milliampHours/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
validate76.errors = vErrors;
return false;
}
else {
errors = _errs21;
if(vErrors !== null){
if(_errs21){
vErrors.length = _errs21;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs20 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.usable !== undefined){
let data8 = data.usable;
const _errs26 = errors;
if(errors === _errs26){
if((typeof data8 == "number") && (isFinite(data8))){
if(data8 > 1 || isNaN(data8)){
validate76.errors = [{instancePath:instancePath+"/usable",schemaPath:"#/properties/usable/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data8 < 0.05 || isNaN(data8)){
validate76.errors = [{instancePath:instancePath+"/usable",schemaPath:"#/properties/usable/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.05}}];
return false;
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/usable",schemaPath:"#/properties/usable/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs26 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.brightness !== undefined){
let data9 = data.brightness;
const _errs28 = errors;
if(errors === _errs28){
if((typeof data9 == "number") && (isFinite(data9))){
if(data9 > 1 || isNaN(data9)){
validate76.errors = [{instancePath:instancePath+"/brightness",schemaPath:"#/properties/brightness/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data9 < 0.01 || isNaN(data9)){
validate76.errors = [{instancePath:instancePath+"/brightness",schemaPath:"#/properties/brightness/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.01}}];
return false;
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/brightness",schemaPath:"#/properties/brightness/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs28 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.colour !== undefined){
let data10 = data.colour;
const _errs30 = errors;
if(typeof data10 !== "string"){
validate76.errors = [{instancePath:instancePath+"/colour",schemaPath:"#/properties/colour/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((((((data10 === "warm") || (data10 === "neutral")) || (data10 === "cool")) || (data10 === "red")) || (data10 === "amber")) || (data10 === "green")) || (data10 === "blue"))){
validate76.errors = [{instancePath:instancePath+"/colour",schemaPath:"#/properties/colour/enum",keyword:"enum",params:{allowedValues: schema118.properties.colour.enum}}];
return false;
}
var valid0 = _errs30 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.leds !== undefined){
let data11 = data.leds;
const _errs32 = errors;
if(!(((typeof data11 == "number") && (!(data11 % 1) && !isNaN(data11))) && (isFinite(data11)))){
validate76.errors = [{instancePath:instancePath+"/leds",schemaPath:"#/properties/leds/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs32){
if((typeof data11 == "number") && (isFinite(data11))){
if(data11 > 10000 || isNaN(data11)){
validate76.errors = [{instancePath:instancePath+"/leds",schemaPath:"#/properties/leds/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data11 < 0 || isNaN(data11)){
validate76.errors = [{instancePath:instancePath+"/leds",schemaPath:"#/properties/leds/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
}
var valid0 = _errs32 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.inRow !== undefined){
let data12 = data.inRow;
const _errs34 = errors;
if(!(((typeof data12 == "number") && (!(data12 % 1) && !isNaN(data12))) && (isFinite(data12)))){
validate76.errors = [{instancePath:instancePath+"/inRow",schemaPath:"#/properties/inRow/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs34){
if((typeof data12 == "number") && (isFinite(data12))){
if(data12 > 100 || isNaN(data12)){
validate76.errors = [{instancePath:instancePath+"/inRow",schemaPath:"#/properties/inRow/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}}];
return false;
}
else {
if(data12 < 1 || isNaN(data12)){
validate76.errors = [{instancePath:instancePath+"/inRow",schemaPath:"#/properties/inRow/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid0 = _errs34 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.milliampsEach !== undefined){
let data13 = data.milliampsEach;
const _errs36 = errors;
if(errors === _errs36){
if((typeof data13 == "number") && (isFinite(data13))){
if(data13 > 5000 || isNaN(data13)){
validate76.errors = [{instancePath:instancePath+"/milliampsEach",schemaPath:"#/properties/milliampsEach/maximum",keyword:"maximum",params:{comparison: "<=", limit: 5000}}];
return false;
}
else {
if(data13 < 0 || isNaN(data13)){
validate76.errors = [{instancePath:instancePath+"/milliampsEach",schemaPath:"#/properties/milliampsEach/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/milliampsEach",schemaPath:"#/properties/milliampsEach/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs36 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.pitchMillimetres !== undefined){
let data14 = data.pitchMillimetres;
const _errs38 = errors;
if(errors === _errs38){
if((typeof data14 == "number") && (isFinite(data14))){
if(data14 > 10000 || isNaN(data14)){
validate76.errors = [{instancePath:instancePath+"/pitchMillimetres",schemaPath:"#/properties/pitchMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data14 < 0.1 || isNaN(data14)){
validate76.errors = [{instancePath:instancePath+"/pitchMillimetres",schemaPath:"#/properties/pitchMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.1}}];
return false;
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/pitchMillimetres",schemaPath:"#/properties/pitchMillimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs38 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.beamDegrees !== undefined){
let data15 = data.beamDegrees;
const _errs40 = errors;
if(errors === _errs40){
if((typeof data15 == "number") && (isFinite(data15))){
if(data15 > 170 || isNaN(data15)){
validate76.errors = [{instancePath:instancePath+"/beamDegrees",schemaPath:"#/properties/beamDegrees/maximum",keyword:"maximum",params:{comparison: "<=", limit: 170}}];
return false;
}
else {
if(data15 < 1 || isNaN(data15)){
validate76.errors = [{instancePath:instancePath+"/beamDegrees",schemaPath:"#/properties/beamDegrees/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/beamDegrees",schemaPath:"#/properties/beamDegrees/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs40 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.ohmsPerLed !== undefined){
let data16 = data.ohmsPerLed;
const _errs42 = errors;
if(errors === _errs42){
if((typeof data16 == "number") && (isFinite(data16))){
if(data16 > 100 || isNaN(data16)){
validate76.errors = [{instancePath:instancePath+"/ohmsPerLed",schemaPath:"#/properties/ohmsPerLed/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}}];
return false;
}
else {
if(data16 < 0 || isNaN(data16)){
validate76.errors = [{instancePath:instancePath+"/ohmsPerLed",schemaPath:"#/properties/ohmsPerLed/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/ohmsPerLed",schemaPath:"#/properties/ohmsPerLed/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs42 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.feeds !== undefined){
let data17 = data.feeds;
const _errs44 = errors;
if(errors === _errs44){
if(Array.isArray(data17)){
if(data17.length > 50){
validate76.errors = [{instancePath:instancePath+"/feeds",schemaPath:"#/properties/feeds/maxItems",keyword:"maxItems",params:{limit: 50}}];
return false;
}
else {
var valid3 = true;
const len0 = data17.length;
for(let i0=0; i0<len0; i0++){
let data18 = data17[i0];
const _errs46 = errors;
if(!(((typeof data18 == "number") && (!(data18 % 1) && !isNaN(data18))) && (isFinite(data18)))){
validate76.errors = [{instancePath:instancePath+"/feeds/" + i0,schemaPath:"#/properties/feeds/items/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs46){
if((typeof data18 == "number") && (isFinite(data18))){
if(data18 > 9999 || isNaN(data18)){
validate76.errors = [{instancePath:instancePath+"/feeds/" + i0,schemaPath:"#/properties/feeds/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 9999}}];
return false;
}
else {
if(data18 < 0 || isNaN(data18)){
validate76.errors = [{instancePath:instancePath+"/feeds/" + i0,schemaPath:"#/properties/feeds/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
}
var valid3 = _errs46 === errors;
if(!valid3){
break;
}
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/feeds",schemaPath:"#/properties/feeds/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs44 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.leadMillimetres !== undefined){
let data19 = data.leadMillimetres;
const _errs48 = errors;
if(errors === _errs48){
if((typeof data19 == "number") && (isFinite(data19))){
if(data19 > 100000 || isNaN(data19)){
validate76.errors = [{instancePath:instancePath+"/leadMillimetres",schemaPath:"#/properties/leadMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100000}}];
return false;
}
else {
if(data19 < 0 || isNaN(data19)){
validate76.errors = [{instancePath:instancePath+"/leadMillimetres",schemaPath:"#/properties/leadMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/leadMillimetres",schemaPath:"#/properties/leadMillimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs48 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.squareMillimetres !== undefined){
let data20 = data.squareMillimetres;
const _errs50 = errors;
if(errors === _errs50){
if((typeof data20 == "number") && (isFinite(data20))){
if(data20 > 100 || isNaN(data20)){
validate76.errors = [{instancePath:instancePath+"/squareMillimetres",schemaPath:"#/properties/squareMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}}];
return false;
}
else {
if(data20 < 0.005 || isNaN(data20)){
validate76.errors = [{instancePath:instancePath+"/squareMillimetres",schemaPath:"#/properties/squareMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.005}}];
return false;
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/squareMillimetres",schemaPath:"#/properties/squareMillimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs50 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.cutEvery !== undefined){
let data21 = data.cutEvery;
const _errs52 = errors;
if(!(((typeof data21 == "number") && (!(data21 % 1) && !isNaN(data21))) && (isFinite(data21)))){
validate76.errors = [{instancePath:instancePath+"/cutEvery",schemaPath:"#/properties/cutEvery/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs52){
if((typeof data21 == "number") && (isFinite(data21))){
if(data21 > 100 || isNaN(data21)){
validate76.errors = [{instancePath:instancePath+"/cutEvery",schemaPath:"#/properties/cutEvery/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}}];
return false;
}
else {
if(data21 < 1 || isNaN(data21)){
validate76.errors = [{instancePath:instancePath+"/cutEvery",schemaPath:"#/properties/cutEvery/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid0 = _errs52 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.rows !== undefined){
let data22 = data.rows;
const _errs54 = errors;
if(!(((typeof data22 == "number") && (!(data22 % 1) && !isNaN(data22))) && (isFinite(data22)))){
validate76.errors = [{instancePath:instancePath+"/rows",schemaPath:"#/properties/rows/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs54){
if((typeof data22 == "number") && (isFinite(data22))){
if(data22 > 100 || isNaN(data22)){
validate76.errors = [{instancePath:instancePath+"/rows",schemaPath:"#/properties/rows/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}}];
return false;
}
else {
if(data22 < 1 || isNaN(data22)){
validate76.errors = [{instancePath:instancePath+"/rows",schemaPath:"#/properties/rows/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid0 = _errs54 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.rowMillimetres !== undefined){
let data23 = data.rowMillimetres;
const _errs56 = errors;
if(errors === _errs56){
if((typeof data23 == "number") && (isFinite(data23))){
if(data23 > 10000 || isNaN(data23)){
validate76.errors = [{instancePath:instancePath+"/rowMillimetres",schemaPath:"#/properties/rowMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data23 < 0.1 || isNaN(data23)){
validate76.errors = [{instancePath:instancePath+"/rowMillimetres",schemaPath:"#/properties/rowMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.1}}];
return false;
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/rowMillimetres",schemaPath:"#/properties/rowMillimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs56 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.distanceMillimetres !== undefined){
let data24 = data.distanceMillimetres;
const _errs58 = errors;
if(errors === _errs58){
if((typeof data24 == "number") && (isFinite(data24))){
if(data24 > 10000 || isNaN(data24)){
validate76.errors = [{instancePath:instancePath+"/distanceMillimetres",schemaPath:"#/properties/distanceMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data24 < 0 || isNaN(data24)){
validate76.errors = [{instancePath:instancePath+"/distanceMillimetres",schemaPath:"#/properties/distanceMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/distanceMillimetres",schemaPath:"#/properties/distanceMillimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs58 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.foamSheets !== undefined){
let data25 = data.foamSheets;
const _errs60 = errors;
if(!(((typeof data25 == "number") && (!(data25 % 1) && !isNaN(data25))) && (isFinite(data25)))){
validate76.errors = [{instancePath:instancePath+"/foamSheets",schemaPath:"#/properties/foamSheets/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs60){
if((typeof data25 == "number") && (isFinite(data25))){
if(data25 > 20 || isNaN(data25)){
validate76.errors = [{instancePath:instancePath+"/foamSheets",schemaPath:"#/properties/foamSheets/maximum",keyword:"maximum",params:{comparison: "<=", limit: 20}}];
return false;
}
else {
if(data25 < 0 || isNaN(data25)){
validate76.errors = [{instancePath:instancePath+"/foamSheets",schemaPath:"#/properties/foamSheets/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
}
var valid0 = _errs60 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.skinHex !== undefined){
let data26 = data.skinHex;
const _errs62 = errors;
const _errs63 = errors;
let valid4 = false;
const _errs64 = errors;
if(errors === _errs64){
if(typeof data26 === "string"){
if(!pattern36.test(data26)){
const err9 = {instancePath:instancePath+"/skinHex",schemaPath:"#/properties/skinHex/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^#[0-9a-f]{6}$"}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
}
}
else {
const err10 = {instancePath:instancePath+"/skinHex",schemaPath:"#/properties/skinHex/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
}
}
var _valid2 = _errs64 === errors;
valid4 = valid4 || _valid2;
const _errs66 = errors;
if(data26 !== null){
const err11 = {instancePath:instancePath+"/skinHex",schemaPath:"#/properties/skinHex/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
}
var _valid2 = _errs66 === errors;
valid4 = valid4 || _valid2;
if(!valid4){
const err12 = {instancePath:instancePath+"/skinHex",schemaPath:"#/properties/skinHex/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
validate76.errors = vErrors;
return false;
}
else {
errors = _errs63;
if(vErrors !== null){
if(_errs63){
vErrors.length = _errs63;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs62 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.heatAreaSquareCentimetres !== undefined){
let data27 = data.heatAreaSquareCentimetres;
const _errs68 = errors;
const _errs69 = errors;
let valid5 = false;
const _errs70 = errors;
if(errors === _errs70){
if((typeof data27 == "number") && (isFinite(data27))){
if(data27 > 1000000 || isNaN(data27)){
const err13 = {instancePath:instancePath+"/heatAreaSquareCentimetres",schemaPath:"#/properties/heatAreaSquareCentimetres/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
else {
if(data27 < 0.1 || isNaN(data27)){
const err14 = {instancePath:instancePath+"/heatAreaSquareCentimetres",schemaPath:"#/properties/heatAreaSquareCentimetres/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.1}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
}
}
}
else {
const err15 = {instancePath:instancePath+"/heatAreaSquareCentimetres",schemaPath:"#/properties/heatAreaSquareCentimetres/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
}
}
var _valid3 = _errs70 === errors;
valid5 = valid5 || _valid3;
const _errs72 = errors;
if(data27 !== null){
const err16 = {instancePath:instancePath+"/heatAreaSquareCentimetres",schemaPath:"#/properties/heatAreaSquareCentimetres/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err16];
}
else {
vErrors.push(err16);
}
errors++;
}
var _valid3 = _errs72 === errors;
valid5 = valid5 || _valid3;
if(!valid5){
const err17 = {instancePath:instancePath+"/heatAreaSquareCentimetres",schemaPath:"#/properties/heatAreaSquareCentimetres/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err17];
}
else {
vErrors.push(err17);
}
errors++;
validate76.errors = vErrors;
return false;
}
else {
errors = _errs69;
if(vErrors !== null){
if(_errs69){
vErrors.length = _errs69;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs68 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.darkPartId !== undefined){
let data28 = data.darkPartId;
const _errs74 = errors;
const _errs75 = errors;
let valid6 = false;
const _errs76 = errors;
if(errors === _errs76){
if(typeof data28 === "string"){
if(!pattern10.test(data28)){
const err18 = {instancePath:instancePath+"/darkPartId",schemaPath:"#/properties/darkPartId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err18];
}
else {
vErrors.push(err18);
}
errors++;
}
}
else {
const err19 = {instancePath:instancePath+"/darkPartId",schemaPath:"#/properties/darkPartId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err19];
}
else {
vErrors.push(err19);
}
errors++;
}
}
var _valid4 = _errs76 === errors;
valid6 = valid6 || _valid4;
const _errs78 = errors;
if(data28 !== null){
const err20 = {instancePath:instancePath+"/darkPartId",schemaPath:"#/properties/darkPartId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err20];
}
else {
vErrors.push(err20);
}
errors++;
}
var _valid4 = _errs78 === errors;
valid6 = valid6 || _valid4;
if(!valid6){
const err21 = {instancePath:instancePath+"/darkPartId",schemaPath:"#/properties/darkPartId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err21];
}
else {
vErrors.push(err21);
}
errors++;
validate76.errors = vErrors;
return false;
}
else {
errors = _errs75;
if(vErrors !== null){
if(_errs75){
vErrors.length = _errs75;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs74 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.wallMillimetres !== undefined){
let data29 = data.wallMillimetres;
const _errs80 = errors;
if(errors === _errs80){
if((typeof data29 == "number") && (isFinite(data29))){
if(data29 > 1000 || isNaN(data29)){
validate76.errors = [{instancePath:instancePath+"/wallMillimetres",schemaPath:"#/properties/wallMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000}}];
return false;
}
else {
if(data29 < 0 || isNaN(data29)){
validate76.errors = [{instancePath:instancePath+"/wallMillimetres",schemaPath:"#/properties/wallMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/wallMillimetres",schemaPath:"#/properties/wallMillimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs80 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.seamMillimetres !== undefined){
let data30 = data.seamMillimetres;
const _errs82 = errors;
if(errors === _errs82){
if((typeof data30 == "number") && (isFinite(data30))){
if(data30 > 100 || isNaN(data30)){
validate76.errors = [{instancePath:instancePath+"/seamMillimetres",schemaPath:"#/properties/seamMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}}];
return false;
}
else {
if(data30 < 0 || isNaN(data30)){
validate76.errors = [{instancePath:instancePath+"/seamMillimetres",schemaPath:"#/properties/seamMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/seamMillimetres",schemaPath:"#/properties/seamMillimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid0 = _errs82 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.hasLip !== undefined){
const _errs84 = errors;
if(typeof data.hasLip !== "boolean"){
validate76.errors = [{instancePath:instancePath+"/hasLip",schemaPath:"#/properties/hasLip/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid0 = _errs84 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.isSeamBlack !== undefined){
const _errs86 = errors;
if(typeof data.isSeamBlack !== "boolean"){
validate76.errors = [{instancePath:instancePath+"/isSeamBlack",schemaPath:"#/properties/isSeamBlack/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid0 = _errs86 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.flashHertz !== undefined){
let data33 = data.flashHertz;
const _errs88 = errors;
const _errs89 = errors;
let valid7 = false;
const _errs90 = errors;
if(errors === _errs90){
if((typeof data33 == "number") && (isFinite(data33))){
if(data33 > 1000 || isNaN(data33)){
const err22 = {instancePath:instancePath+"/flashHertz",schemaPath:"#/properties/flashHertz/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000}};
if(vErrors === null){
vErrors = [err22];
}
else {
vErrors.push(err22);
}
errors++;
}
else {
if(data33 < 0.01 || isNaN(data33)){
const err23 = {instancePath:instancePath+"/flashHertz",schemaPath:"#/properties/flashHertz/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.01}};
if(vErrors === null){
vErrors = [err23];
}
else {
vErrors.push(err23);
}
errors++;
}
}
}
else {
const err24 = {instancePath:instancePath+"/flashHertz",schemaPath:"#/properties/flashHertz/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err24];
}
else {
vErrors.push(err24);
}
errors++;
}
}
var _valid5 = _errs90 === errors;
valid7 = valid7 || _valid5;
const _errs92 = errors;
if(data33 !== null){
const err25 = {instancePath:instancePath+"/flashHertz",schemaPath:"#/properties/flashHertz/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err25];
}
else {
vErrors.push(err25);
}
errors++;
}
var _valid5 = _errs92 === errors;
valid7 = valid7 || _valid5;
if(!valid7){
const err26 = {instancePath:instancePath+"/flashHertz",schemaPath:"#/properties/flashHertz/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err26];
}
else {
vErrors.push(err26);
}
errors++;
validate76.errors = vErrors;
return false;
}
else {
errors = _errs89;
if(vErrors !== null){
if(_errs89){
vErrors.length = _errs89;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs88 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.pulseHertz !== undefined){
let data34 = data.pulseHertz;
const _errs94 = errors;
const _errs95 = errors;
let valid8 = false;
const _errs96 = errors;
if(errors === _errs96){
if((typeof data34 == "number") && (isFinite(data34))){
if(data34 > 1000000 || isNaN(data34)){
const err27 = {instancePath:instancePath+"/pulseHertz",schemaPath:"#/properties/pulseHertz/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}};
if(vErrors === null){
vErrors = [err27];
}
else {
vErrors.push(err27);
}
errors++;
}
else {
if(data34 < 1 || isNaN(data34)){
const err28 = {instancePath:instancePath+"/pulseHertz",schemaPath:"#/properties/pulseHertz/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}};
if(vErrors === null){
vErrors = [err28];
}
else {
vErrors.push(err28);
}
errors++;
}
}
}
else {
const err29 = {instancePath:instancePath+"/pulseHertz",schemaPath:"#/properties/pulseHertz/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err29];
}
else {
vErrors.push(err29);
}
errors++;
}
}
var _valid6 = _errs96 === errors;
valid8 = valid8 || _valid6;
const _errs98 = errors;
if(data34 !== null){
const err30 = {instancePath:instancePath+"/pulseHertz",schemaPath:"#/properties/pulseHertz/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err30];
}
else {
vErrors.push(err30);
}
errors++;
}
var _valid6 = _errs98 === errors;
valid8 = valid8 || _valid6;
if(!valid8){
const err31 = {instancePath:instancePath+"/pulseHertz",schemaPath:"#/properties/pulseHertz/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err31];
}
else {
vErrors.push(err31);
}
errors++;
validate76.errors = vErrors;
return false;
}
else {
errors = _errs95;
if(vErrors !== null){
if(_errs95){
vErrors.length = _errs95;
}
else {
vErrors = null;
}
}
}
var valid0 = _errs94 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.controller !== undefined){
let data35 = data.controller;
const _errs100 = errors;
if(!(data35 && typeof data35 == "object" && !Array.isArray(data35))){
validate76.errors = [{instancePath:instancePath+"/controller",schemaPath:"#/properties/controller/type",keyword:"type",params:{type: "object"}}];
return false;
}
const _errs101 = errors;
if(errors === _errs101){
if(data35 && typeof data35 == "object" && !Array.isArray(data35)){
let missing1;
if((((data35.x === undefined) && (missing1 = "x")) || ((data35.y === undefined) && (missing1 = "y"))) || ((data35.z === undefined) && (missing1 = "z"))){
validate76.errors = [{instancePath:instancePath+"/controller",schemaPath:"#/$defs/LightSpot/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs103 = errors;
for(const key1 in data35){
if(!(((key1 === "x") || (key1 === "y")) || (key1 === "z"))){
validate76.errors = [{instancePath:instancePath+"/controller",schemaPath:"#/$defs/LightSpot/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs103 === errors){
if(data35.x !== undefined){
let data36 = data35.x;
const _errs104 = errors;
if(errors === _errs104){
if((typeof data36 == "number") && (isFinite(data36))){
if(data36 > 10000 || isNaN(data36)){
validate76.errors = [{instancePath:instancePath+"/controller/x",schemaPath:"#/$defs/LightSpot/properties/x/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data36 < -10000 || isNaN(data36)){
validate76.errors = [{instancePath:instancePath+"/controller/x",schemaPath:"#/$defs/LightSpot/properties/x/minimum",keyword:"minimum",params:{comparison: ">=", limit: -10000}}];
return false;
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/controller/x",schemaPath:"#/$defs/LightSpot/properties/x/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid10 = _errs104 === errors;
}
else {
var valid10 = true;
}
if(valid10){
if(data35.y !== undefined){
let data37 = data35.y;
const _errs106 = errors;
if(errors === _errs106){
if((typeof data37 == "number") && (isFinite(data37))){
if(data37 > 10000 || isNaN(data37)){
validate76.errors = [{instancePath:instancePath+"/controller/y",schemaPath:"#/$defs/LightSpot/properties/y/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data37 < -10000 || isNaN(data37)){
validate76.errors = [{instancePath:instancePath+"/controller/y",schemaPath:"#/$defs/LightSpot/properties/y/minimum",keyword:"minimum",params:{comparison: ">=", limit: -10000}}];
return false;
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/controller/y",schemaPath:"#/$defs/LightSpot/properties/y/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid10 = _errs106 === errors;
}
else {
var valid10 = true;
}
if(valid10){
if(data35.z !== undefined){
let data38 = data35.z;
const _errs108 = errors;
if(errors === _errs108){
if((typeof data38 == "number") && (isFinite(data38))){
if(data38 > 10000 || isNaN(data38)){
validate76.errors = [{instancePath:instancePath+"/controller/z",schemaPath:"#/$defs/LightSpot/properties/z/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data38 < -10000 || isNaN(data38)){
validate76.errors = [{instancePath:instancePath+"/controller/z",schemaPath:"#/$defs/LightSpot/properties/z/minimum",keyword:"minimum",params:{comparison: ">=", limit: -10000}}];
return false;
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/controller/z",schemaPath:"#/$defs/LightSpot/properties/z/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid10 = _errs108 === errors;
}
else {
var valid10 = true;
}
}
}
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/controller",schemaPath:"#/$defs/LightSpot/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid0 = _errs100 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.groups !== undefined){
let data39 = data.groups;
const _errs111 = errors;
if(errors === _errs111){
if(Array.isArray(data39)){
if(data39.length > 200){
validate76.errors = [{instancePath:instancePath+"/groups",schemaPath:"#/properties/groups/maxItems",keyword:"maxItems",params:{limit: 200}}];
return false;
}
else {
var valid11 = true;
const len1 = data39.length;
for(let i1=0; i1<len1; i1++){
const _errs113 = errors;
if(!(validate77(data39[i1], {instancePath:instancePath+"/groups/" + i1,parentData:data39,parentDataProperty:i1,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate77.errors : vErrors.concat(validate77.errors);
errors = vErrors.length;
}
var valid11 = _errs113 === errors;
if(!valid11){
break;
}
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/groups",schemaPath:"#/properties/groups/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs111 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.wires !== undefined){
let data41 = data.wires;
const _errs114 = errors;
if(errors === _errs114){
if(Array.isArray(data41)){
if(data41.length > 400){
validate76.errors = [{instancePath:instancePath+"/wires",schemaPath:"#/properties/wires/maxItems",keyword:"maxItems",params:{limit: 400}}];
return false;
}
else {
var valid12 = true;
const len2 = data41.length;
for(let i2=0; i2<len2; i2++){
let data42 = data41[i2];
const _errs116 = errors;
const _errs117 = errors;
if(errors === _errs117){
if(data42 && typeof data42 == "object" && !Array.isArray(data42)){
let missing2;
if(((((data42.fromId === undefined) && (missing2 = "fromId")) || ((data42.fromEnd === undefined) && (missing2 = "fromEnd"))) || ((data42.toId === undefined) && (missing2 = "toId"))) || ((data42.toEnd === undefined) && (missing2 = "toEnd"))){
validate76.errors = [{instancePath:instancePath+"/wires/" + i2,schemaPath:"#/$defs/LightWire/required",keyword:"required",params:{missingProperty: missing2}}];
return false;
}
else {
const _errs119 = errors;
for(const key2 in data42){
if(!((((key2 === "fromId") || (key2 === "fromEnd")) || (key2 === "toId")) || (key2 === "toEnd"))){
validate76.errors = [{instancePath:instancePath+"/wires/" + i2,schemaPath:"#/$defs/LightWire/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key2}}];
return false;
break;
}
}
if(_errs119 === errors){
if(data42.fromId !== undefined){
let data43 = data42.fromId;
const _errs120 = errors;
const _errs121 = errors;
let valid15 = false;
const _errs122 = errors;
if(errors === _errs122){
if(typeof data43 === "string"){
if(!pattern10.test(data43)){
const err32 = {instancePath:instancePath+"/wires/" + i2+"/fromId",schemaPath:"#/$defs/LightWire/properties/fromId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err32];
}
else {
vErrors.push(err32);
}
errors++;
}
}
else {
const err33 = {instancePath:instancePath+"/wires/" + i2+"/fromId",schemaPath:"#/$defs/LightWire/properties/fromId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err33];
}
else {
vErrors.push(err33);
}
errors++;
}
}
var _valid7 = _errs122 === errors;
valid15 = valid15 || _valid7;
const _errs124 = errors;
if(data43 !== null){
const err34 = {instancePath:instancePath+"/wires/" + i2+"/fromId",schemaPath:"#/$defs/LightWire/properties/fromId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err34];
}
else {
vErrors.push(err34);
}
errors++;
}
var _valid7 = _errs124 === errors;
valid15 = valid15 || _valid7;
if(!valid15){
const err35 = {instancePath:instancePath+"/wires/" + i2+"/fromId",schemaPath:"#/$defs/LightWire/properties/fromId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err35];
}
else {
vErrors.push(err35);
}
errors++;
validate76.errors = vErrors;
return false;
}
else {
errors = _errs121;
if(vErrors !== null){
if(_errs121){
vErrors.length = _errs121;
}
else {
vErrors = null;
}
}
}
var valid14 = _errs120 === errors;
}
else {
var valid14 = true;
}
if(valid14){
if(data42.fromEnd !== undefined){
let data44 = data42.fromEnd;
const _errs126 = errors;
if(typeof data44 !== "string"){
validate76.errors = [{instancePath:instancePath+"/wires/" + i2+"/fromEnd",schemaPath:"#/$defs/LightWire/properties/fromEnd/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((data44 === "in") || (data44 === "out"))){
validate76.errors = [{instancePath:instancePath+"/wires/" + i2+"/fromEnd",schemaPath:"#/$defs/LightWire/properties/fromEnd/enum",keyword:"enum",params:{allowedValues: schema123.properties.fromEnd.enum}}];
return false;
}
var valid14 = _errs126 === errors;
}
else {
var valid14 = true;
}
if(valid14){
if(data42.toId !== undefined){
let data45 = data42.toId;
const _errs128 = errors;
if(errors === _errs128){
if(typeof data45 === "string"){
if(!pattern10.test(data45)){
validate76.errors = [{instancePath:instancePath+"/wires/" + i2+"/toId",schemaPath:"#/$defs/LightWire/properties/toId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate76.errors = [{instancePath:instancePath+"/wires/" + i2+"/toId",schemaPath:"#/$defs/LightWire/properties/toId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid14 = _errs128 === errors;
}
else {
var valid14 = true;
}
if(valid14){
if(data42.toEnd !== undefined){
let data46 = data42.toEnd;
const _errs130 = errors;
if(typeof data46 !== "string"){
validate76.errors = [{instancePath:instancePath+"/wires/" + i2+"/toEnd",schemaPath:"#/$defs/LightWire/properties/toEnd/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((data46 === "in") || (data46 === "out"))){
validate76.errors = [{instancePath:instancePath+"/wires/" + i2+"/toEnd",schemaPath:"#/$defs/LightWire/properties/toEnd/enum",keyword:"enum",params:{allowedValues: schema123.properties.toEnd.enum}}];
return false;
}
var valid14 = _errs130 === errors;
}
else {
var valid14 = true;
}
}
}
}
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/wires/" + i2,schemaPath:"#/$defs/LightWire/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid12 = _errs116 === errors;
if(!valid12){
break;
}
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/wires",schemaPath:"#/properties/wires/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs114 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.rungIds !== undefined){
let data47 = data.rungIds;
const _errs132 = errors;
if(errors === _errs132){
if(Array.isArray(data47)){
if(data47.length > 20){
validate76.errors = [{instancePath:instancePath+"/rungIds",schemaPath:"#/properties/rungIds/maxItems",keyword:"maxItems",params:{limit: 20}}];
return false;
}
else {
var valid16 = true;
const len3 = data47.length;
for(let i3=0; i3<len3; i3++){
let data48 = data47[i3];
const _errs134 = errors;
if(errors === _errs134){
if(typeof data48 === "string"){
if(!pattern10.test(data48)){
validate76.errors = [{instancePath:instancePath+"/rungIds/" + i3,schemaPath:"#/properties/rungIds/items/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate76.errors = [{instancePath:instancePath+"/rungIds/" + i3,schemaPath:"#/properties/rungIds/items/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid16 = _errs134 === errors;
if(!valid16){
break;
}
}
}
}
else {
validate76.errors = [{instancePath:instancePath+"/rungIds",schemaPath:"#/properties/rungIds/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs132 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.note !== undefined){
let data49 = data.note;
const _errs136 = errors;
if(errors === _errs136){
if(typeof data49 === "string"){
if(data49.length > 4000){
validate76.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/maxLength",keyword:"maxLength",params:{limit: 4000}}];
return false;
}
}
else {
validate76.errors = [{instancePath:instancePath+"/note",schemaPath:"#/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs136 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.id !== undefined){
let data50 = data.id;
const _errs138 = errors;
if(errors === _errs138){
if(typeof data50 === "string"){
if(!pattern10.test(data50)){
validate76.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate76.errors = [{instancePath:instancePath+"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid0 = _errs138 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.revision !== undefined){
let data51 = data.revision;
const _errs140 = errors;
if(!(((typeof data51 == "number") && (!(data51 % 1) && !isNaN(data51))) && (isFinite(data51)))){
validate76.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs140){
if((typeof data51 == "number") && (isFinite(data51))){
if(data51 < 0 || isNaN(data51)){
validate76.errors = [{instancePath:instancePath+"/revision",schemaPath:"#/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid0 = _errs140 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate76.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate76.errors = vErrors;
return errors === 0;
}
validate76.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};

const pattern118 = new RegExp("^[MLZ0-9 .,-]+$", "u");

function validate20(data, {instancePath="", parentData, parentDataProperty, rootData=data, dynamicAnchors={}}={}){
/*# sourceURL="project" */;
let vErrors = null;
let errors = 0;
const evaluated0 = validate20.evaluated;
if(evaluated0.dynamicProps){
evaluated0.props = undefined;
}
if(evaluated0.dynamicItems){
evaluated0.items = undefined;
}
if(errors === 0){
if(data && typeof data == "object" && !Array.isArray(data)){
let missing0;
if((((((((((((((((((((((((((((((((((((data.format === undefined) && (missing0 = "format")) || ((data.version === undefined) && (missing0 = "version"))) || ((data.savedAtMs === undefined) && (missing0 = "savedAtMs"))) || ((data.shop === undefined) && (missing0 = "shop"))) || ((data.props === undefined) && (missing0 = "props"))) || ((data.parts === undefined) && (missing0 = "parts"))) || ((data.joins === undefined) && (missing0 = "joins"))) || ((data.ladders === undefined) && (missing0 = "ladders"))) || ((data.rungs === undefined) && (missing0 = "rungs"))) || ((data.products === undefined) && (missing0 = "products"))) || ((data.cans === undefined) && (missing0 = "cans"))) || ((data.supplies === undefined) && (missing0 = "supplies"))) || ((data.suppliers === undefined) && (missing0 = "suppliers"))) || ((data.packs === undefined) && (missing0 = "packs"))) || ((data.purchases === undefined) && (missing0 = "purchases"))) || ((data.mixCards === undefined) && (missing0 = "mixCards"))) || ((data.logEntries === undefined) && (missing0 = "logEntries"))) || ((data.pictures === undefined) && (missing0 = "pictures"))) || ((data.meshes === undefined) && (missing0 = "meshes"))) || ((data.passes === undefined) && (missing0 = "passes"))) || ((data.flaws === undefined) && (missing0 = "flaws"))) || ((data.fits === undefined) && (missing0 = "fits"))) || ((data.timers === undefined) && (missing0 = "timers"))) || ((data.targets === undefined) && (missing0 = "targets"))) || ((data.maskPlans === undefined) && (missing0 = "maskPlans"))) || ((data.stencils === undefined) && (missing0 = "stencils"))) || ((data.weatherPlans === undefined) && (missing0 = "weatherPlans"))) || ((data.techniqueCards === undefined) && (missing0 = "techniqueCards"))) || ((data.ownRoutes === undefined) && (missing0 = "ownRoutes"))) || ((data.persons === undefined) && (missing0 = "persons"))) || ((data.dimensions === undefined) && (missing0 = "dimensions"))) || ((data.measurings === undefined) && (missing0 = "measurings"))) || ((data.matches === undefined) && (missing0 = "matches"))) || ((data.lightPlans === undefined) && (missing0 = "lightPlans"))) || ((data.climateReadings === undefined) && (missing0 = "climateReadings"))){
validate20.errors = [{instancePath,schemaPath:"#/required",keyword:"required",params:{missingProperty: missing0}}];
return false;
}
else {
const _errs1 = errors;
for(const key0 in data){
if(!(func1.call(schema31.properties, key0))){
validate20.errors = [{instancePath,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key0}}];
return false;
break;
}
}
if(_errs1 === errors){
if(data.format !== undefined){
let data0 = data.format;
const _errs2 = errors;
if(typeof data0 !== "string"){
validate20.errors = [{instancePath:instancePath+"/format",schemaPath:"#/properties/format/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(data0 === "zinc-ladder-project")){
validate20.errors = [{instancePath:instancePath+"/format",schemaPath:"#/properties/format/enum",keyword:"enum",params:{allowedValues: schema31.properties.format.enum}}];
return false;
}
var valid0 = _errs2 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.version !== undefined){
let data1 = data.version;
const _errs4 = errors;
if(!((typeof data1 == "number") && (isFinite(data1)))){
validate20.errors = [{instancePath:instancePath+"/version",schemaPath:"#/properties/version/type",keyword:"type",params:{type: "number"}}];
return false;
}
if(!(data1 === 19)){
validate20.errors = [{instancePath:instancePath+"/version",schemaPath:"#/properties/version/enum",keyword:"enum",params:{allowedValues: schema31.properties.version.enum}}];
return false;
}
var valid0 = _errs4 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.savedAtMs !== undefined){
let data2 = data.savedAtMs;
const _errs6 = errors;
if(!(((typeof data2 == "number") && (!(data2 % 1) && !isNaN(data2))) && (isFinite(data2)))){
validate20.errors = [{instancePath:instancePath+"/savedAtMs",schemaPath:"#/properties/savedAtMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs6){
if((typeof data2 == "number") && (isFinite(data2))){
if(data2 > 4102444800000 || isNaN(data2)){
validate20.errors = [{instancePath:instancePath+"/savedAtMs",schemaPath:"#/properties/savedAtMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data2 < 946684800000 || isNaN(data2)){
validate20.errors = [{instancePath:instancePath+"/savedAtMs",schemaPath:"#/properties/savedAtMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid0 = _errs6 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.shop !== undefined){
let data3 = data.shop;
const _errs8 = errors;
if(!(data3 && typeof data3 == "object" && !Array.isArray(data3))){
validate20.errors = [{instancePath:instancePath+"/shop",schemaPath:"#/properties/shop/type",keyword:"type",params:{type: "object"}}];
return false;
}
if(!(validate21(data3, {instancePath:instancePath+"/shop",parentData:data,parentDataProperty:"shop",rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate21.errors : vErrors.concat(validate21.errors);
errors = vErrors.length;
}
var valid0 = _errs8 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.props !== undefined){
let data4 = data.props;
const _errs10 = errors;
if(errors === _errs10){
if(Array.isArray(data4)){
var valid1 = true;
const len0 = data4.length;
for(let i0=0; i0<len0; i0++){
let data5 = data4[i0];
const _errs12 = errors;
const _errs13 = errors;
if(errors === _errs13){
if(data5 && typeof data5 == "object" && !Array.isArray(data5)){
let missing1;
if(((((((((data5.name === undefined) && (missing1 = "name")) || ((data5.story === undefined) && (missing1 = "story"))) || ((data5.dueMs === undefined) && (missing1 = "dueMs"))) || ((data5.weight === undefined) && (missing1 = "weight"))) || ((data5.viewingMetres === undefined) && (missing1 = "viewingMetres"))) || ((data5.position === undefined) && (missing1 = "position"))) || ((data5.id === undefined) && (missing1 = "id"))) || ((data5.revision === undefined) && (missing1 = "revision"))){
validate20.errors = [{instancePath:instancePath+"/props/" + i0,schemaPath:"#/$defs/Prop/required",keyword:"required",params:{missingProperty: missing1}}];
return false;
}
else {
const _errs15 = errors;
for(const key1 in data5){
if(!((((((((key1 === "name") || (key1 === "story")) || (key1 === "dueMs")) || (key1 === "weight")) || (key1 === "viewingMetres")) || (key1 === "position")) || (key1 === "id")) || (key1 === "revision"))){
validate20.errors = [{instancePath:instancePath+"/props/" + i0,schemaPath:"#/$defs/Prop/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key1}}];
return false;
break;
}
}
if(_errs15 === errors){
if(data5.name !== undefined){
let data6 = data5.name;
const _errs16 = errors;
if(errors === _errs16){
if(typeof data6 === "string"){
if(data6.length > 200){
validate20.errors = [{instancePath:instancePath+"/props/" + i0+"/name",schemaPath:"#/$defs/Prop/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data6.length < 1){
validate20.errors = [{instancePath:instancePath+"/props/" + i0+"/name",schemaPath:"#/$defs/Prop/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data6)){
validate20.errors = [{instancePath:instancePath+"/props/" + i0+"/name",schemaPath:"#/$defs/Prop/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/props/" + i0+"/name",schemaPath:"#/$defs/Prop/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid3 = _errs16 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data5.story !== undefined){
let data7 = data5.story;
const _errs18 = errors;
if(errors === _errs18){
if(typeof data7 === "string"){
if(data7.length > 4000){
validate20.errors = [{instancePath:instancePath+"/props/" + i0+"/story",schemaPath:"#/$defs/Prop/properties/story/maxLength",keyword:"maxLength",params:{limit: 4000}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/props/" + i0+"/story",schemaPath:"#/$defs/Prop/properties/story/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid3 = _errs18 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data5.dueMs !== undefined){
let data8 = data5.dueMs;
const _errs20 = errors;
const _errs21 = errors;
let valid4 = false;
const _errs22 = errors;
if(!(((typeof data8 == "number") && (!(data8 % 1) && !isNaN(data8))) && (isFinite(data8)))){
const err0 = {instancePath:instancePath+"/props/" + i0+"/dueMs",schemaPath:"#/$defs/Prop/properties/dueMs/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err0];
}
else {
vErrors.push(err0);
}
errors++;
}
if(errors === _errs22){
if((typeof data8 == "number") && (isFinite(data8))){
if(data8 > 4102444800000 || isNaN(data8)){
const err1 = {instancePath:instancePath+"/props/" + i0+"/dueMs",schemaPath:"#/$defs/Prop/properties/dueMs/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err1];
}
else {
vErrors.push(err1);
}
errors++;
}
else {
if(data8 < 946684800000 || isNaN(data8)){
const err2 = {instancePath:instancePath+"/props/" + i0+"/dueMs",schemaPath:"#/$defs/Prop/properties/dueMs/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err2];
}
else {
vErrors.push(err2);
}
errors++;
}
}
}
}
var _valid0 = _errs22 === errors;
valid4 = valid4 || _valid0;
const _errs24 = errors;
if(data8 !== null){
const err3 = {instancePath:instancePath+"/props/" + i0+"/dueMs",schemaPath:"#/$defs/Prop/properties/dueMs/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err3];
}
else {
vErrors.push(err3);
}
errors++;
}
var _valid0 = _errs24 === errors;
valid4 = valid4 || _valid0;
if(!valid4){
const err4 = {instancePath:instancePath+"/props/" + i0+"/dueMs",schemaPath:"#/$defs/Prop/properties/dueMs/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err4];
}
else {
vErrors.push(err4);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs21;
if(vErrors !== null){
if(_errs21){
vErrors.length = _errs21;
}
else {
vErrors = null;
}
}
}
var valid3 = _errs20 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data5.weight !== undefined){
let data9 = data5.weight;
const _errs26 = errors;
if(errors === _errs26){
if((typeof data9 == "number") && (isFinite(data9))){
if(data9 > 100 || isNaN(data9)){
validate20.errors = [{instancePath:instancePath+"/props/" + i0+"/weight",schemaPath:"#/$defs/Prop/properties/weight/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}}];
return false;
}
else {
if(data9 < 0.01 || isNaN(data9)){
validate20.errors = [{instancePath:instancePath+"/props/" + i0+"/weight",schemaPath:"#/$defs/Prop/properties/weight/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.01}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/props/" + i0+"/weight",schemaPath:"#/$defs/Prop/properties/weight/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid3 = _errs26 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data5.viewingMetres !== undefined){
let data10 = data5.viewingMetres;
const _errs28 = errors;
const _errs29 = errors;
let valid5 = false;
const _errs30 = errors;
if(errors === _errs30){
if((typeof data10 == "number") && (isFinite(data10))){
if(data10 > 1000 || isNaN(data10)){
const err5 = {instancePath:instancePath+"/props/" + i0+"/viewingMetres",schemaPath:"#/$defs/Prop/properties/viewingMetres/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000}};
if(vErrors === null){
vErrors = [err5];
}
else {
vErrors.push(err5);
}
errors++;
}
else {
if(data10 < 0.05 || isNaN(data10)){
const err6 = {instancePath:instancePath+"/props/" + i0+"/viewingMetres",schemaPath:"#/$defs/Prop/properties/viewingMetres/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.05}};
if(vErrors === null){
vErrors = [err6];
}
else {
vErrors.push(err6);
}
errors++;
}
}
}
else {
const err7 = {instancePath:instancePath+"/props/" + i0+"/viewingMetres",schemaPath:"#/$defs/Prop/properties/viewingMetres/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err7];
}
else {
vErrors.push(err7);
}
errors++;
}
}
var _valid1 = _errs30 === errors;
valid5 = valid5 || _valid1;
const _errs32 = errors;
if(data10 !== null){
const err8 = {instancePath:instancePath+"/props/" + i0+"/viewingMetres",schemaPath:"#/$defs/Prop/properties/viewingMetres/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err8];
}
else {
vErrors.push(err8);
}
errors++;
}
var _valid1 = _errs32 === errors;
valid5 = valid5 || _valid1;
if(!valid5){
const err9 = {instancePath:instancePath+"/props/" + i0+"/viewingMetres",schemaPath:"#/$defs/Prop/properties/viewingMetres/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err9];
}
else {
vErrors.push(err9);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs29;
if(vErrors !== null){
if(_errs29){
vErrors.length = _errs29;
}
else {
vErrors = null;
}
}
}
var valid3 = _errs28 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data5.position !== undefined){
let data11 = data5.position;
const _errs34 = errors;
if(!(((typeof data11 == "number") && (!(data11 % 1) && !isNaN(data11))) && (isFinite(data11)))){
validate20.errors = [{instancePath:instancePath+"/props/" + i0+"/position",schemaPath:"#/$defs/Prop/properties/position/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs34){
if((typeof data11 == "number") && (isFinite(data11))){
if(data11 < 0 || isNaN(data11)){
validate20.errors = [{instancePath:instancePath+"/props/" + i0+"/position",schemaPath:"#/$defs/Prop/properties/position/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid3 = _errs34 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data5.id !== undefined){
let data12 = data5.id;
const _errs36 = errors;
if(errors === _errs36){
if(typeof data12 === "string"){
if(!pattern10.test(data12)){
validate20.errors = [{instancePath:instancePath+"/props/" + i0+"/id",schemaPath:"#/$defs/Prop/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/props/" + i0+"/id",schemaPath:"#/$defs/Prop/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid3 = _errs36 === errors;
}
else {
var valid3 = true;
}
if(valid3){
if(data5.revision !== undefined){
let data13 = data5.revision;
const _errs38 = errors;
if(!(((typeof data13 == "number") && (!(data13 % 1) && !isNaN(data13))) && (isFinite(data13)))){
validate20.errors = [{instancePath:instancePath+"/props/" + i0+"/revision",schemaPath:"#/$defs/Prop/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs38){
if((typeof data13 == "number") && (isFinite(data13))){
if(data13 < 0 || isNaN(data13)){
validate20.errors = [{instancePath:instancePath+"/props/" + i0+"/revision",schemaPath:"#/$defs/Prop/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid3 = _errs38 === errors;
}
else {
var valid3 = true;
}
}
}
}
}
}
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/props/" + i0,schemaPath:"#/$defs/Prop/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid1 = _errs12 === errors;
if(!valid1){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/props",schemaPath:"#/properties/props/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs10 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.parts !== undefined){
let data14 = data.parts;
const _errs40 = errors;
if(errors === _errs40){
if(Array.isArray(data14)){
var valid6 = true;
const len1 = data14.length;
for(let i1=0; i1<len1; i1++){
const _errs42 = errors;
if(!(validate25(data14[i1], {instancePath:instancePath+"/parts/" + i1,parentData:data14,parentDataProperty:i1,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate25.errors : vErrors.concat(validate25.errors);
errors = vErrors.length;
}
var valid6 = _errs42 === errors;
if(!valid6){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/parts",schemaPath:"#/properties/parts/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs40 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.joins !== undefined){
let data16 = data.joins;
const _errs43 = errors;
if(errors === _errs43){
if(Array.isArray(data16)){
var valid7 = true;
const len2 = data16.length;
for(let i2=0; i2<len2; i2++){
const _errs45 = errors;
if(!(validate27(data16[i2], {instancePath:instancePath+"/joins/" + i2,parentData:data16,parentDataProperty:i2,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate27.errors : vErrors.concat(validate27.errors);
errors = vErrors.length;
}
var valid7 = _errs45 === errors;
if(!valid7){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/joins",schemaPath:"#/properties/joins/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs43 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.ladders !== undefined){
let data18 = data.ladders;
const _errs46 = errors;
if(errors === _errs46){
if(Array.isArray(data18)){
var valid8 = true;
const len3 = data18.length;
for(let i3=0; i3<len3; i3++){
const _errs48 = errors;
if(!(validate29(data18[i3], {instancePath:instancePath+"/ladders/" + i3,parentData:data18,parentDataProperty:i3,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate29.errors : vErrors.concat(validate29.errors);
errors = vErrors.length;
}
var valid8 = _errs48 === errors;
if(!valid8){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/ladders",schemaPath:"#/properties/ladders/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs46 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.rungs !== undefined){
let data20 = data.rungs;
const _errs49 = errors;
if(errors === _errs49){
if(Array.isArray(data20)){
var valid9 = true;
const len4 = data20.length;
for(let i4=0; i4<len4; i4++){
let data21 = data20[i4];
const _errs51 = errors;
const _errs52 = errors;
if(errors === _errs52){
if(data21 && typeof data21 == "object" && !Array.isArray(data21)){
let missing2;
if(((((((((((((((((((((((((((((data21.id === undefined) && (missing2 = "id")) || ((data21.revision === undefined) && (missing2 = "revision"))) || ((data21.ladderId === undefined) && (missing2 = "ladderId"))) || ((data21.minutes === undefined) && (missing2 = "minutes"))) || ((data21.minutesFormula === undefined) && (missing2 = "minutesFormula"))) || ((data21.areaSquareCentimetres === undefined) && (missing2 = "areaSquareCentimetres"))) || ((data21.pieces === undefined) && (missing2 = "pieces"))) || ((data21.cautionIds === undefined) && (missing2 = "cautionIds"))) || ((data21.notBeforeMs === undefined) && (missing2 = "notBeforeMs"))) || ((data21.hardRungId === undefined) && (missing2 = "hardRungId"))) || ((data21.lockedAtMs === undefined) && (missing2 = "lockedAtMs"))) || ((data21.personId === undefined) && (missing2 = "personId"))) || ((data21.doerId === undefined) && (missing2 = "doerId"))) || ((data21.mixCardId === undefined) && (missing2 = "mixCardId"))) || ((data21.state === undefined) && (missing2 = "state"))) || ((data21.startedAtMs === undefined) && (missing2 = "startedAtMs"))) || ((data21.workedMs === undefined) && (missing2 = "workedMs"))) || ((data21.doneAtMs === undefined) && (missing2 = "doneAtMs"))) || ((data21.name === undefined) && (missing2 = "name"))) || ((data21.methodId === undefined) && (missing2 = "methodId"))) || ((data21.band === undefined) && (missing2 = "band"))) || ((data21.productId === undefined) && (missing2 = "productId"))) || ((data21.role === undefined) && (missing2 = "role"))) || ((data21.grit === undefined) && (missing2 = "grit"))) || ((data21.coatMicrometres === undefined) && (missing2 = "coatMicrometres"))) || ((data21.side === undefined) && (missing2 = "side"))) || ((data21.detail === undefined) && (missing2 = "detail"))) || ((data21.why === undefined) && (missing2 = "why"))){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4,schemaPath:"#/$defs/Rung/required",keyword:"required",params:{missingProperty: missing2}}];
return false;
}
else {
const _errs54 = errors;
for(const key2 in data21){
if(!(func1.call(schema51.properties, key2))){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4,schemaPath:"#/$defs/Rung/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key2}}];
return false;
break;
}
}
if(_errs54 === errors){
if(data21.id !== undefined){
let data22 = data21.id;
const _errs55 = errors;
if(errors === _errs55){
if(typeof data22 === "string"){
if(!pattern10.test(data22)){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/id",schemaPath:"#/$defs/Rung/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/id",schemaPath:"#/$defs/Rung/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid11 = _errs55 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.revision !== undefined){
let data23 = data21.revision;
const _errs57 = errors;
if(!(((typeof data23 == "number") && (!(data23 % 1) && !isNaN(data23))) && (isFinite(data23)))){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/revision",schemaPath:"#/$defs/Rung/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs57){
if((typeof data23 == "number") && (isFinite(data23))){
if(data23 < 0 || isNaN(data23)){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/revision",schemaPath:"#/$defs/Rung/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid11 = _errs57 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.ladderId !== undefined){
let data24 = data21.ladderId;
const _errs59 = errors;
if(errors === _errs59){
if(typeof data24 === "string"){
if(!pattern10.test(data24)){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/ladderId",schemaPath:"#/$defs/Rung/properties/ladderId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/ladderId",schemaPath:"#/$defs/Rung/properties/ladderId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid11 = _errs59 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.minutes !== undefined){
let data25 = data21.minutes;
const _errs61 = errors;
if(!(((typeof data25 == "number") && (!(data25 % 1) && !isNaN(data25))) && (isFinite(data25)))){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/minutes",schemaPath:"#/$defs/Rung/properties/minutes/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs61){
if((typeof data25 == "number") && (isFinite(data25))){
if(data25 > 10000 || isNaN(data25)){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/minutes",schemaPath:"#/$defs/Rung/properties/minutes/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data25 < 0 || isNaN(data25)){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/minutes",schemaPath:"#/$defs/Rung/properties/minutes/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
}
var valid11 = _errs61 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.minutesFormula !== undefined){
let data26 = data21.minutesFormula;
const _errs63 = errors;
if(errors === _errs63){
if(typeof data26 === "string"){
if(data26.length > 400){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/minutesFormula",schemaPath:"#/$defs/Rung/properties/minutesFormula/maxLength",keyword:"maxLength",params:{limit: 400}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/minutesFormula",schemaPath:"#/$defs/Rung/properties/minutesFormula/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid11 = _errs63 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.areaSquareCentimetres !== undefined){
let data27 = data21.areaSquareCentimetres;
const _errs65 = errors;
const _errs66 = errors;
let valid12 = false;
const _errs67 = errors;
if(errors === _errs67){
if((typeof data27 == "number") && (isFinite(data27))){
if(data27 > 200000 || isNaN(data27)){
const err10 = {instancePath:instancePath+"/rungs/" + i4+"/areaSquareCentimetres",schemaPath:"#/$defs/Rung/properties/areaSquareCentimetres/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200000}};
if(vErrors === null){
vErrors = [err10];
}
else {
vErrors.push(err10);
}
errors++;
}
else {
if(data27 < 0.01 || isNaN(data27)){
const err11 = {instancePath:instancePath+"/rungs/" + i4+"/areaSquareCentimetres",schemaPath:"#/$defs/Rung/properties/areaSquareCentimetres/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.01}};
if(vErrors === null){
vErrors = [err11];
}
else {
vErrors.push(err11);
}
errors++;
}
}
}
else {
const err12 = {instancePath:instancePath+"/rungs/" + i4+"/areaSquareCentimetres",schemaPath:"#/$defs/Rung/properties/areaSquareCentimetres/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err12];
}
else {
vErrors.push(err12);
}
errors++;
}
}
var _valid2 = _errs67 === errors;
valid12 = valid12 || _valid2;
const _errs69 = errors;
if(data27 !== null){
const err13 = {instancePath:instancePath+"/rungs/" + i4+"/areaSquareCentimetres",schemaPath:"#/$defs/Rung/properties/areaSquareCentimetres/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err13];
}
else {
vErrors.push(err13);
}
errors++;
}
var _valid2 = _errs69 === errors;
valid12 = valid12 || _valid2;
if(!valid12){
const err14 = {instancePath:instancePath+"/rungs/" + i4+"/areaSquareCentimetres",schemaPath:"#/$defs/Rung/properties/areaSquareCentimetres/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err14];
}
else {
vErrors.push(err14);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs66;
if(vErrors !== null){
if(_errs66){
vErrors.length = _errs66;
}
else {
vErrors = null;
}
}
}
var valid11 = _errs65 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.pieces !== undefined){
let data28 = data21.pieces;
const _errs71 = errors;
const _errs72 = errors;
let valid13 = false;
const _errs73 = errors;
if(!(((typeof data28 == "number") && (!(data28 % 1) && !isNaN(data28))) && (isFinite(data28)))){
const err15 = {instancePath:instancePath+"/rungs/" + i4+"/pieces",schemaPath:"#/$defs/Rung/properties/pieces/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err15];
}
else {
vErrors.push(err15);
}
errors++;
}
if(errors === _errs73){
if((typeof data28 == "number") && (isFinite(data28))){
if(data28 > 500 || isNaN(data28)){
const err16 = {instancePath:instancePath+"/rungs/" + i4+"/pieces",schemaPath:"#/$defs/Rung/properties/pieces/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 500}};
if(vErrors === null){
vErrors = [err16];
}
else {
vErrors.push(err16);
}
errors++;
}
else {
if(data28 < 1 || isNaN(data28)){
const err17 = {instancePath:instancePath+"/rungs/" + i4+"/pieces",schemaPath:"#/$defs/Rung/properties/pieces/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}};
if(vErrors === null){
vErrors = [err17];
}
else {
vErrors.push(err17);
}
errors++;
}
}
}
}
var _valid3 = _errs73 === errors;
valid13 = valid13 || _valid3;
const _errs75 = errors;
if(data28 !== null){
const err18 = {instancePath:instancePath+"/rungs/" + i4+"/pieces",schemaPath:"#/$defs/Rung/properties/pieces/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err18];
}
else {
vErrors.push(err18);
}
errors++;
}
var _valid3 = _errs75 === errors;
valid13 = valid13 || _valid3;
if(!valid13){
const err19 = {instancePath:instancePath+"/rungs/" + i4+"/pieces",schemaPath:"#/$defs/Rung/properties/pieces/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err19];
}
else {
vErrors.push(err19);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs72;
if(vErrors !== null){
if(_errs72){
vErrors.length = _errs72;
}
else {
vErrors = null;
}
}
}
var valid11 = _errs71 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.cautionIds !== undefined){
let data29 = data21.cautionIds;
const _errs77 = errors;
if(errors === _errs77){
if(Array.isArray(data29)){
if(data29.length > 20){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/cautionIds",schemaPath:"#/$defs/Rung/properties/cautionIds/maxItems",keyword:"maxItems",params:{limit: 20}}];
return false;
}
else {
var valid14 = true;
const len5 = data29.length;
for(let i5=0; i5<len5; i5++){
const _errs79 = errors;
if(typeof data29[i5] !== "string"){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/cautionIds/" + i5,schemaPath:"#/$defs/Rung/properties/cautionIds/items/type",keyword:"type",params:{type: "string"}}];
return false;
}
var valid14 = _errs79 === errors;
if(!valid14){
break;
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/cautionIds",schemaPath:"#/$defs/Rung/properties/cautionIds/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid11 = _errs77 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.notBeforeMs !== undefined){
let data31 = data21.notBeforeMs;
const _errs81 = errors;
const _errs82 = errors;
let valid15 = false;
const _errs83 = errors;
if(!(((typeof data31 == "number") && (!(data31 % 1) && !isNaN(data31))) && (isFinite(data31)))){
const err20 = {instancePath:instancePath+"/rungs/" + i4+"/notBeforeMs",schemaPath:"#/$defs/Rung/properties/notBeforeMs/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err20];
}
else {
vErrors.push(err20);
}
errors++;
}
if(errors === _errs83){
if((typeof data31 == "number") && (isFinite(data31))){
if(data31 > 4102444800000 || isNaN(data31)){
const err21 = {instancePath:instancePath+"/rungs/" + i4+"/notBeforeMs",schemaPath:"#/$defs/Rung/properties/notBeforeMs/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err21];
}
else {
vErrors.push(err21);
}
errors++;
}
else {
if(data31 < 946684800000 || isNaN(data31)){
const err22 = {instancePath:instancePath+"/rungs/" + i4+"/notBeforeMs",schemaPath:"#/$defs/Rung/properties/notBeforeMs/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err22];
}
else {
vErrors.push(err22);
}
errors++;
}
}
}
}
var _valid4 = _errs83 === errors;
valid15 = valid15 || _valid4;
const _errs85 = errors;
if(data31 !== null){
const err23 = {instancePath:instancePath+"/rungs/" + i4+"/notBeforeMs",schemaPath:"#/$defs/Rung/properties/notBeforeMs/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err23];
}
else {
vErrors.push(err23);
}
errors++;
}
var _valid4 = _errs85 === errors;
valid15 = valid15 || _valid4;
if(!valid15){
const err24 = {instancePath:instancePath+"/rungs/" + i4+"/notBeforeMs",schemaPath:"#/$defs/Rung/properties/notBeforeMs/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err24];
}
else {
vErrors.push(err24);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs82;
if(vErrors !== null){
if(_errs82){
vErrors.length = _errs82;
}
else {
vErrors = null;
}
}
}
var valid11 = _errs81 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.hardRungId !== undefined){
let data32 = data21.hardRungId;
const _errs87 = errors;
const _errs88 = errors;
let valid16 = false;
const _errs89 = errors;
if(errors === _errs89){
if(typeof data32 === "string"){
if(!pattern10.test(data32)){
const err25 = {instancePath:instancePath+"/rungs/" + i4+"/hardRungId",schemaPath:"#/$defs/Rung/properties/hardRungId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err25];
}
else {
vErrors.push(err25);
}
errors++;
}
}
else {
const err26 = {instancePath:instancePath+"/rungs/" + i4+"/hardRungId",schemaPath:"#/$defs/Rung/properties/hardRungId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err26];
}
else {
vErrors.push(err26);
}
errors++;
}
}
var _valid5 = _errs89 === errors;
valid16 = valid16 || _valid5;
const _errs91 = errors;
if(data32 !== null){
const err27 = {instancePath:instancePath+"/rungs/" + i4+"/hardRungId",schemaPath:"#/$defs/Rung/properties/hardRungId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err27];
}
else {
vErrors.push(err27);
}
errors++;
}
var _valid5 = _errs91 === errors;
valid16 = valid16 || _valid5;
if(!valid16){
const err28 = {instancePath:instancePath+"/rungs/" + i4+"/hardRungId",schemaPath:"#/$defs/Rung/properties/hardRungId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err28];
}
else {
vErrors.push(err28);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs88;
if(vErrors !== null){
if(_errs88){
vErrors.length = _errs88;
}
else {
vErrors = null;
}
}
}
var valid11 = _errs87 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.lockedAtMs !== undefined){
let data33 = data21.lockedAtMs;
const _errs93 = errors;
const _errs94 = errors;
let valid17 = false;
const _errs95 = errors;
if(!(((typeof data33 == "number") && (!(data33 % 1) && !isNaN(data33))) && (isFinite(data33)))){
const err29 = {instancePath:instancePath+"/rungs/" + i4+"/lockedAtMs",schemaPath:"#/$defs/Rung/properties/lockedAtMs/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err29];
}
else {
vErrors.push(err29);
}
errors++;
}
if(errors === _errs95){
if((typeof data33 == "number") && (isFinite(data33))){
if(data33 > 4102444800000 || isNaN(data33)){
const err30 = {instancePath:instancePath+"/rungs/" + i4+"/lockedAtMs",schemaPath:"#/$defs/Rung/properties/lockedAtMs/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err30];
}
else {
vErrors.push(err30);
}
errors++;
}
else {
if(data33 < 946684800000 || isNaN(data33)){
const err31 = {instancePath:instancePath+"/rungs/" + i4+"/lockedAtMs",schemaPath:"#/$defs/Rung/properties/lockedAtMs/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err31];
}
else {
vErrors.push(err31);
}
errors++;
}
}
}
}
var _valid6 = _errs95 === errors;
valid17 = valid17 || _valid6;
const _errs97 = errors;
if(data33 !== null){
const err32 = {instancePath:instancePath+"/rungs/" + i4+"/lockedAtMs",schemaPath:"#/$defs/Rung/properties/lockedAtMs/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err32];
}
else {
vErrors.push(err32);
}
errors++;
}
var _valid6 = _errs97 === errors;
valid17 = valid17 || _valid6;
if(!valid17){
const err33 = {instancePath:instancePath+"/rungs/" + i4+"/lockedAtMs",schemaPath:"#/$defs/Rung/properties/lockedAtMs/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err33];
}
else {
vErrors.push(err33);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs94;
if(vErrors !== null){
if(_errs94){
vErrors.length = _errs94;
}
else {
vErrors = null;
}
}
}
var valid11 = _errs93 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.personId !== undefined){
let data34 = data21.personId;
const _errs99 = errors;
const _errs100 = errors;
let valid18 = false;
const _errs101 = errors;
if(errors === _errs101){
if(typeof data34 === "string"){
if(!pattern10.test(data34)){
const err34 = {instancePath:instancePath+"/rungs/" + i4+"/personId",schemaPath:"#/$defs/Rung/properties/personId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err34];
}
else {
vErrors.push(err34);
}
errors++;
}
}
else {
const err35 = {instancePath:instancePath+"/rungs/" + i4+"/personId",schemaPath:"#/$defs/Rung/properties/personId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err35];
}
else {
vErrors.push(err35);
}
errors++;
}
}
var _valid7 = _errs101 === errors;
valid18 = valid18 || _valid7;
const _errs103 = errors;
if(data34 !== null){
const err36 = {instancePath:instancePath+"/rungs/" + i4+"/personId",schemaPath:"#/$defs/Rung/properties/personId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err36];
}
else {
vErrors.push(err36);
}
errors++;
}
var _valid7 = _errs103 === errors;
valid18 = valid18 || _valid7;
if(!valid18){
const err37 = {instancePath:instancePath+"/rungs/" + i4+"/personId",schemaPath:"#/$defs/Rung/properties/personId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err37];
}
else {
vErrors.push(err37);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs100;
if(vErrors !== null){
if(_errs100){
vErrors.length = _errs100;
}
else {
vErrors = null;
}
}
}
var valid11 = _errs99 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.doerId !== undefined){
let data35 = data21.doerId;
const _errs105 = errors;
const _errs106 = errors;
let valid19 = false;
const _errs107 = errors;
if(errors === _errs107){
if(typeof data35 === "string"){
if(!pattern10.test(data35)){
const err38 = {instancePath:instancePath+"/rungs/" + i4+"/doerId",schemaPath:"#/$defs/Rung/properties/doerId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err38];
}
else {
vErrors.push(err38);
}
errors++;
}
}
else {
const err39 = {instancePath:instancePath+"/rungs/" + i4+"/doerId",schemaPath:"#/$defs/Rung/properties/doerId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err39];
}
else {
vErrors.push(err39);
}
errors++;
}
}
var _valid8 = _errs107 === errors;
valid19 = valid19 || _valid8;
const _errs109 = errors;
if(data35 !== null){
const err40 = {instancePath:instancePath+"/rungs/" + i4+"/doerId",schemaPath:"#/$defs/Rung/properties/doerId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err40];
}
else {
vErrors.push(err40);
}
errors++;
}
var _valid8 = _errs109 === errors;
valid19 = valid19 || _valid8;
if(!valid19){
const err41 = {instancePath:instancePath+"/rungs/" + i4+"/doerId",schemaPath:"#/$defs/Rung/properties/doerId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err41];
}
else {
vErrors.push(err41);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs106;
if(vErrors !== null){
if(_errs106){
vErrors.length = _errs106;
}
else {
vErrors = null;
}
}
}
var valid11 = _errs105 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.mixCardId !== undefined){
let data36 = data21.mixCardId;
const _errs111 = errors;
const _errs112 = errors;
let valid20 = false;
const _errs113 = errors;
if(errors === _errs113){
if(typeof data36 === "string"){
if(!pattern10.test(data36)){
const err42 = {instancePath:instancePath+"/rungs/" + i4+"/mixCardId",schemaPath:"#/$defs/Rung/properties/mixCardId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err42];
}
else {
vErrors.push(err42);
}
errors++;
}
}
else {
const err43 = {instancePath:instancePath+"/rungs/" + i4+"/mixCardId",schemaPath:"#/$defs/Rung/properties/mixCardId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err43];
}
else {
vErrors.push(err43);
}
errors++;
}
}
var _valid9 = _errs113 === errors;
valid20 = valid20 || _valid9;
const _errs115 = errors;
if(data36 !== null){
const err44 = {instancePath:instancePath+"/rungs/" + i4+"/mixCardId",schemaPath:"#/$defs/Rung/properties/mixCardId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err44];
}
else {
vErrors.push(err44);
}
errors++;
}
var _valid9 = _errs115 === errors;
valid20 = valid20 || _valid9;
if(!valid20){
const err45 = {instancePath:instancePath+"/rungs/" + i4+"/mixCardId",schemaPath:"#/$defs/Rung/properties/mixCardId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err45];
}
else {
vErrors.push(err45);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs112;
if(vErrors !== null){
if(_errs112){
vErrors.length = _errs112;
}
else {
vErrors = null;
}
}
}
var valid11 = _errs111 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.state !== undefined){
let data37 = data21.state;
const _errs117 = errors;
if(typeof data37 !== "string"){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/state",schemaPath:"#/$defs/Rung/properties/state/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((((data37 === "open") || (data37 === "inHand")) || (data37 === "setDown")) || (data37 === "done")) || (data37 === "leftOut"))){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/state",schemaPath:"#/$defs/Rung/properties/state/enum",keyword:"enum",params:{allowedValues: schema51.properties.state.enum}}];
return false;
}
var valid11 = _errs117 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.startedAtMs !== undefined){
let data38 = data21.startedAtMs;
const _errs119 = errors;
const _errs120 = errors;
let valid21 = false;
const _errs121 = errors;
if(!(((typeof data38 == "number") && (!(data38 % 1) && !isNaN(data38))) && (isFinite(data38)))){
const err46 = {instancePath:instancePath+"/rungs/" + i4+"/startedAtMs",schemaPath:"#/$defs/Rung/properties/startedAtMs/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err46];
}
else {
vErrors.push(err46);
}
errors++;
}
if(errors === _errs121){
if((typeof data38 == "number") && (isFinite(data38))){
if(data38 > 4102444800000 || isNaN(data38)){
const err47 = {instancePath:instancePath+"/rungs/" + i4+"/startedAtMs",schemaPath:"#/$defs/Rung/properties/startedAtMs/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err47];
}
else {
vErrors.push(err47);
}
errors++;
}
else {
if(data38 < 946684800000 || isNaN(data38)){
const err48 = {instancePath:instancePath+"/rungs/" + i4+"/startedAtMs",schemaPath:"#/$defs/Rung/properties/startedAtMs/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err48];
}
else {
vErrors.push(err48);
}
errors++;
}
}
}
}
var _valid10 = _errs121 === errors;
valid21 = valid21 || _valid10;
const _errs123 = errors;
if(data38 !== null){
const err49 = {instancePath:instancePath+"/rungs/" + i4+"/startedAtMs",schemaPath:"#/$defs/Rung/properties/startedAtMs/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err49];
}
else {
vErrors.push(err49);
}
errors++;
}
var _valid10 = _errs123 === errors;
valid21 = valid21 || _valid10;
if(!valid21){
const err50 = {instancePath:instancePath+"/rungs/" + i4+"/startedAtMs",schemaPath:"#/$defs/Rung/properties/startedAtMs/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err50];
}
else {
vErrors.push(err50);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs120;
if(vErrors !== null){
if(_errs120){
vErrors.length = _errs120;
}
else {
vErrors = null;
}
}
}
var valid11 = _errs119 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.workedMs !== undefined){
let data39 = data21.workedMs;
const _errs125 = errors;
if(!(((typeof data39 == "number") && (!(data39 % 1) && !isNaN(data39))) && (isFinite(data39)))){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/workedMs",schemaPath:"#/$defs/Rung/properties/workedMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs125){
if((typeof data39 == "number") && (isFinite(data39))){
if(data39 > 360000000 || isNaN(data39)){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/workedMs",schemaPath:"#/$defs/Rung/properties/workedMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 360000000}}];
return false;
}
else {
if(data39 < 0 || isNaN(data39)){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/workedMs",schemaPath:"#/$defs/Rung/properties/workedMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
}
var valid11 = _errs125 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.doneAtMs !== undefined){
let data40 = data21.doneAtMs;
const _errs127 = errors;
const _errs128 = errors;
let valid22 = false;
const _errs129 = errors;
if(!(((typeof data40 == "number") && (!(data40 % 1) && !isNaN(data40))) && (isFinite(data40)))){
const err51 = {instancePath:instancePath+"/rungs/" + i4+"/doneAtMs",schemaPath:"#/$defs/Rung/properties/doneAtMs/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err51];
}
else {
vErrors.push(err51);
}
errors++;
}
if(errors === _errs129){
if((typeof data40 == "number") && (isFinite(data40))){
if(data40 > 4102444800000 || isNaN(data40)){
const err52 = {instancePath:instancePath+"/rungs/" + i4+"/doneAtMs",schemaPath:"#/$defs/Rung/properties/doneAtMs/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err52];
}
else {
vErrors.push(err52);
}
errors++;
}
else {
if(data40 < 946684800000 || isNaN(data40)){
const err53 = {instancePath:instancePath+"/rungs/" + i4+"/doneAtMs",schemaPath:"#/$defs/Rung/properties/doneAtMs/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err53];
}
else {
vErrors.push(err53);
}
errors++;
}
}
}
}
var _valid11 = _errs129 === errors;
valid22 = valid22 || _valid11;
const _errs131 = errors;
if(data40 !== null){
const err54 = {instancePath:instancePath+"/rungs/" + i4+"/doneAtMs",schemaPath:"#/$defs/Rung/properties/doneAtMs/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err54];
}
else {
vErrors.push(err54);
}
errors++;
}
var _valid11 = _errs131 === errors;
valid22 = valid22 || _valid11;
if(!valid22){
const err55 = {instancePath:instancePath+"/rungs/" + i4+"/doneAtMs",schemaPath:"#/$defs/Rung/properties/doneAtMs/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err55];
}
else {
vErrors.push(err55);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs128;
if(vErrors !== null){
if(_errs128){
vErrors.length = _errs128;
}
else {
vErrors = null;
}
}
}
var valid11 = _errs127 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.name !== undefined){
let data41 = data21.name;
const _errs133 = errors;
if(errors === _errs133){
if(typeof data41 === "string"){
if(data41.length > 200){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/name",schemaPath:"#/$defs/Rung/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data41.length < 1){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/name",schemaPath:"#/$defs/Rung/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data41)){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/name",schemaPath:"#/$defs/Rung/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/name",schemaPath:"#/$defs/Rung/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid11 = _errs133 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.methodId !== undefined){
let data42 = data21.methodId;
const _errs135 = errors;
if(typeof data42 !== "string"){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/methodId",schemaPath:"#/$defs/Rung/properties/methodId/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((((((((((((((((((((((((((((((((((((((((((((((((((((((((((data42 === "cut") || (data42 === "washResin")) || (data42 === "degrease")) || (data42 === "dryFit")) || (data42 === "repair")) || (data42 === "reprint")) || (data42 === "heat")) || (data42 === "grind")) || (data42 === "shim")) || (data42 === "cutShape")) || (data42 === "drill")) || (data42 === "formSheet")) || (data42 === "trimSheet")) || (data42 === "stitch")) || (data42 === "cement")) || (data42 === "press")) || (data42 === "bond")) || (data42 === "firstCut")) || (data42 === "fill")) || (data42 === "brushFilm")) || (data42 === "solventSmooth")) || (data42 === "heatSeal")) || (data42 === "wetSand")) || (data42 === "textureOn")) || (data42 === "sand")) || (data42 === "scuff")) || (data42 === "wash")) || (data42 === "prime")) || (data42 === "primeSand")) || (data42 === "inspect")) || (data42 === "sprayCoat")) || (data42 === "airbrushCoat")) || (data42 === "dye")) || (data42 === "varnish")) || (data42 === "brushCoat")) || (data42 === "mask")) || (data42 === "maskRubber")) || (data42 === "edgeSeal")) || (data42 === "maskedCoat")) || (data42 === "unmask")) || (data42 === "scorePull")) || (data42 === "warmDry")) || (data42 === "detail")) || (data42 === "clear")) || (data42 === "brushClear")) || (data42 === "darkWash")) || (data42 === "dryBrush")) || (data42 === "stipple")) || (data42 === "rub")) || (data42 === "shade")) || (data42 === "chip")) || (data42 === "scratch")) || (data42 === "streak")) || (data42 === "splatter")) || (data42 === "polish")) || (data42 === "dustOn")) || (data42 === "polishClear")) || (data42 === "fasten")) || (data42 === "lights")) || (data42 === "fit"))){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/methodId",schemaPath:"#/$defs/Rung/properties/methodId/enum",keyword:"enum",params:{allowedValues: schema51.properties.methodId.enum}}];
return false;
}
var valid11 = _errs135 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.band !== undefined){
let data43 = data21.band;
const _errs137 = errors;
if(typeof data43 !== "string"){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/band",schemaPath:"#/$defs/Rung/properties/band/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((((((data43 === "cutBond") || (data43 === "fillSand")) || (data43 === "prime")) || (data43 === "colour")) || (data43 === "maskDetail")) || (data43 === "weather")) || (data43 === "fit"))){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/band",schemaPath:"#/$defs/Rung/properties/band/enum",keyword:"enum",params:{allowedValues: schema51.properties.band.enum}}];
return false;
}
var valid11 = _errs137 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.productId !== undefined){
let data44 = data21.productId;
const _errs139 = errors;
const _errs140 = errors;
let valid23 = false;
const _errs141 = errors;
if(errors === _errs141){
if(typeof data44 === "string"){
if(!pattern10.test(data44)){
const err56 = {instancePath:instancePath+"/rungs/" + i4+"/productId",schemaPath:"#/$defs/Rung/properties/productId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err56];
}
else {
vErrors.push(err56);
}
errors++;
}
}
else {
const err57 = {instancePath:instancePath+"/rungs/" + i4+"/productId",schemaPath:"#/$defs/Rung/properties/productId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err57];
}
else {
vErrors.push(err57);
}
errors++;
}
}
var _valid12 = _errs141 === errors;
valid23 = valid23 || _valid12;
const _errs143 = errors;
if(data44 !== null){
const err58 = {instancePath:instancePath+"/rungs/" + i4+"/productId",schemaPath:"#/$defs/Rung/properties/productId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err58];
}
else {
vErrors.push(err58);
}
errors++;
}
var _valid12 = _errs143 === errors;
valid23 = valid23 || _valid12;
if(!valid23){
const err59 = {instancePath:instancePath+"/rungs/" + i4+"/productId",schemaPath:"#/$defs/Rung/properties/productId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err59];
}
else {
vErrors.push(err59);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs140;
if(vErrors !== null){
if(_errs140){
vErrors.length = _errs140;
}
else {
vErrors = null;
}
}
}
var valid11 = _errs139 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.role !== undefined){
let data45 = data21.role;
const _errs145 = errors;
const _errs146 = errors;
let valid24 = false;
const _errs147 = errors;
if(errors === _errs147){
if(typeof data45 === "string"){
if(data45.length > 20){
const err60 = {instancePath:instancePath+"/rungs/" + i4+"/role",schemaPath:"#/$defs/Rung/properties/role/anyOf/0/maxLength",keyword:"maxLength",params:{limit: 20}};
if(vErrors === null){
vErrors = [err60];
}
else {
vErrors.push(err60);
}
errors++;
}
else {
if(!pattern4.test(data45)){
const err61 = {instancePath:instancePath+"/rungs/" + i4+"/role",schemaPath:"#/$defs/Rung/properties/role/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}};
if(vErrors === null){
vErrors = [err61];
}
else {
vErrors.push(err61);
}
errors++;
}
}
}
else {
const err62 = {instancePath:instancePath+"/rungs/" + i4+"/role",schemaPath:"#/$defs/Rung/properties/role/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err62];
}
else {
vErrors.push(err62);
}
errors++;
}
}
var _valid13 = _errs147 === errors;
valid24 = valid24 || _valid13;
const _errs149 = errors;
if(data45 !== null){
const err63 = {instancePath:instancePath+"/rungs/" + i4+"/role",schemaPath:"#/$defs/Rung/properties/role/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err63];
}
else {
vErrors.push(err63);
}
errors++;
}
var _valid13 = _errs149 === errors;
valid24 = valid24 || _valid13;
if(!valid24){
const err64 = {instancePath:instancePath+"/rungs/" + i4+"/role",schemaPath:"#/$defs/Rung/properties/role/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err64];
}
else {
vErrors.push(err64);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs146;
if(vErrors !== null){
if(_errs146){
vErrors.length = _errs146;
}
else {
vErrors = null;
}
}
}
var valid11 = _errs145 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.grit !== undefined){
let data46 = data21.grit;
const _errs151 = errors;
const _errs152 = errors;
let valid25 = false;
const _errs153 = errors;
if(errors === _errs153){
if(typeof data46 === "string"){
if(data46.length > 20){
const err65 = {instancePath:instancePath+"/rungs/" + i4+"/grit",schemaPath:"#/$defs/Rung/properties/grit/anyOf/0/maxLength",keyword:"maxLength",params:{limit: 20}};
if(vErrors === null){
vErrors = [err65];
}
else {
vErrors.push(err65);
}
errors++;
}
else {
if(!pattern4.test(data46)){
const err66 = {instancePath:instancePath+"/rungs/" + i4+"/grit",schemaPath:"#/$defs/Rung/properties/grit/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}};
if(vErrors === null){
vErrors = [err66];
}
else {
vErrors.push(err66);
}
errors++;
}
}
}
else {
const err67 = {instancePath:instancePath+"/rungs/" + i4+"/grit",schemaPath:"#/$defs/Rung/properties/grit/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err67];
}
else {
vErrors.push(err67);
}
errors++;
}
}
var _valid14 = _errs153 === errors;
valid25 = valid25 || _valid14;
const _errs155 = errors;
if(data46 !== null){
const err68 = {instancePath:instancePath+"/rungs/" + i4+"/grit",schemaPath:"#/$defs/Rung/properties/grit/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err68];
}
else {
vErrors.push(err68);
}
errors++;
}
var _valid14 = _errs155 === errors;
valid25 = valid25 || _valid14;
if(!valid25){
const err69 = {instancePath:instancePath+"/rungs/" + i4+"/grit",schemaPath:"#/$defs/Rung/properties/grit/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err69];
}
else {
vErrors.push(err69);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs152;
if(vErrors !== null){
if(_errs152){
vErrors.length = _errs152;
}
else {
vErrors = null;
}
}
}
var valid11 = _errs151 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.coatMicrometres !== undefined){
let data47 = data21.coatMicrometres;
const _errs157 = errors;
const _errs158 = errors;
let valid26 = false;
const _errs159 = errors;
if(errors === _errs159){
if((typeof data47 == "number") && (isFinite(data47))){
if(data47 > 20000 || isNaN(data47)){
const err70 = {instancePath:instancePath+"/rungs/" + i4+"/coatMicrometres",schemaPath:"#/$defs/Rung/properties/coatMicrometres/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 20000}};
if(vErrors === null){
vErrors = [err70];
}
else {
vErrors.push(err70);
}
errors++;
}
else {
if(data47 < 0 || isNaN(data47)){
const err71 = {instancePath:instancePath+"/rungs/" + i4+"/coatMicrometres",schemaPath:"#/$defs/Rung/properties/coatMicrometres/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err71];
}
else {
vErrors.push(err71);
}
errors++;
}
}
}
else {
const err72 = {instancePath:instancePath+"/rungs/" + i4+"/coatMicrometres",schemaPath:"#/$defs/Rung/properties/coatMicrometres/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err72];
}
else {
vErrors.push(err72);
}
errors++;
}
}
var _valid15 = _errs159 === errors;
valid26 = valid26 || _valid15;
const _errs161 = errors;
if(data47 !== null){
const err73 = {instancePath:instancePath+"/rungs/" + i4+"/coatMicrometres",schemaPath:"#/$defs/Rung/properties/coatMicrometres/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err73];
}
else {
vErrors.push(err73);
}
errors++;
}
var _valid15 = _errs161 === errors;
valid26 = valid26 || _valid15;
if(!valid26){
const err74 = {instancePath:instancePath+"/rungs/" + i4+"/coatMicrometres",schemaPath:"#/$defs/Rung/properties/coatMicrometres/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err74];
}
else {
vErrors.push(err74);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs158;
if(vErrors !== null){
if(_errs158){
vErrors.length = _errs158;
}
else {
vErrors = null;
}
}
}
var valid11 = _errs157 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.side !== undefined){
let data48 = data21.side;
const _errs163 = errors;
if(typeof data48 !== "string"){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/side",schemaPath:"#/$defs/Rung/properties/side/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((data48 === "all") || (data48 === "under")) || (data48 === "top"))){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/side",schemaPath:"#/$defs/Rung/properties/side/enum",keyword:"enum",params:{allowedValues: schema51.properties.side.enum}}];
return false;
}
var valid11 = _errs163 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.detail !== undefined){
let data49 = data21.detail;
const _errs165 = errors;
if(errors === _errs165){
if(typeof data49 === "string"){
if(data49.length > 4000){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/detail",schemaPath:"#/$defs/Rung/properties/detail/maxLength",keyword:"maxLength",params:{limit: 4000}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/detail",schemaPath:"#/$defs/Rung/properties/detail/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid11 = _errs165 === errors;
}
else {
var valid11 = true;
}
if(valid11){
if(data21.why !== undefined){
let data50 = data21.why;
const _errs167 = errors;
if(errors === _errs167){
if(typeof data50 === "string"){
if(data50.length > 2000){
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/why",schemaPath:"#/$defs/Rung/properties/why/maxLength",keyword:"maxLength",params:{limit: 2000}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4+"/why",schemaPath:"#/$defs/Rung/properties/why/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid11 = _errs167 === errors;
}
else {
var valid11 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/rungs/" + i4,schemaPath:"#/$defs/Rung/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid9 = _errs51 === errors;
if(!valid9){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/rungs",schemaPath:"#/properties/rungs/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs49 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.products !== undefined){
let data51 = data.products;
const _errs169 = errors;
if(errors === _errs169){
if(Array.isArray(data51)){
var valid27 = true;
const len6 = data51.length;
for(let i6=0; i6<len6; i6++){
const _errs171 = errors;
if(!(validate31(data51[i6], {instancePath:instancePath+"/products/" + i6,parentData:data51,parentDataProperty:i6,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate31.errors : vErrors.concat(validate31.errors);
errors = vErrors.length;
}
var valid27 = _errs171 === errors;
if(!valid27){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/products",schemaPath:"#/properties/products/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs169 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.cans !== undefined){
let data53 = data.cans;
const _errs172 = errors;
if(errors === _errs172){
if(Array.isArray(data53)){
var valid28 = true;
const len7 = data53.length;
for(let i7=0; i7<len7; i7++){
let data54 = data53[i7];
const _errs174 = errors;
const _errs175 = errors;
if(errors === _errs175){
if(data54 && typeof data54 == "object" && !Array.isArray(data54)){
let missing3;
if(((((((((((((((((data54.productId === undefined) && (missing3 = "productId")) || ((data54.sizeMillilitres === undefined) && (missing3 = "sizeMillilitres"))) || ((data54.leftMillilitres === undefined) && (missing3 = "leftMillilitres"))) || ((data54.half === undefined) && (missing3 = "half"))) || ((data54.emptyGrams === undefined) && (missing3 = "emptyGrams"))) || ((data54.id === undefined) && (missing3 = "id"))) || ((data54.revision === undefined) && (missing3 = "revision"))) || ((data54.level === undefined) && (missing3 = "level"))) || ((data54.countedAtMs === undefined) && (missing3 = "countedAtMs"))) || ((data54.boughtAtMs === undefined) && (missing3 = "boughtAtMs"))) || ((data54.openedAtMs === undefined) && (missing3 = "openedAtMs"))) || ((data54.provedAtMs === undefined) && (missing3 = "provedAtMs"))) || ((data54.paid === undefined) && (missing3 = "paid"))) || ((data54.lot === undefined) && (missing3 = "lot"))) || ((data54.place === undefined) && (missing3 = "place"))) || ((data54.note === undefined) && (missing3 = "note"))){
validate20.errors = [{instancePath:instancePath+"/cans/" + i7,schemaPath:"#/$defs/Can/required",keyword:"required",params:{missingProperty: missing3}}];
return false;
}
else {
const _errs177 = errors;
for(const key3 in data54){
if(!(func1.call(schema57.properties, key3))){
validate20.errors = [{instancePath:instancePath+"/cans/" + i7,schemaPath:"#/$defs/Can/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key3}}];
return false;
break;
}
}
if(_errs177 === errors){
if(data54.productId !== undefined){
let data55 = data54.productId;
const _errs178 = errors;
if(errors === _errs178){
if(typeof data55 === "string"){
if(!pattern10.test(data55)){
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/productId",schemaPath:"#/$defs/Can/properties/productId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/productId",schemaPath:"#/$defs/Can/properties/productId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid30 = _errs178 === errors;
}
else {
var valid30 = true;
}
if(valid30){
if(data54.sizeMillilitres !== undefined){
let data56 = data54.sizeMillilitres;
const _errs180 = errors;
if(errors === _errs180){
if((typeof data56 == "number") && (isFinite(data56))){
if(data56 > 100000 || isNaN(data56)){
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/sizeMillilitres",schemaPath:"#/$defs/Can/properties/sizeMillilitres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100000}}];
return false;
}
else {
if(data56 < 0.1 || isNaN(data56)){
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/sizeMillilitres",schemaPath:"#/$defs/Can/properties/sizeMillilitres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.1}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/sizeMillilitres",schemaPath:"#/$defs/Can/properties/sizeMillilitres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid30 = _errs180 === errors;
}
else {
var valid30 = true;
}
if(valid30){
if(data54.leftMillilitres !== undefined){
let data57 = data54.leftMillilitres;
const _errs182 = errors;
if(errors === _errs182){
if((typeof data57 == "number") && (isFinite(data57))){
if(data57 > 100000 || isNaN(data57)){
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/leftMillilitres",schemaPath:"#/$defs/Can/properties/leftMillilitres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100000}}];
return false;
}
else {
if(data57 < 0 || isNaN(data57)){
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/leftMillilitres",schemaPath:"#/$defs/Can/properties/leftMillilitres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/leftMillilitres",schemaPath:"#/$defs/Can/properties/leftMillilitres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid30 = _errs182 === errors;
}
else {
var valid30 = true;
}
if(valid30){
if(data54.half !== undefined){
let data58 = data54.half;
const _errs184 = errors;
const _errs185 = errors;
let valid31 = false;
const _errs186 = errors;
if(typeof data58 !== "string"){
const err75 = {instancePath:instancePath+"/cans/" + i7+"/half",schemaPath:"#/$defs/Can/properties/half/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err75];
}
else {
vErrors.push(err75);
}
errors++;
}
if(!((data58 === "a") || (data58 === "b"))){
const err76 = {instancePath:instancePath+"/cans/" + i7+"/half",schemaPath:"#/$defs/Can/properties/half/anyOf/0/enum",keyword:"enum",params:{allowedValues: schema57.properties.half.anyOf[0].enum}};
if(vErrors === null){
vErrors = [err76];
}
else {
vErrors.push(err76);
}
errors++;
}
var _valid16 = _errs186 === errors;
valid31 = valid31 || _valid16;
const _errs188 = errors;
if(data58 !== null){
const err77 = {instancePath:instancePath+"/cans/" + i7+"/half",schemaPath:"#/$defs/Can/properties/half/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err77];
}
else {
vErrors.push(err77);
}
errors++;
}
var _valid16 = _errs188 === errors;
valid31 = valid31 || _valid16;
if(!valid31){
const err78 = {instancePath:instancePath+"/cans/" + i7+"/half",schemaPath:"#/$defs/Can/properties/half/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err78];
}
else {
vErrors.push(err78);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs185;
if(vErrors !== null){
if(_errs185){
vErrors.length = _errs185;
}
else {
vErrors = null;
}
}
}
var valid30 = _errs184 === errors;
}
else {
var valid30 = true;
}
if(valid30){
if(data54.emptyGrams !== undefined){
let data59 = data54.emptyGrams;
const _errs190 = errors;
const _errs191 = errors;
let valid32 = false;
const _errs192 = errors;
if(errors === _errs192){
if((typeof data59 == "number") && (isFinite(data59))){
if(data59 > 100000 || isNaN(data59)){
const err79 = {instancePath:instancePath+"/cans/" + i7+"/emptyGrams",schemaPath:"#/$defs/Can/properties/emptyGrams/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100000}};
if(vErrors === null){
vErrors = [err79];
}
else {
vErrors.push(err79);
}
errors++;
}
else {
if(data59 < 0 || isNaN(data59)){
const err80 = {instancePath:instancePath+"/cans/" + i7+"/emptyGrams",schemaPath:"#/$defs/Can/properties/emptyGrams/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err80];
}
else {
vErrors.push(err80);
}
errors++;
}
}
}
else {
const err81 = {instancePath:instancePath+"/cans/" + i7+"/emptyGrams",schemaPath:"#/$defs/Can/properties/emptyGrams/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err81];
}
else {
vErrors.push(err81);
}
errors++;
}
}
var _valid17 = _errs192 === errors;
valid32 = valid32 || _valid17;
const _errs194 = errors;
if(data59 !== null){
const err82 = {instancePath:instancePath+"/cans/" + i7+"/emptyGrams",schemaPath:"#/$defs/Can/properties/emptyGrams/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err82];
}
else {
vErrors.push(err82);
}
errors++;
}
var _valid17 = _errs194 === errors;
valid32 = valid32 || _valid17;
if(!valid32){
const err83 = {instancePath:instancePath+"/cans/" + i7+"/emptyGrams",schemaPath:"#/$defs/Can/properties/emptyGrams/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err83];
}
else {
vErrors.push(err83);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs191;
if(vErrors !== null){
if(_errs191){
vErrors.length = _errs191;
}
else {
vErrors = null;
}
}
}
var valid30 = _errs190 === errors;
}
else {
var valid30 = true;
}
if(valid30){
if(data54.id !== undefined){
let data60 = data54.id;
const _errs196 = errors;
if(errors === _errs196){
if(typeof data60 === "string"){
if(!pattern10.test(data60)){
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/id",schemaPath:"#/$defs/Can/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/id",schemaPath:"#/$defs/Can/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid30 = _errs196 === errors;
}
else {
var valid30 = true;
}
if(valid30){
if(data54.revision !== undefined){
let data61 = data54.revision;
const _errs198 = errors;
if(!(((typeof data61 == "number") && (!(data61 % 1) && !isNaN(data61))) && (isFinite(data61)))){
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/revision",schemaPath:"#/$defs/Can/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs198){
if((typeof data61 == "number") && (isFinite(data61))){
if(data61 < 0 || isNaN(data61)){
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/revision",schemaPath:"#/$defs/Can/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid30 = _errs198 === errors;
}
else {
var valid30 = true;
}
if(valid30){
if(data54.level !== undefined){
let data62 = data54.level;
const _errs200 = errors;
const _errs201 = errors;
let valid33 = false;
const _errs202 = errors;
if(typeof data62 !== "string"){
const err84 = {instancePath:instancePath+"/cans/" + i7+"/level",schemaPath:"#/$defs/Can/properties/level/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err84];
}
else {
vErrors.push(err84);
}
errors++;
}
if(!(((data62 === "enough") || (data62 === "low")) || (data62 === "out"))){
const err85 = {instancePath:instancePath+"/cans/" + i7+"/level",schemaPath:"#/$defs/Can/properties/level/anyOf/0/enum",keyword:"enum",params:{allowedValues: schema57.properties.level.anyOf[0].enum}};
if(vErrors === null){
vErrors = [err85];
}
else {
vErrors.push(err85);
}
errors++;
}
var _valid18 = _errs202 === errors;
valid33 = valid33 || _valid18;
const _errs204 = errors;
if(data62 !== null){
const err86 = {instancePath:instancePath+"/cans/" + i7+"/level",schemaPath:"#/$defs/Can/properties/level/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err86];
}
else {
vErrors.push(err86);
}
errors++;
}
var _valid18 = _errs204 === errors;
valid33 = valid33 || _valid18;
if(!valid33){
const err87 = {instancePath:instancePath+"/cans/" + i7+"/level",schemaPath:"#/$defs/Can/properties/level/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err87];
}
else {
vErrors.push(err87);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs201;
if(vErrors !== null){
if(_errs201){
vErrors.length = _errs201;
}
else {
vErrors = null;
}
}
}
var valid30 = _errs200 === errors;
}
else {
var valid30 = true;
}
if(valid30){
if(data54.countedAtMs !== undefined){
let data63 = data54.countedAtMs;
const _errs206 = errors;
const _errs207 = errors;
let valid34 = false;
const _errs208 = errors;
if(!(((typeof data63 == "number") && (!(data63 % 1) && !isNaN(data63))) && (isFinite(data63)))){
const err88 = {instancePath:instancePath+"/cans/" + i7+"/countedAtMs",schemaPath:"#/$defs/Can/properties/countedAtMs/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err88];
}
else {
vErrors.push(err88);
}
errors++;
}
if(errors === _errs208){
if((typeof data63 == "number") && (isFinite(data63))){
if(data63 > 4102444800000 || isNaN(data63)){
const err89 = {instancePath:instancePath+"/cans/" + i7+"/countedAtMs",schemaPath:"#/$defs/Can/properties/countedAtMs/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err89];
}
else {
vErrors.push(err89);
}
errors++;
}
else {
if(data63 < 946684800000 || isNaN(data63)){
const err90 = {instancePath:instancePath+"/cans/" + i7+"/countedAtMs",schemaPath:"#/$defs/Can/properties/countedAtMs/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err90];
}
else {
vErrors.push(err90);
}
errors++;
}
}
}
}
var _valid19 = _errs208 === errors;
valid34 = valid34 || _valid19;
const _errs210 = errors;
if(data63 !== null){
const err91 = {instancePath:instancePath+"/cans/" + i7+"/countedAtMs",schemaPath:"#/$defs/Can/properties/countedAtMs/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err91];
}
else {
vErrors.push(err91);
}
errors++;
}
var _valid19 = _errs210 === errors;
valid34 = valid34 || _valid19;
if(!valid34){
const err92 = {instancePath:instancePath+"/cans/" + i7+"/countedAtMs",schemaPath:"#/$defs/Can/properties/countedAtMs/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err92];
}
else {
vErrors.push(err92);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs207;
if(vErrors !== null){
if(_errs207){
vErrors.length = _errs207;
}
else {
vErrors = null;
}
}
}
var valid30 = _errs206 === errors;
}
else {
var valid30 = true;
}
if(valid30){
if(data54.boughtAtMs !== undefined){
let data64 = data54.boughtAtMs;
const _errs212 = errors;
const _errs213 = errors;
let valid35 = false;
const _errs214 = errors;
if(!(((typeof data64 == "number") && (!(data64 % 1) && !isNaN(data64))) && (isFinite(data64)))){
const err93 = {instancePath:instancePath+"/cans/" + i7+"/boughtAtMs",schemaPath:"#/$defs/Can/properties/boughtAtMs/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err93];
}
else {
vErrors.push(err93);
}
errors++;
}
if(errors === _errs214){
if((typeof data64 == "number") && (isFinite(data64))){
if(data64 > 4102444800000 || isNaN(data64)){
const err94 = {instancePath:instancePath+"/cans/" + i7+"/boughtAtMs",schemaPath:"#/$defs/Can/properties/boughtAtMs/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err94];
}
else {
vErrors.push(err94);
}
errors++;
}
else {
if(data64 < 946684800000 || isNaN(data64)){
const err95 = {instancePath:instancePath+"/cans/" + i7+"/boughtAtMs",schemaPath:"#/$defs/Can/properties/boughtAtMs/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err95];
}
else {
vErrors.push(err95);
}
errors++;
}
}
}
}
var _valid20 = _errs214 === errors;
valid35 = valid35 || _valid20;
const _errs216 = errors;
if(data64 !== null){
const err96 = {instancePath:instancePath+"/cans/" + i7+"/boughtAtMs",schemaPath:"#/$defs/Can/properties/boughtAtMs/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err96];
}
else {
vErrors.push(err96);
}
errors++;
}
var _valid20 = _errs216 === errors;
valid35 = valid35 || _valid20;
if(!valid35){
const err97 = {instancePath:instancePath+"/cans/" + i7+"/boughtAtMs",schemaPath:"#/$defs/Can/properties/boughtAtMs/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err97];
}
else {
vErrors.push(err97);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs213;
if(vErrors !== null){
if(_errs213){
vErrors.length = _errs213;
}
else {
vErrors = null;
}
}
}
var valid30 = _errs212 === errors;
}
else {
var valid30 = true;
}
if(valid30){
if(data54.openedAtMs !== undefined){
let data65 = data54.openedAtMs;
const _errs218 = errors;
const _errs219 = errors;
let valid36 = false;
const _errs220 = errors;
if(!(((typeof data65 == "number") && (!(data65 % 1) && !isNaN(data65))) && (isFinite(data65)))){
const err98 = {instancePath:instancePath+"/cans/" + i7+"/openedAtMs",schemaPath:"#/$defs/Can/properties/openedAtMs/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err98];
}
else {
vErrors.push(err98);
}
errors++;
}
if(errors === _errs220){
if((typeof data65 == "number") && (isFinite(data65))){
if(data65 > 4102444800000 || isNaN(data65)){
const err99 = {instancePath:instancePath+"/cans/" + i7+"/openedAtMs",schemaPath:"#/$defs/Can/properties/openedAtMs/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err99];
}
else {
vErrors.push(err99);
}
errors++;
}
else {
if(data65 < 946684800000 || isNaN(data65)){
const err100 = {instancePath:instancePath+"/cans/" + i7+"/openedAtMs",schemaPath:"#/$defs/Can/properties/openedAtMs/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err100];
}
else {
vErrors.push(err100);
}
errors++;
}
}
}
}
var _valid21 = _errs220 === errors;
valid36 = valid36 || _valid21;
const _errs222 = errors;
if(data65 !== null){
const err101 = {instancePath:instancePath+"/cans/" + i7+"/openedAtMs",schemaPath:"#/$defs/Can/properties/openedAtMs/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err101];
}
else {
vErrors.push(err101);
}
errors++;
}
var _valid21 = _errs222 === errors;
valid36 = valid36 || _valid21;
if(!valid36){
const err102 = {instancePath:instancePath+"/cans/" + i7+"/openedAtMs",schemaPath:"#/$defs/Can/properties/openedAtMs/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err102];
}
else {
vErrors.push(err102);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs219;
if(vErrors !== null){
if(_errs219){
vErrors.length = _errs219;
}
else {
vErrors = null;
}
}
}
var valid30 = _errs218 === errors;
}
else {
var valid30 = true;
}
if(valid30){
if(data54.provedAtMs !== undefined){
let data66 = data54.provedAtMs;
const _errs224 = errors;
const _errs225 = errors;
let valid37 = false;
const _errs226 = errors;
if(!(((typeof data66 == "number") && (!(data66 % 1) && !isNaN(data66))) && (isFinite(data66)))){
const err103 = {instancePath:instancePath+"/cans/" + i7+"/provedAtMs",schemaPath:"#/$defs/Can/properties/provedAtMs/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err103];
}
else {
vErrors.push(err103);
}
errors++;
}
if(errors === _errs226){
if((typeof data66 == "number") && (isFinite(data66))){
if(data66 > 4102444800000 || isNaN(data66)){
const err104 = {instancePath:instancePath+"/cans/" + i7+"/provedAtMs",schemaPath:"#/$defs/Can/properties/provedAtMs/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err104];
}
else {
vErrors.push(err104);
}
errors++;
}
else {
if(data66 < 946684800000 || isNaN(data66)){
const err105 = {instancePath:instancePath+"/cans/" + i7+"/provedAtMs",schemaPath:"#/$defs/Can/properties/provedAtMs/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err105];
}
else {
vErrors.push(err105);
}
errors++;
}
}
}
}
var _valid22 = _errs226 === errors;
valid37 = valid37 || _valid22;
const _errs228 = errors;
if(data66 !== null){
const err106 = {instancePath:instancePath+"/cans/" + i7+"/provedAtMs",schemaPath:"#/$defs/Can/properties/provedAtMs/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err106];
}
else {
vErrors.push(err106);
}
errors++;
}
var _valid22 = _errs228 === errors;
valid37 = valid37 || _valid22;
if(!valid37){
const err107 = {instancePath:instancePath+"/cans/" + i7+"/provedAtMs",schemaPath:"#/$defs/Can/properties/provedAtMs/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err107];
}
else {
vErrors.push(err107);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs225;
if(vErrors !== null){
if(_errs225){
vErrors.length = _errs225;
}
else {
vErrors = null;
}
}
}
var valid30 = _errs224 === errors;
}
else {
var valid30 = true;
}
if(valid30){
if(data54.paid !== undefined){
let data67 = data54.paid;
const _errs230 = errors;
const _errs231 = errors;
let valid38 = false;
const _errs232 = errors;
if(errors === _errs232){
if((typeof data67 == "number") && (isFinite(data67))){
if(data67 > 1000000 || isNaN(data67)){
const err108 = {instancePath:instancePath+"/cans/" + i7+"/paid",schemaPath:"#/$defs/Can/properties/paid/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}};
if(vErrors === null){
vErrors = [err108];
}
else {
vErrors.push(err108);
}
errors++;
}
else {
if(data67 < 0 || isNaN(data67)){
const err109 = {instancePath:instancePath+"/cans/" + i7+"/paid",schemaPath:"#/$defs/Can/properties/paid/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err109];
}
else {
vErrors.push(err109);
}
errors++;
}
}
}
else {
const err110 = {instancePath:instancePath+"/cans/" + i7+"/paid",schemaPath:"#/$defs/Can/properties/paid/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err110];
}
else {
vErrors.push(err110);
}
errors++;
}
}
var _valid23 = _errs232 === errors;
valid38 = valid38 || _valid23;
const _errs234 = errors;
if(data67 !== null){
const err111 = {instancePath:instancePath+"/cans/" + i7+"/paid",schemaPath:"#/$defs/Can/properties/paid/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err111];
}
else {
vErrors.push(err111);
}
errors++;
}
var _valid23 = _errs234 === errors;
valid38 = valid38 || _valid23;
if(!valid38){
const err112 = {instancePath:instancePath+"/cans/" + i7+"/paid",schemaPath:"#/$defs/Can/properties/paid/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err112];
}
else {
vErrors.push(err112);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs231;
if(vErrors !== null){
if(_errs231){
vErrors.length = _errs231;
}
else {
vErrors = null;
}
}
}
var valid30 = _errs230 === errors;
}
else {
var valid30 = true;
}
if(valid30){
if(data54.lot !== undefined){
let data68 = data54.lot;
const _errs236 = errors;
if(errors === _errs236){
if(typeof data68 === "string"){
if(data68.length > 200){
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/lot",schemaPath:"#/$defs/Can/properties/lot/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(!pattern4.test(data68)){
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/lot",schemaPath:"#/$defs/Can/properties/lot/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/lot",schemaPath:"#/$defs/Can/properties/lot/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid30 = _errs236 === errors;
}
else {
var valid30 = true;
}
if(valid30){
if(data54.place !== undefined){
let data69 = data54.place;
const _errs238 = errors;
if(errors === _errs238){
if(typeof data69 === "string"){
if(data69.length > 200){
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/place",schemaPath:"#/$defs/Can/properties/place/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(!pattern4.test(data69)){
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/place",schemaPath:"#/$defs/Can/properties/place/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/place",schemaPath:"#/$defs/Can/properties/place/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid30 = _errs238 === errors;
}
else {
var valid30 = true;
}
if(valid30){
if(data54.note !== undefined){
let data70 = data54.note;
const _errs240 = errors;
if(errors === _errs240){
if(typeof data70 === "string"){
if(data70.length > 200){
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/note",schemaPath:"#/$defs/Can/properties/note/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(!pattern4.test(data70)){
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/note",schemaPath:"#/$defs/Can/properties/note/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/cans/" + i7+"/note",schemaPath:"#/$defs/Can/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid30 = _errs240 === errors;
}
else {
var valid30 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/cans/" + i7,schemaPath:"#/$defs/Can/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid28 = _errs174 === errors;
if(!valid28){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/cans",schemaPath:"#/properties/cans/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs172 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.supplies !== undefined){
let data71 = data.supplies;
const _errs242 = errors;
if(errors === _errs242){
if(Array.isArray(data71)){
var valid39 = true;
const len8 = data71.length;
for(let i8=0; i8<len8; i8++){
let data72 = data71[i8];
const _errs244 = errors;
const _errs245 = errors;
if(errors === _errs245){
if(data72 && typeof data72 == "object" && !Array.isArray(data72)){
let missing4;
if(((((((((((((((((((data72.name === undefined) && (missing4 = "name")) || ((data72.kindId === undefined) && (missing4 = "kindId"))) || ((data72.grit === undefined) && (missing4 = "grit"))) || ((data72.widthMillimetres === undefined) && (missing4 = "widthMillimetres"))) || ((data72.left === undefined) && (missing4 = "left"))) || ((data72.closedMonths === undefined) && (missing4 = "closedMonths"))) || ((data72.openedMonths === undefined) && (missing4 = "openedMonths"))) || ((data72.id === undefined) && (missing4 = "id"))) || ((data72.revision === undefined) && (missing4 = "revision"))) || ((data72.level === undefined) && (missing4 = "level"))) || ((data72.countedAtMs === undefined) && (missing4 = "countedAtMs"))) || ((data72.boughtAtMs === undefined) && (missing4 = "boughtAtMs"))) || ((data72.openedAtMs === undefined) && (missing4 = "openedAtMs"))) || ((data72.provedAtMs === undefined) && (missing4 = "provedAtMs"))) || ((data72.paid === undefined) && (missing4 = "paid"))) || ((data72.lot === undefined) && (missing4 = "lot"))) || ((data72.place === undefined) && (missing4 = "place"))) || ((data72.note === undefined) && (missing4 = "note"))){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8,schemaPath:"#/$defs/Supply/required",keyword:"required",params:{missingProperty: missing4}}];
return false;
}
else {
const _errs247 = errors;
for(const key4 in data72){
if(!(func1.call(schema58.properties, key4))){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8,schemaPath:"#/$defs/Supply/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key4}}];
return false;
break;
}
}
if(_errs247 === errors){
if(data72.name !== undefined){
let data73 = data72.name;
const _errs248 = errors;
if(errors === _errs248){
if(typeof data73 === "string"){
if(data73.length > 200){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/name",schemaPath:"#/$defs/Supply/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data73.length < 1){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/name",schemaPath:"#/$defs/Supply/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data73)){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/name",schemaPath:"#/$defs/Supply/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/name",schemaPath:"#/$defs/Supply/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid41 = _errs248 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.kindId !== undefined){
let data74 = data72.kindId;
const _errs250 = errors;
if(typeof data74 !== "string"){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/kindId",schemaPath:"#/$defs/Supply/properties/kindId/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((((((((((data74 === "abrasiveSheet") || (data74 === "abrasiveDisc")) || (data74 === "tape")) || (data74 === "maskingFilm")) || (data74 === "gloves")) || (data74 === "cartridge")) || (data74 === "thinner")) || (data74 === "cups")) || (data74 === "magnets")) || (data74 === "leds")) || (data74 === "cells")) || (data74 === "sundry"))){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/kindId",schemaPath:"#/$defs/Supply/properties/kindId/enum",keyword:"enum",params:{allowedValues: schema58.properties.kindId.enum}}];
return false;
}
var valid41 = _errs250 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.grit !== undefined){
let data75 = data72.grit;
const _errs252 = errors;
const _errs253 = errors;
let valid42 = false;
const _errs254 = errors;
if(!(((typeof data75 == "number") && (!(data75 % 1) && !isNaN(data75))) && (isFinite(data75)))){
const err113 = {instancePath:instancePath+"/supplies/" + i8+"/grit",schemaPath:"#/$defs/Supply/properties/grit/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err113];
}
else {
vErrors.push(err113);
}
errors++;
}
if(errors === _errs254){
if((typeof data75 == "number") && (isFinite(data75))){
if(data75 > 20000 || isNaN(data75)){
const err114 = {instancePath:instancePath+"/supplies/" + i8+"/grit",schemaPath:"#/$defs/Supply/properties/grit/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 20000}};
if(vErrors === null){
vErrors = [err114];
}
else {
vErrors.push(err114);
}
errors++;
}
else {
if(data75 < 8 || isNaN(data75)){
const err115 = {instancePath:instancePath+"/supplies/" + i8+"/grit",schemaPath:"#/$defs/Supply/properties/grit/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 8}};
if(vErrors === null){
vErrors = [err115];
}
else {
vErrors.push(err115);
}
errors++;
}
}
}
}
var _valid24 = _errs254 === errors;
valid42 = valid42 || _valid24;
const _errs256 = errors;
if(data75 !== null){
const err116 = {instancePath:instancePath+"/supplies/" + i8+"/grit",schemaPath:"#/$defs/Supply/properties/grit/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err116];
}
else {
vErrors.push(err116);
}
errors++;
}
var _valid24 = _errs256 === errors;
valid42 = valid42 || _valid24;
if(!valid42){
const err117 = {instancePath:instancePath+"/supplies/" + i8+"/grit",schemaPath:"#/$defs/Supply/properties/grit/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err117];
}
else {
vErrors.push(err117);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs253;
if(vErrors !== null){
if(_errs253){
vErrors.length = _errs253;
}
else {
vErrors = null;
}
}
}
var valid41 = _errs252 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.widthMillimetres !== undefined){
let data76 = data72.widthMillimetres;
const _errs258 = errors;
const _errs259 = errors;
let valid43 = false;
const _errs260 = errors;
if(errors === _errs260){
if((typeof data76 == "number") && (isFinite(data76))){
if(data76 > 5000 || isNaN(data76)){
const err118 = {instancePath:instancePath+"/supplies/" + i8+"/widthMillimetres",schemaPath:"#/$defs/Supply/properties/widthMillimetres/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 5000}};
if(vErrors === null){
vErrors = [err118];
}
else {
vErrors.push(err118);
}
errors++;
}
else {
if(data76 < 0.1 || isNaN(data76)){
const err119 = {instancePath:instancePath+"/supplies/" + i8+"/widthMillimetres",schemaPath:"#/$defs/Supply/properties/widthMillimetres/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.1}};
if(vErrors === null){
vErrors = [err119];
}
else {
vErrors.push(err119);
}
errors++;
}
}
}
else {
const err120 = {instancePath:instancePath+"/supplies/" + i8+"/widthMillimetres",schemaPath:"#/$defs/Supply/properties/widthMillimetres/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err120];
}
else {
vErrors.push(err120);
}
errors++;
}
}
var _valid25 = _errs260 === errors;
valid43 = valid43 || _valid25;
const _errs262 = errors;
if(data76 !== null){
const err121 = {instancePath:instancePath+"/supplies/" + i8+"/widthMillimetres",schemaPath:"#/$defs/Supply/properties/widthMillimetres/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err121];
}
else {
vErrors.push(err121);
}
errors++;
}
var _valid25 = _errs262 === errors;
valid43 = valid43 || _valid25;
if(!valid43){
const err122 = {instancePath:instancePath+"/supplies/" + i8+"/widthMillimetres",schemaPath:"#/$defs/Supply/properties/widthMillimetres/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err122];
}
else {
vErrors.push(err122);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs259;
if(vErrors !== null){
if(_errs259){
vErrors.length = _errs259;
}
else {
vErrors = null;
}
}
}
var valid41 = _errs258 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.left !== undefined){
let data77 = data72.left;
const _errs264 = errors;
if(errors === _errs264){
if((typeof data77 == "number") && (isFinite(data77))){
if(data77 > 10000000 || isNaN(data77)){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/left",schemaPath:"#/$defs/Supply/properties/left/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000000}}];
return false;
}
else {
if(data77 < 0 || isNaN(data77)){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/left",schemaPath:"#/$defs/Supply/properties/left/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/left",schemaPath:"#/$defs/Supply/properties/left/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid41 = _errs264 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.closedMonths !== undefined){
let data78 = data72.closedMonths;
const _errs266 = errors;
const _errs267 = errors;
let valid44 = false;
const _errs268 = errors;
if(errors === _errs268){
if((typeof data78 == "number") && (isFinite(data78))){
if(data78 > 1200 || isNaN(data78)){
const err123 = {instancePath:instancePath+"/supplies/" + i8+"/closedMonths",schemaPath:"#/$defs/Supply/properties/closedMonths/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1200}};
if(vErrors === null){
vErrors = [err123];
}
else {
vErrors.push(err123);
}
errors++;
}
else {
if(data78 < 0.1 || isNaN(data78)){
const err124 = {instancePath:instancePath+"/supplies/" + i8+"/closedMonths",schemaPath:"#/$defs/Supply/properties/closedMonths/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.1}};
if(vErrors === null){
vErrors = [err124];
}
else {
vErrors.push(err124);
}
errors++;
}
}
}
else {
const err125 = {instancePath:instancePath+"/supplies/" + i8+"/closedMonths",schemaPath:"#/$defs/Supply/properties/closedMonths/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err125];
}
else {
vErrors.push(err125);
}
errors++;
}
}
var _valid26 = _errs268 === errors;
valid44 = valid44 || _valid26;
const _errs270 = errors;
if(data78 !== null){
const err126 = {instancePath:instancePath+"/supplies/" + i8+"/closedMonths",schemaPath:"#/$defs/Supply/properties/closedMonths/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err126];
}
else {
vErrors.push(err126);
}
errors++;
}
var _valid26 = _errs270 === errors;
valid44 = valid44 || _valid26;
if(!valid44){
const err127 = {instancePath:instancePath+"/supplies/" + i8+"/closedMonths",schemaPath:"#/$defs/Supply/properties/closedMonths/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err127];
}
else {
vErrors.push(err127);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs267;
if(vErrors !== null){
if(_errs267){
vErrors.length = _errs267;
}
else {
vErrors = null;
}
}
}
var valid41 = _errs266 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.openedMonths !== undefined){
let data79 = data72.openedMonths;
const _errs272 = errors;
const _errs273 = errors;
let valid45 = false;
const _errs274 = errors;
if(errors === _errs274){
if((typeof data79 == "number") && (isFinite(data79))){
if(data79 > 1200 || isNaN(data79)){
const err128 = {instancePath:instancePath+"/supplies/" + i8+"/openedMonths",schemaPath:"#/$defs/Supply/properties/openedMonths/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1200}};
if(vErrors === null){
vErrors = [err128];
}
else {
vErrors.push(err128);
}
errors++;
}
else {
if(data79 < 0.1 || isNaN(data79)){
const err129 = {instancePath:instancePath+"/supplies/" + i8+"/openedMonths",schemaPath:"#/$defs/Supply/properties/openedMonths/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.1}};
if(vErrors === null){
vErrors = [err129];
}
else {
vErrors.push(err129);
}
errors++;
}
}
}
else {
const err130 = {instancePath:instancePath+"/supplies/" + i8+"/openedMonths",schemaPath:"#/$defs/Supply/properties/openedMonths/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err130];
}
else {
vErrors.push(err130);
}
errors++;
}
}
var _valid27 = _errs274 === errors;
valid45 = valid45 || _valid27;
const _errs276 = errors;
if(data79 !== null){
const err131 = {instancePath:instancePath+"/supplies/" + i8+"/openedMonths",schemaPath:"#/$defs/Supply/properties/openedMonths/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err131];
}
else {
vErrors.push(err131);
}
errors++;
}
var _valid27 = _errs276 === errors;
valid45 = valid45 || _valid27;
if(!valid45){
const err132 = {instancePath:instancePath+"/supplies/" + i8+"/openedMonths",schemaPath:"#/$defs/Supply/properties/openedMonths/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err132];
}
else {
vErrors.push(err132);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs273;
if(vErrors !== null){
if(_errs273){
vErrors.length = _errs273;
}
else {
vErrors = null;
}
}
}
var valid41 = _errs272 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.id !== undefined){
let data80 = data72.id;
const _errs278 = errors;
if(errors === _errs278){
if(typeof data80 === "string"){
if(!pattern10.test(data80)){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/id",schemaPath:"#/$defs/Supply/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/id",schemaPath:"#/$defs/Supply/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid41 = _errs278 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.revision !== undefined){
let data81 = data72.revision;
const _errs280 = errors;
if(!(((typeof data81 == "number") && (!(data81 % 1) && !isNaN(data81))) && (isFinite(data81)))){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/revision",schemaPath:"#/$defs/Supply/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs280){
if((typeof data81 == "number") && (isFinite(data81))){
if(data81 < 0 || isNaN(data81)){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/revision",schemaPath:"#/$defs/Supply/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid41 = _errs280 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.level !== undefined){
let data82 = data72.level;
const _errs282 = errors;
const _errs283 = errors;
let valid46 = false;
const _errs284 = errors;
if(typeof data82 !== "string"){
const err133 = {instancePath:instancePath+"/supplies/" + i8+"/level",schemaPath:"#/$defs/Supply/properties/level/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err133];
}
else {
vErrors.push(err133);
}
errors++;
}
if(!(((data82 === "enough") || (data82 === "low")) || (data82 === "out"))){
const err134 = {instancePath:instancePath+"/supplies/" + i8+"/level",schemaPath:"#/$defs/Supply/properties/level/anyOf/0/enum",keyword:"enum",params:{allowedValues: schema58.properties.level.anyOf[0].enum}};
if(vErrors === null){
vErrors = [err134];
}
else {
vErrors.push(err134);
}
errors++;
}
var _valid28 = _errs284 === errors;
valid46 = valid46 || _valid28;
const _errs286 = errors;
if(data82 !== null){
const err135 = {instancePath:instancePath+"/supplies/" + i8+"/level",schemaPath:"#/$defs/Supply/properties/level/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err135];
}
else {
vErrors.push(err135);
}
errors++;
}
var _valid28 = _errs286 === errors;
valid46 = valid46 || _valid28;
if(!valid46){
const err136 = {instancePath:instancePath+"/supplies/" + i8+"/level",schemaPath:"#/$defs/Supply/properties/level/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err136];
}
else {
vErrors.push(err136);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs283;
if(vErrors !== null){
if(_errs283){
vErrors.length = _errs283;
}
else {
vErrors = null;
}
}
}
var valid41 = _errs282 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.countedAtMs !== undefined){
let data83 = data72.countedAtMs;
const _errs288 = errors;
const _errs289 = errors;
let valid47 = false;
const _errs290 = errors;
if(!(((typeof data83 == "number") && (!(data83 % 1) && !isNaN(data83))) && (isFinite(data83)))){
const err137 = {instancePath:instancePath+"/supplies/" + i8+"/countedAtMs",schemaPath:"#/$defs/Supply/properties/countedAtMs/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err137];
}
else {
vErrors.push(err137);
}
errors++;
}
if(errors === _errs290){
if((typeof data83 == "number") && (isFinite(data83))){
if(data83 > 4102444800000 || isNaN(data83)){
const err138 = {instancePath:instancePath+"/supplies/" + i8+"/countedAtMs",schemaPath:"#/$defs/Supply/properties/countedAtMs/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err138];
}
else {
vErrors.push(err138);
}
errors++;
}
else {
if(data83 < 946684800000 || isNaN(data83)){
const err139 = {instancePath:instancePath+"/supplies/" + i8+"/countedAtMs",schemaPath:"#/$defs/Supply/properties/countedAtMs/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err139];
}
else {
vErrors.push(err139);
}
errors++;
}
}
}
}
var _valid29 = _errs290 === errors;
valid47 = valid47 || _valid29;
const _errs292 = errors;
if(data83 !== null){
const err140 = {instancePath:instancePath+"/supplies/" + i8+"/countedAtMs",schemaPath:"#/$defs/Supply/properties/countedAtMs/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err140];
}
else {
vErrors.push(err140);
}
errors++;
}
var _valid29 = _errs292 === errors;
valid47 = valid47 || _valid29;
if(!valid47){
const err141 = {instancePath:instancePath+"/supplies/" + i8+"/countedAtMs",schemaPath:"#/$defs/Supply/properties/countedAtMs/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err141];
}
else {
vErrors.push(err141);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs289;
if(vErrors !== null){
if(_errs289){
vErrors.length = _errs289;
}
else {
vErrors = null;
}
}
}
var valid41 = _errs288 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.boughtAtMs !== undefined){
let data84 = data72.boughtAtMs;
const _errs294 = errors;
const _errs295 = errors;
let valid48 = false;
const _errs296 = errors;
if(!(((typeof data84 == "number") && (!(data84 % 1) && !isNaN(data84))) && (isFinite(data84)))){
const err142 = {instancePath:instancePath+"/supplies/" + i8+"/boughtAtMs",schemaPath:"#/$defs/Supply/properties/boughtAtMs/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err142];
}
else {
vErrors.push(err142);
}
errors++;
}
if(errors === _errs296){
if((typeof data84 == "number") && (isFinite(data84))){
if(data84 > 4102444800000 || isNaN(data84)){
const err143 = {instancePath:instancePath+"/supplies/" + i8+"/boughtAtMs",schemaPath:"#/$defs/Supply/properties/boughtAtMs/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err143];
}
else {
vErrors.push(err143);
}
errors++;
}
else {
if(data84 < 946684800000 || isNaN(data84)){
const err144 = {instancePath:instancePath+"/supplies/" + i8+"/boughtAtMs",schemaPath:"#/$defs/Supply/properties/boughtAtMs/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err144];
}
else {
vErrors.push(err144);
}
errors++;
}
}
}
}
var _valid30 = _errs296 === errors;
valid48 = valid48 || _valid30;
const _errs298 = errors;
if(data84 !== null){
const err145 = {instancePath:instancePath+"/supplies/" + i8+"/boughtAtMs",schemaPath:"#/$defs/Supply/properties/boughtAtMs/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err145];
}
else {
vErrors.push(err145);
}
errors++;
}
var _valid30 = _errs298 === errors;
valid48 = valid48 || _valid30;
if(!valid48){
const err146 = {instancePath:instancePath+"/supplies/" + i8+"/boughtAtMs",schemaPath:"#/$defs/Supply/properties/boughtAtMs/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err146];
}
else {
vErrors.push(err146);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs295;
if(vErrors !== null){
if(_errs295){
vErrors.length = _errs295;
}
else {
vErrors = null;
}
}
}
var valid41 = _errs294 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.openedAtMs !== undefined){
let data85 = data72.openedAtMs;
const _errs300 = errors;
const _errs301 = errors;
let valid49 = false;
const _errs302 = errors;
if(!(((typeof data85 == "number") && (!(data85 % 1) && !isNaN(data85))) && (isFinite(data85)))){
const err147 = {instancePath:instancePath+"/supplies/" + i8+"/openedAtMs",schemaPath:"#/$defs/Supply/properties/openedAtMs/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err147];
}
else {
vErrors.push(err147);
}
errors++;
}
if(errors === _errs302){
if((typeof data85 == "number") && (isFinite(data85))){
if(data85 > 4102444800000 || isNaN(data85)){
const err148 = {instancePath:instancePath+"/supplies/" + i8+"/openedAtMs",schemaPath:"#/$defs/Supply/properties/openedAtMs/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err148];
}
else {
vErrors.push(err148);
}
errors++;
}
else {
if(data85 < 946684800000 || isNaN(data85)){
const err149 = {instancePath:instancePath+"/supplies/" + i8+"/openedAtMs",schemaPath:"#/$defs/Supply/properties/openedAtMs/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err149];
}
else {
vErrors.push(err149);
}
errors++;
}
}
}
}
var _valid31 = _errs302 === errors;
valid49 = valid49 || _valid31;
const _errs304 = errors;
if(data85 !== null){
const err150 = {instancePath:instancePath+"/supplies/" + i8+"/openedAtMs",schemaPath:"#/$defs/Supply/properties/openedAtMs/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err150];
}
else {
vErrors.push(err150);
}
errors++;
}
var _valid31 = _errs304 === errors;
valid49 = valid49 || _valid31;
if(!valid49){
const err151 = {instancePath:instancePath+"/supplies/" + i8+"/openedAtMs",schemaPath:"#/$defs/Supply/properties/openedAtMs/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err151];
}
else {
vErrors.push(err151);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs301;
if(vErrors !== null){
if(_errs301){
vErrors.length = _errs301;
}
else {
vErrors = null;
}
}
}
var valid41 = _errs300 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.provedAtMs !== undefined){
let data86 = data72.provedAtMs;
const _errs306 = errors;
const _errs307 = errors;
let valid50 = false;
const _errs308 = errors;
if(!(((typeof data86 == "number") && (!(data86 % 1) && !isNaN(data86))) && (isFinite(data86)))){
const err152 = {instancePath:instancePath+"/supplies/" + i8+"/provedAtMs",schemaPath:"#/$defs/Supply/properties/provedAtMs/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err152];
}
else {
vErrors.push(err152);
}
errors++;
}
if(errors === _errs308){
if((typeof data86 == "number") && (isFinite(data86))){
if(data86 > 4102444800000 || isNaN(data86)){
const err153 = {instancePath:instancePath+"/supplies/" + i8+"/provedAtMs",schemaPath:"#/$defs/Supply/properties/provedAtMs/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err153];
}
else {
vErrors.push(err153);
}
errors++;
}
else {
if(data86 < 946684800000 || isNaN(data86)){
const err154 = {instancePath:instancePath+"/supplies/" + i8+"/provedAtMs",schemaPath:"#/$defs/Supply/properties/provedAtMs/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err154];
}
else {
vErrors.push(err154);
}
errors++;
}
}
}
}
var _valid32 = _errs308 === errors;
valid50 = valid50 || _valid32;
const _errs310 = errors;
if(data86 !== null){
const err155 = {instancePath:instancePath+"/supplies/" + i8+"/provedAtMs",schemaPath:"#/$defs/Supply/properties/provedAtMs/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err155];
}
else {
vErrors.push(err155);
}
errors++;
}
var _valid32 = _errs310 === errors;
valid50 = valid50 || _valid32;
if(!valid50){
const err156 = {instancePath:instancePath+"/supplies/" + i8+"/provedAtMs",schemaPath:"#/$defs/Supply/properties/provedAtMs/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err156];
}
else {
vErrors.push(err156);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs307;
if(vErrors !== null){
if(_errs307){
vErrors.length = _errs307;
}
else {
vErrors = null;
}
}
}
var valid41 = _errs306 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.paid !== undefined){
let data87 = data72.paid;
const _errs312 = errors;
const _errs313 = errors;
let valid51 = false;
const _errs314 = errors;
if(errors === _errs314){
if((typeof data87 == "number") && (isFinite(data87))){
if(data87 > 1000000 || isNaN(data87)){
const err157 = {instancePath:instancePath+"/supplies/" + i8+"/paid",schemaPath:"#/$defs/Supply/properties/paid/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}};
if(vErrors === null){
vErrors = [err157];
}
else {
vErrors.push(err157);
}
errors++;
}
else {
if(data87 < 0 || isNaN(data87)){
const err158 = {instancePath:instancePath+"/supplies/" + i8+"/paid",schemaPath:"#/$defs/Supply/properties/paid/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err158];
}
else {
vErrors.push(err158);
}
errors++;
}
}
}
else {
const err159 = {instancePath:instancePath+"/supplies/" + i8+"/paid",schemaPath:"#/$defs/Supply/properties/paid/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err159];
}
else {
vErrors.push(err159);
}
errors++;
}
}
var _valid33 = _errs314 === errors;
valid51 = valid51 || _valid33;
const _errs316 = errors;
if(data87 !== null){
const err160 = {instancePath:instancePath+"/supplies/" + i8+"/paid",schemaPath:"#/$defs/Supply/properties/paid/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err160];
}
else {
vErrors.push(err160);
}
errors++;
}
var _valid33 = _errs316 === errors;
valid51 = valid51 || _valid33;
if(!valid51){
const err161 = {instancePath:instancePath+"/supplies/" + i8+"/paid",schemaPath:"#/$defs/Supply/properties/paid/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err161];
}
else {
vErrors.push(err161);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs313;
if(vErrors !== null){
if(_errs313){
vErrors.length = _errs313;
}
else {
vErrors = null;
}
}
}
var valid41 = _errs312 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.lot !== undefined){
let data88 = data72.lot;
const _errs318 = errors;
if(errors === _errs318){
if(typeof data88 === "string"){
if(data88.length > 200){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/lot",schemaPath:"#/$defs/Supply/properties/lot/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(!pattern4.test(data88)){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/lot",schemaPath:"#/$defs/Supply/properties/lot/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/lot",schemaPath:"#/$defs/Supply/properties/lot/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid41 = _errs318 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.place !== undefined){
let data89 = data72.place;
const _errs320 = errors;
if(errors === _errs320){
if(typeof data89 === "string"){
if(data89.length > 200){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/place",schemaPath:"#/$defs/Supply/properties/place/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(!pattern4.test(data89)){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/place",schemaPath:"#/$defs/Supply/properties/place/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/place",schemaPath:"#/$defs/Supply/properties/place/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid41 = _errs320 === errors;
}
else {
var valid41 = true;
}
if(valid41){
if(data72.note !== undefined){
let data90 = data72.note;
const _errs322 = errors;
if(errors === _errs322){
if(typeof data90 === "string"){
if(data90.length > 200){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/note",schemaPath:"#/$defs/Supply/properties/note/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(!pattern4.test(data90)){
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/note",schemaPath:"#/$defs/Supply/properties/note/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8+"/note",schemaPath:"#/$defs/Supply/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid41 = _errs322 === errors;
}
else {
var valid41 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/supplies/" + i8,schemaPath:"#/$defs/Supply/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid39 = _errs244 === errors;
if(!valid39){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/supplies",schemaPath:"#/properties/supplies/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs242 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.suppliers !== undefined){
let data91 = data.suppliers;
const _errs324 = errors;
if(errors === _errs324){
if(Array.isArray(data91)){
var valid52 = true;
const len9 = data91.length;
for(let i9=0; i9<len9; i9++){
let data92 = data91[i9];
const _errs326 = errors;
const _errs327 = errors;
if(errors === _errs327){
if(data92 && typeof data92 == "object" && !Array.isArray(data92)){
let missing5;
if(((((((((data92.name === undefined) && (missing5 = "name")) || ((data92.days === undefined) && (missing5 = "days"))) || ((data92.sendingWeekdays === undefined) && (missing5 = "sendingWeekdays"))) || ((data92.carriage === undefined) && (missing5 = "carriage"))) || ((data92.leastOrder === undefined) && (missing5 = "leastOrder"))) || ((data92.note === undefined) && (missing5 = "note"))) || ((data92.id === undefined) && (missing5 = "id"))) || ((data92.revision === undefined) && (missing5 = "revision"))){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9,schemaPath:"#/$defs/Supplier/required",keyword:"required",params:{missingProperty: missing5}}];
return false;
}
else {
const _errs329 = errors;
for(const key5 in data92){
if(!((((((((key5 === "name") || (key5 === "days")) || (key5 === "sendingWeekdays")) || (key5 === "carriage")) || (key5 === "leastOrder")) || (key5 === "note")) || (key5 === "id")) || (key5 === "revision"))){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9,schemaPath:"#/$defs/Supplier/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key5}}];
return false;
break;
}
}
if(_errs329 === errors){
if(data92.name !== undefined){
let data93 = data92.name;
const _errs330 = errors;
if(errors === _errs330){
if(typeof data93 === "string"){
if(data93.length > 200){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/name",schemaPath:"#/$defs/Supplier/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data93.length < 1){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/name",schemaPath:"#/$defs/Supplier/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data93)){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/name",schemaPath:"#/$defs/Supplier/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/name",schemaPath:"#/$defs/Supplier/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid54 = _errs330 === errors;
}
else {
var valid54 = true;
}
if(valid54){
if(data92.days !== undefined){
let data94 = data92.days;
const _errs332 = errors;
if(!(((typeof data94 == "number") && (!(data94 % 1) && !isNaN(data94))) && (isFinite(data94)))){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/days",schemaPath:"#/$defs/Supplier/properties/days/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs332){
if((typeof data94 == "number") && (isFinite(data94))){
if(data94 > 365 || isNaN(data94)){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/days",schemaPath:"#/$defs/Supplier/properties/days/maximum",keyword:"maximum",params:{comparison: "<=", limit: 365}}];
return false;
}
else {
if(data94 < 0 || isNaN(data94)){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/days",schemaPath:"#/$defs/Supplier/properties/days/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
}
var valid54 = _errs332 === errors;
}
else {
var valid54 = true;
}
if(valid54){
if(data92.sendingWeekdays !== undefined){
let data95 = data92.sendingWeekdays;
const _errs334 = errors;
if(errors === _errs334){
if(Array.isArray(data95)){
if(data95.length > 7){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/sendingWeekdays",schemaPath:"#/$defs/Supplier/properties/sendingWeekdays/maxItems",keyword:"maxItems",params:{limit: 7}}];
return false;
}
else {
var valid55 = true;
const len10 = data95.length;
for(let i10=0; i10<len10; i10++){
let data96 = data95[i10];
const _errs336 = errors;
if(!(((typeof data96 == "number") && (!(data96 % 1) && !isNaN(data96))) && (isFinite(data96)))){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/sendingWeekdays/" + i10,schemaPath:"#/$defs/Supplier/properties/sendingWeekdays/items/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs336){
if((typeof data96 == "number") && (isFinite(data96))){
if(data96 > 7 || isNaN(data96)){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/sendingWeekdays/" + i10,schemaPath:"#/$defs/Supplier/properties/sendingWeekdays/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 7}}];
return false;
}
else {
if(data96 < 1 || isNaN(data96)){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/sendingWeekdays/" + i10,schemaPath:"#/$defs/Supplier/properties/sendingWeekdays/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid55 = _errs336 === errors;
if(!valid55){
break;
}
}
if(valid55){
let i11 = data95.length;
let j0;
if(i11 > 1){
const indices0 = {};
for(;i11--;){
let item0 = data95[i11];
if(!(((typeof item0 == "number") && (!(item0 % 1) && !isNaN(item0))) && (isFinite(item0)))){
continue;
}
if(typeof indices0[item0] == "number"){
j0 = indices0[item0];
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/sendingWeekdays",schemaPath:"#/$defs/Supplier/properties/sendingWeekdays/uniqueItems",keyword:"uniqueItems",params:{i: i11, j: j0}}];
return false;
break;
}
indices0[item0] = i11;
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/sendingWeekdays",schemaPath:"#/$defs/Supplier/properties/sendingWeekdays/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid54 = _errs334 === errors;
}
else {
var valid54 = true;
}
if(valid54){
if(data92.carriage !== undefined){
let data97 = data92.carriage;
const _errs338 = errors;
if(errors === _errs338){
if((typeof data97 == "number") && (isFinite(data97))){
if(data97 > 1000000 || isNaN(data97)){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/carriage",schemaPath:"#/$defs/Supplier/properties/carriage/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}}];
return false;
}
else {
if(data97 < 0 || isNaN(data97)){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/carriage",schemaPath:"#/$defs/Supplier/properties/carriage/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/carriage",schemaPath:"#/$defs/Supplier/properties/carriage/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid54 = _errs338 === errors;
}
else {
var valid54 = true;
}
if(valid54){
if(data92.leastOrder !== undefined){
let data98 = data92.leastOrder;
const _errs340 = errors;
if(errors === _errs340){
if((typeof data98 == "number") && (isFinite(data98))){
if(data98 > 1000000 || isNaN(data98)){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/leastOrder",schemaPath:"#/$defs/Supplier/properties/leastOrder/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}}];
return false;
}
else {
if(data98 < 0 || isNaN(data98)){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/leastOrder",schemaPath:"#/$defs/Supplier/properties/leastOrder/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/leastOrder",schemaPath:"#/$defs/Supplier/properties/leastOrder/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid54 = _errs340 === errors;
}
else {
var valid54 = true;
}
if(valid54){
if(data92.note !== undefined){
let data99 = data92.note;
const _errs342 = errors;
if(errors === _errs342){
if(typeof data99 === "string"){
if(data99.length > 4000){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/note",schemaPath:"#/$defs/Supplier/properties/note/maxLength",keyword:"maxLength",params:{limit: 4000}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/note",schemaPath:"#/$defs/Supplier/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid54 = _errs342 === errors;
}
else {
var valid54 = true;
}
if(valid54){
if(data92.id !== undefined){
let data100 = data92.id;
const _errs344 = errors;
if(errors === _errs344){
if(typeof data100 === "string"){
if(!pattern10.test(data100)){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/id",schemaPath:"#/$defs/Supplier/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/id",schemaPath:"#/$defs/Supplier/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid54 = _errs344 === errors;
}
else {
var valid54 = true;
}
if(valid54){
if(data92.revision !== undefined){
let data101 = data92.revision;
const _errs346 = errors;
if(!(((typeof data101 == "number") && (!(data101 % 1) && !isNaN(data101))) && (isFinite(data101)))){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/revision",schemaPath:"#/$defs/Supplier/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs346){
if((typeof data101 == "number") && (isFinite(data101))){
if(data101 < 0 || isNaN(data101)){
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9+"/revision",schemaPath:"#/$defs/Supplier/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid54 = _errs346 === errors;
}
else {
var valid54 = true;
}
}
}
}
}
}
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/suppliers/" + i9,schemaPath:"#/$defs/Supplier/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid52 = _errs326 === errors;
if(!valid52){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/suppliers",schemaPath:"#/properties/suppliers/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs324 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.packs !== undefined){
let data102 = data.packs;
const _errs348 = errors;
if(errors === _errs348){
if(Array.isArray(data102)){
var valid57 = true;
const len11 = data102.length;
for(let i12=0; i12<len11; i12++){
let data103 = data102[i12];
const _errs350 = errors;
const _errs351 = errors;
if(errors === _errs351){
if(data103 && typeof data103 == "object" && !Array.isArray(data103)){
let missing6;
if((((((((data103.supplierId === undefined) && (missing6 = "supplierId")) || ((data103.id === undefined) && (missing6 = "id"))) || ((data103.revision === undefined) && (missing6 = "revision"))) || ((data103.productId === undefined) && (missing6 = "productId"))) || ((data103.supplyId === undefined) && (missing6 = "supplyId"))) || ((data103.amount === undefined) && (missing6 = "amount"))) || ((data103.price === undefined) && (missing6 = "price"))){
validate20.errors = [{instancePath:instancePath+"/packs/" + i12,schemaPath:"#/$defs/Pack/required",keyword:"required",params:{missingProperty: missing6}}];
return false;
}
else {
const _errs353 = errors;
for(const key6 in data103){
if(!(((((((key6 === "supplierId") || (key6 === "id")) || (key6 === "revision")) || (key6 === "productId")) || (key6 === "supplyId")) || (key6 === "amount")) || (key6 === "price"))){
validate20.errors = [{instancePath:instancePath+"/packs/" + i12,schemaPath:"#/$defs/Pack/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key6}}];
return false;
break;
}
}
if(_errs353 === errors){
if(data103.supplierId !== undefined){
let data104 = data103.supplierId;
const _errs354 = errors;
if(errors === _errs354){
if(typeof data104 === "string"){
if(!pattern10.test(data104)){
validate20.errors = [{instancePath:instancePath+"/packs/" + i12+"/supplierId",schemaPath:"#/$defs/Pack/properties/supplierId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/packs/" + i12+"/supplierId",schemaPath:"#/$defs/Pack/properties/supplierId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid59 = _errs354 === errors;
}
else {
var valid59 = true;
}
if(valid59){
if(data103.id !== undefined){
let data105 = data103.id;
const _errs356 = errors;
if(errors === _errs356){
if(typeof data105 === "string"){
if(!pattern10.test(data105)){
validate20.errors = [{instancePath:instancePath+"/packs/" + i12+"/id",schemaPath:"#/$defs/Pack/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/packs/" + i12+"/id",schemaPath:"#/$defs/Pack/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid59 = _errs356 === errors;
}
else {
var valid59 = true;
}
if(valid59){
if(data103.revision !== undefined){
let data106 = data103.revision;
const _errs358 = errors;
if(!(((typeof data106 == "number") && (!(data106 % 1) && !isNaN(data106))) && (isFinite(data106)))){
validate20.errors = [{instancePath:instancePath+"/packs/" + i12+"/revision",schemaPath:"#/$defs/Pack/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs358){
if((typeof data106 == "number") && (isFinite(data106))){
if(data106 < 0 || isNaN(data106)){
validate20.errors = [{instancePath:instancePath+"/packs/" + i12+"/revision",schemaPath:"#/$defs/Pack/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid59 = _errs358 === errors;
}
else {
var valid59 = true;
}
if(valid59){
if(data103.productId !== undefined){
let data107 = data103.productId;
const _errs360 = errors;
const _errs361 = errors;
let valid60 = false;
const _errs362 = errors;
if(errors === _errs362){
if(typeof data107 === "string"){
if(!pattern10.test(data107)){
const err162 = {instancePath:instancePath+"/packs/" + i12+"/productId",schemaPath:"#/$defs/Pack/properties/productId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err162];
}
else {
vErrors.push(err162);
}
errors++;
}
}
else {
const err163 = {instancePath:instancePath+"/packs/" + i12+"/productId",schemaPath:"#/$defs/Pack/properties/productId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err163];
}
else {
vErrors.push(err163);
}
errors++;
}
}
var _valid34 = _errs362 === errors;
valid60 = valid60 || _valid34;
const _errs364 = errors;
if(data107 !== null){
const err164 = {instancePath:instancePath+"/packs/" + i12+"/productId",schemaPath:"#/$defs/Pack/properties/productId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err164];
}
else {
vErrors.push(err164);
}
errors++;
}
var _valid34 = _errs364 === errors;
valid60 = valid60 || _valid34;
if(!valid60){
const err165 = {instancePath:instancePath+"/packs/" + i12+"/productId",schemaPath:"#/$defs/Pack/properties/productId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err165];
}
else {
vErrors.push(err165);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs361;
if(vErrors !== null){
if(_errs361){
vErrors.length = _errs361;
}
else {
vErrors = null;
}
}
}
var valid59 = _errs360 === errors;
}
else {
var valid59 = true;
}
if(valid59){
if(data103.supplyId !== undefined){
let data108 = data103.supplyId;
const _errs366 = errors;
const _errs367 = errors;
let valid61 = false;
const _errs368 = errors;
if(errors === _errs368){
if(typeof data108 === "string"){
if(!pattern10.test(data108)){
const err166 = {instancePath:instancePath+"/packs/" + i12+"/supplyId",schemaPath:"#/$defs/Pack/properties/supplyId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err166];
}
else {
vErrors.push(err166);
}
errors++;
}
}
else {
const err167 = {instancePath:instancePath+"/packs/" + i12+"/supplyId",schemaPath:"#/$defs/Pack/properties/supplyId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err167];
}
else {
vErrors.push(err167);
}
errors++;
}
}
var _valid35 = _errs368 === errors;
valid61 = valid61 || _valid35;
const _errs370 = errors;
if(data108 !== null){
const err168 = {instancePath:instancePath+"/packs/" + i12+"/supplyId",schemaPath:"#/$defs/Pack/properties/supplyId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err168];
}
else {
vErrors.push(err168);
}
errors++;
}
var _valid35 = _errs370 === errors;
valid61 = valid61 || _valid35;
if(!valid61){
const err169 = {instancePath:instancePath+"/packs/" + i12+"/supplyId",schemaPath:"#/$defs/Pack/properties/supplyId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err169];
}
else {
vErrors.push(err169);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs367;
if(vErrors !== null){
if(_errs367){
vErrors.length = _errs367;
}
else {
vErrors = null;
}
}
}
var valid59 = _errs366 === errors;
}
else {
var valid59 = true;
}
if(valid59){
if(data103.amount !== undefined){
let data109 = data103.amount;
const _errs372 = errors;
if(errors === _errs372){
if((typeof data109 == "number") && (isFinite(data109))){
if(data109 > 10000000 || isNaN(data109)){
validate20.errors = [{instancePath:instancePath+"/packs/" + i12+"/amount",schemaPath:"#/$defs/Pack/properties/amount/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000000}}];
return false;
}
else {
if(data109 < 0.001 || isNaN(data109)){
validate20.errors = [{instancePath:instancePath+"/packs/" + i12+"/amount",schemaPath:"#/$defs/Pack/properties/amount/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.001}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/packs/" + i12+"/amount",schemaPath:"#/$defs/Pack/properties/amount/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid59 = _errs372 === errors;
}
else {
var valid59 = true;
}
if(valid59){
if(data103.price !== undefined){
let data110 = data103.price;
const _errs374 = errors;
const _errs375 = errors;
let valid62 = false;
const _errs376 = errors;
if(errors === _errs376){
if((typeof data110 == "number") && (isFinite(data110))){
if(data110 > 1000000 || isNaN(data110)){
const err170 = {instancePath:instancePath+"/packs/" + i12+"/price",schemaPath:"#/$defs/Pack/properties/price/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}};
if(vErrors === null){
vErrors = [err170];
}
else {
vErrors.push(err170);
}
errors++;
}
else {
if(data110 < 0 || isNaN(data110)){
const err171 = {instancePath:instancePath+"/packs/" + i12+"/price",schemaPath:"#/$defs/Pack/properties/price/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err171];
}
else {
vErrors.push(err171);
}
errors++;
}
}
}
else {
const err172 = {instancePath:instancePath+"/packs/" + i12+"/price",schemaPath:"#/$defs/Pack/properties/price/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err172];
}
else {
vErrors.push(err172);
}
errors++;
}
}
var _valid36 = _errs376 === errors;
valid62 = valid62 || _valid36;
const _errs378 = errors;
if(data110 !== null){
const err173 = {instancePath:instancePath+"/packs/" + i12+"/price",schemaPath:"#/$defs/Pack/properties/price/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err173];
}
else {
vErrors.push(err173);
}
errors++;
}
var _valid36 = _errs378 === errors;
valid62 = valid62 || _valid36;
if(!valid62){
const err174 = {instancePath:instancePath+"/packs/" + i12+"/price",schemaPath:"#/$defs/Pack/properties/price/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err174];
}
else {
vErrors.push(err174);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs375;
if(vErrors !== null){
if(_errs375){
vErrors.length = _errs375;
}
else {
vErrors = null;
}
}
}
var valid59 = _errs374 === errors;
}
else {
var valid59 = true;
}
}
}
}
}
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/packs/" + i12,schemaPath:"#/$defs/Pack/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid57 = _errs350 === errors;
if(!valid57){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/packs",schemaPath:"#/properties/packs/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs348 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.purchases !== undefined){
let data111 = data.purchases;
const _errs380 = errors;
if(errors === _errs380){
if(Array.isArray(data111)){
var valid63 = true;
const len12 = data111.length;
for(let i13=0; i13<len12; i13++){
let data112 = data111[i13];
const _errs382 = errors;
const _errs383 = errors;
if(errors === _errs383){
if(data112 && typeof data112 == "object" && !Array.isArray(data112)){
let missing7;
if(((((((((((((data112.supplierId === undefined) && (missing7 = "supplierId")) || ((data112.count === undefined) && (missing7 = "count"))) || ((data112.orderedAtMs === undefined) && (missing7 = "orderedAtMs"))) || ((data112.dueAtMs === undefined) && (missing7 = "dueAtMs"))) || ((data112.arrivedAtMs === undefined) && (missing7 = "arrivedAtMs"))) || ((data112.note === undefined) && (missing7 = "note"))) || ((data112.id === undefined) && (missing7 = "id"))) || ((data112.revision === undefined) && (missing7 = "revision"))) || ((data112.productId === undefined) && (missing7 = "productId"))) || ((data112.supplyId === undefined) && (missing7 = "supplyId"))) || ((data112.amount === undefined) && (missing7 = "amount"))) || ((data112.price === undefined) && (missing7 = "price"))){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13,schemaPath:"#/$defs/Purchase/required",keyword:"required",params:{missingProperty: missing7}}];
return false;
}
else {
const _errs385 = errors;
for(const key7 in data112){
if(!(func1.call(schema61.properties, key7))){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13,schemaPath:"#/$defs/Purchase/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key7}}];
return false;
break;
}
}
if(_errs385 === errors){
if(data112.supplierId !== undefined){
let data113 = data112.supplierId;
const _errs386 = errors;
const _errs387 = errors;
let valid66 = false;
const _errs388 = errors;
if(errors === _errs388){
if(typeof data113 === "string"){
if(!pattern10.test(data113)){
const err175 = {instancePath:instancePath+"/purchases/" + i13+"/supplierId",schemaPath:"#/$defs/Purchase/properties/supplierId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err175];
}
else {
vErrors.push(err175);
}
errors++;
}
}
else {
const err176 = {instancePath:instancePath+"/purchases/" + i13+"/supplierId",schemaPath:"#/$defs/Purchase/properties/supplierId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err176];
}
else {
vErrors.push(err176);
}
errors++;
}
}
var _valid37 = _errs388 === errors;
valid66 = valid66 || _valid37;
const _errs390 = errors;
if(data113 !== null){
const err177 = {instancePath:instancePath+"/purchases/" + i13+"/supplierId",schemaPath:"#/$defs/Purchase/properties/supplierId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err177];
}
else {
vErrors.push(err177);
}
errors++;
}
var _valid37 = _errs390 === errors;
valid66 = valid66 || _valid37;
if(!valid66){
const err178 = {instancePath:instancePath+"/purchases/" + i13+"/supplierId",schemaPath:"#/$defs/Purchase/properties/supplierId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err178];
}
else {
vErrors.push(err178);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs387;
if(vErrors !== null){
if(_errs387){
vErrors.length = _errs387;
}
else {
vErrors = null;
}
}
}
var valid65 = _errs386 === errors;
}
else {
var valid65 = true;
}
if(valid65){
if(data112.count !== undefined){
let data114 = data112.count;
const _errs392 = errors;
if(!(((typeof data114 == "number") && (!(data114 % 1) && !isNaN(data114))) && (isFinite(data114)))){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/count",schemaPath:"#/$defs/Purchase/properties/count/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs392){
if((typeof data114 == "number") && (isFinite(data114))){
if(data114 > 100000 || isNaN(data114)){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/count",schemaPath:"#/$defs/Purchase/properties/count/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100000}}];
return false;
}
else {
if(data114 < 1 || isNaN(data114)){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/count",schemaPath:"#/$defs/Purchase/properties/count/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid65 = _errs392 === errors;
}
else {
var valid65 = true;
}
if(valid65){
if(data112.orderedAtMs !== undefined){
let data115 = data112.orderedAtMs;
const _errs394 = errors;
if(!(((typeof data115 == "number") && (!(data115 % 1) && !isNaN(data115))) && (isFinite(data115)))){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/orderedAtMs",schemaPath:"#/$defs/Purchase/properties/orderedAtMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs394){
if((typeof data115 == "number") && (isFinite(data115))){
if(data115 > 4102444800000 || isNaN(data115)){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/orderedAtMs",schemaPath:"#/$defs/Purchase/properties/orderedAtMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data115 < 946684800000 || isNaN(data115)){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/orderedAtMs",schemaPath:"#/$defs/Purchase/properties/orderedAtMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid65 = _errs394 === errors;
}
else {
var valid65 = true;
}
if(valid65){
if(data112.dueAtMs !== undefined){
let data116 = data112.dueAtMs;
const _errs396 = errors;
if(!(((typeof data116 == "number") && (!(data116 % 1) && !isNaN(data116))) && (isFinite(data116)))){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/dueAtMs",schemaPath:"#/$defs/Purchase/properties/dueAtMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs396){
if((typeof data116 == "number") && (isFinite(data116))){
if(data116 > 4102444800000 || isNaN(data116)){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/dueAtMs",schemaPath:"#/$defs/Purchase/properties/dueAtMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data116 < 946684800000 || isNaN(data116)){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/dueAtMs",schemaPath:"#/$defs/Purchase/properties/dueAtMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid65 = _errs396 === errors;
}
else {
var valid65 = true;
}
if(valid65){
if(data112.arrivedAtMs !== undefined){
let data117 = data112.arrivedAtMs;
const _errs398 = errors;
const _errs399 = errors;
let valid67 = false;
const _errs400 = errors;
if(!(((typeof data117 == "number") && (!(data117 % 1) && !isNaN(data117))) && (isFinite(data117)))){
const err179 = {instancePath:instancePath+"/purchases/" + i13+"/arrivedAtMs",schemaPath:"#/$defs/Purchase/properties/arrivedAtMs/anyOf/0/type",keyword:"type",params:{type: "integer"}};
if(vErrors === null){
vErrors = [err179];
}
else {
vErrors.push(err179);
}
errors++;
}
if(errors === _errs400){
if((typeof data117 == "number") && (isFinite(data117))){
if(data117 > 4102444800000 || isNaN(data117)){
const err180 = {instancePath:instancePath+"/purchases/" + i13+"/arrivedAtMs",schemaPath:"#/$defs/Purchase/properties/arrivedAtMs/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}};
if(vErrors === null){
vErrors = [err180];
}
else {
vErrors.push(err180);
}
errors++;
}
else {
if(data117 < 946684800000 || isNaN(data117)){
const err181 = {instancePath:instancePath+"/purchases/" + i13+"/arrivedAtMs",schemaPath:"#/$defs/Purchase/properties/arrivedAtMs/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}};
if(vErrors === null){
vErrors = [err181];
}
else {
vErrors.push(err181);
}
errors++;
}
}
}
}
var _valid38 = _errs400 === errors;
valid67 = valid67 || _valid38;
const _errs402 = errors;
if(data117 !== null){
const err182 = {instancePath:instancePath+"/purchases/" + i13+"/arrivedAtMs",schemaPath:"#/$defs/Purchase/properties/arrivedAtMs/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err182];
}
else {
vErrors.push(err182);
}
errors++;
}
var _valid38 = _errs402 === errors;
valid67 = valid67 || _valid38;
if(!valid67){
const err183 = {instancePath:instancePath+"/purchases/" + i13+"/arrivedAtMs",schemaPath:"#/$defs/Purchase/properties/arrivedAtMs/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err183];
}
else {
vErrors.push(err183);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs399;
if(vErrors !== null){
if(_errs399){
vErrors.length = _errs399;
}
else {
vErrors = null;
}
}
}
var valid65 = _errs398 === errors;
}
else {
var valid65 = true;
}
if(valid65){
if(data112.note !== undefined){
let data118 = data112.note;
const _errs404 = errors;
if(errors === _errs404){
if(typeof data118 === "string"){
if(data118.length > 200){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/note",schemaPath:"#/$defs/Purchase/properties/note/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(!pattern4.test(data118)){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/note",schemaPath:"#/$defs/Purchase/properties/note/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/note",schemaPath:"#/$defs/Purchase/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid65 = _errs404 === errors;
}
else {
var valid65 = true;
}
if(valid65){
if(data112.id !== undefined){
let data119 = data112.id;
const _errs406 = errors;
if(errors === _errs406){
if(typeof data119 === "string"){
if(!pattern10.test(data119)){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/id",schemaPath:"#/$defs/Purchase/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/id",schemaPath:"#/$defs/Purchase/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid65 = _errs406 === errors;
}
else {
var valid65 = true;
}
if(valid65){
if(data112.revision !== undefined){
let data120 = data112.revision;
const _errs408 = errors;
if(!(((typeof data120 == "number") && (!(data120 % 1) && !isNaN(data120))) && (isFinite(data120)))){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/revision",schemaPath:"#/$defs/Purchase/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs408){
if((typeof data120 == "number") && (isFinite(data120))){
if(data120 < 0 || isNaN(data120)){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/revision",schemaPath:"#/$defs/Purchase/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid65 = _errs408 === errors;
}
else {
var valid65 = true;
}
if(valid65){
if(data112.productId !== undefined){
let data121 = data112.productId;
const _errs410 = errors;
const _errs411 = errors;
let valid68 = false;
const _errs412 = errors;
if(errors === _errs412){
if(typeof data121 === "string"){
if(!pattern10.test(data121)){
const err184 = {instancePath:instancePath+"/purchases/" + i13+"/productId",schemaPath:"#/$defs/Purchase/properties/productId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err184];
}
else {
vErrors.push(err184);
}
errors++;
}
}
else {
const err185 = {instancePath:instancePath+"/purchases/" + i13+"/productId",schemaPath:"#/$defs/Purchase/properties/productId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err185];
}
else {
vErrors.push(err185);
}
errors++;
}
}
var _valid39 = _errs412 === errors;
valid68 = valid68 || _valid39;
const _errs414 = errors;
if(data121 !== null){
const err186 = {instancePath:instancePath+"/purchases/" + i13+"/productId",schemaPath:"#/$defs/Purchase/properties/productId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err186];
}
else {
vErrors.push(err186);
}
errors++;
}
var _valid39 = _errs414 === errors;
valid68 = valid68 || _valid39;
if(!valid68){
const err187 = {instancePath:instancePath+"/purchases/" + i13+"/productId",schemaPath:"#/$defs/Purchase/properties/productId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err187];
}
else {
vErrors.push(err187);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs411;
if(vErrors !== null){
if(_errs411){
vErrors.length = _errs411;
}
else {
vErrors = null;
}
}
}
var valid65 = _errs410 === errors;
}
else {
var valid65 = true;
}
if(valid65){
if(data112.supplyId !== undefined){
let data122 = data112.supplyId;
const _errs416 = errors;
const _errs417 = errors;
let valid69 = false;
const _errs418 = errors;
if(errors === _errs418){
if(typeof data122 === "string"){
if(!pattern10.test(data122)){
const err188 = {instancePath:instancePath+"/purchases/" + i13+"/supplyId",schemaPath:"#/$defs/Purchase/properties/supplyId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err188];
}
else {
vErrors.push(err188);
}
errors++;
}
}
else {
const err189 = {instancePath:instancePath+"/purchases/" + i13+"/supplyId",schemaPath:"#/$defs/Purchase/properties/supplyId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err189];
}
else {
vErrors.push(err189);
}
errors++;
}
}
var _valid40 = _errs418 === errors;
valid69 = valid69 || _valid40;
const _errs420 = errors;
if(data122 !== null){
const err190 = {instancePath:instancePath+"/purchases/" + i13+"/supplyId",schemaPath:"#/$defs/Purchase/properties/supplyId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err190];
}
else {
vErrors.push(err190);
}
errors++;
}
var _valid40 = _errs420 === errors;
valid69 = valid69 || _valid40;
if(!valid69){
const err191 = {instancePath:instancePath+"/purchases/" + i13+"/supplyId",schemaPath:"#/$defs/Purchase/properties/supplyId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err191];
}
else {
vErrors.push(err191);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs417;
if(vErrors !== null){
if(_errs417){
vErrors.length = _errs417;
}
else {
vErrors = null;
}
}
}
var valid65 = _errs416 === errors;
}
else {
var valid65 = true;
}
if(valid65){
if(data112.amount !== undefined){
let data123 = data112.amount;
const _errs422 = errors;
if(errors === _errs422){
if((typeof data123 == "number") && (isFinite(data123))){
if(data123 > 10000000 || isNaN(data123)){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/amount",schemaPath:"#/$defs/Purchase/properties/amount/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000000}}];
return false;
}
else {
if(data123 < 0.001 || isNaN(data123)){
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/amount",schemaPath:"#/$defs/Purchase/properties/amount/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.001}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13+"/amount",schemaPath:"#/$defs/Purchase/properties/amount/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid65 = _errs422 === errors;
}
else {
var valid65 = true;
}
if(valid65){
if(data112.price !== undefined){
let data124 = data112.price;
const _errs424 = errors;
const _errs425 = errors;
let valid70 = false;
const _errs426 = errors;
if(errors === _errs426){
if((typeof data124 == "number") && (isFinite(data124))){
if(data124 > 1000000 || isNaN(data124)){
const err192 = {instancePath:instancePath+"/purchases/" + i13+"/price",schemaPath:"#/$defs/Purchase/properties/price/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}};
if(vErrors === null){
vErrors = [err192];
}
else {
vErrors.push(err192);
}
errors++;
}
else {
if(data124 < 0 || isNaN(data124)){
const err193 = {instancePath:instancePath+"/purchases/" + i13+"/price",schemaPath:"#/$defs/Purchase/properties/price/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err193];
}
else {
vErrors.push(err193);
}
errors++;
}
}
}
else {
const err194 = {instancePath:instancePath+"/purchases/" + i13+"/price",schemaPath:"#/$defs/Purchase/properties/price/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err194];
}
else {
vErrors.push(err194);
}
errors++;
}
}
var _valid41 = _errs426 === errors;
valid70 = valid70 || _valid41;
const _errs428 = errors;
if(data124 !== null){
const err195 = {instancePath:instancePath+"/purchases/" + i13+"/price",schemaPath:"#/$defs/Purchase/properties/price/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err195];
}
else {
vErrors.push(err195);
}
errors++;
}
var _valid41 = _errs428 === errors;
valid70 = valid70 || _valid41;
if(!valid70){
const err196 = {instancePath:instancePath+"/purchases/" + i13+"/price",schemaPath:"#/$defs/Purchase/properties/price/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err196];
}
else {
vErrors.push(err196);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs425;
if(vErrors !== null){
if(_errs425){
vErrors.length = _errs425;
}
else {
vErrors = null;
}
}
}
var valid65 = _errs424 === errors;
}
else {
var valid65 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/purchases/" + i13,schemaPath:"#/$defs/Purchase/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid63 = _errs382 === errors;
if(!valid63){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/purchases",schemaPath:"#/properties/purchases/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs380 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.mixCards !== undefined){
let data125 = data.mixCards;
const _errs430 = errors;
if(errors === _errs430){
if(Array.isArray(data125)){
var valid71 = true;
const len13 = data125.length;
for(let i14=0; i14<len13; i14++){
const _errs432 = errors;
if(!(validate33(data125[i14], {instancePath:instancePath+"/mixCards/" + i14,parentData:data125,parentDataProperty:i14,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate33.errors : vErrors.concat(validate33.errors);
errors = vErrors.length;
}
var valid71 = _errs432 === errors;
if(!valid71){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/mixCards",schemaPath:"#/properties/mixCards/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs430 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.logEntries !== undefined){
let data127 = data.logEntries;
const _errs433 = errors;
if(errors === _errs433){
if(Array.isArray(data127)){
var valid72 = true;
const len14 = data127.length;
for(let i15=0; i15<len14; i15++){
const _errs435 = errors;
if(!(validate35(data127[i15], {instancePath:instancePath+"/logEntries/" + i15,parentData:data127,parentDataProperty:i15,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate35.errors : vErrors.concat(validate35.errors);
errors = vErrors.length;
}
var valid72 = _errs435 === errors;
if(!valid72){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/logEntries",schemaPath:"#/properties/logEntries/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs433 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.pictures !== undefined){
let data129 = data.pictures;
const _errs436 = errors;
if(errors === _errs436){
if(Array.isArray(data129)){
var valid73 = true;
const len15 = data129.length;
for(let i16=0; i16<len15; i16++){
const _errs438 = errors;
if(!(validate37(data129[i16], {instancePath:instancePath+"/pictures/" + i16,parentData:data129,parentDataProperty:i16,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate37.errors : vErrors.concat(validate37.errors);
errors = vErrors.length;
}
var valid73 = _errs438 === errors;
if(!valid73){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/pictures",schemaPath:"#/properties/pictures/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs436 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.meshes !== undefined){
let data131 = data.meshes;
const _errs439 = errors;
if(errors === _errs439){
if(Array.isArray(data131)){
var valid74 = true;
const len16 = data131.length;
for(let i17=0; i17<len16; i17++){
let data132 = data131[i17];
const _errs441 = errors;
const _errs442 = errors;
if(errors === _errs442){
if(data132 && typeof data132 == "object" && !Array.isArray(data132)){
let missing8;
if((((((((((((data132.partId === undefined) && (missing8 = "partId")) || ((data132.name === undefined) && (missing8 = "name"))) || ((data132.format === undefined) && (missing8 = "format"))) || ((data132.byteLength === undefined) && (missing8 = "byteLength"))) || ((data132.unit === undefined) && (missing8 = "unit"))) || ((data132.scale === undefined) && (missing8 = "scale"))) || ((data132.up === undefined) && (missing8 = "up"))) || ((data132.hiddenSide === undefined) && (missing8 = "hiddenSide"))) || ((data132.note === undefined) && (missing8 = "note"))) || ((data132.id === undefined) && (missing8 = "id"))) || ((data132.revision === undefined) && (missing8 = "revision"))){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17,schemaPath:"#/$defs/MeshReference/required",keyword:"required",params:{missingProperty: missing8}}];
return false;
}
else {
const _errs444 = errors;
for(const key8 in data132){
if(!(func1.call(schema70.properties, key8))){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17,schemaPath:"#/$defs/MeshReference/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key8}}];
return false;
break;
}
}
if(_errs444 === errors){
if(data132.partId !== undefined){
let data133 = data132.partId;
const _errs445 = errors;
if(errors === _errs445){
if(typeof data133 === "string"){
if(!pattern10.test(data133)){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/partId",schemaPath:"#/$defs/MeshReference/properties/partId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/partId",schemaPath:"#/$defs/MeshReference/properties/partId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid76 = _errs445 === errors;
}
else {
var valid76 = true;
}
if(valid76){
if(data132.name !== undefined){
let data134 = data132.name;
const _errs447 = errors;
if(errors === _errs447){
if(typeof data134 === "string"){
if(data134.length > 200){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/name",schemaPath:"#/$defs/MeshReference/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data134.length < 1){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/name",schemaPath:"#/$defs/MeshReference/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data134)){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/name",schemaPath:"#/$defs/MeshReference/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/name",schemaPath:"#/$defs/MeshReference/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid76 = _errs447 === errors;
}
else {
var valid76 = true;
}
if(valid76){
if(data132.format !== undefined){
let data135 = data132.format;
const _errs449 = errors;
if(typeof data135 !== "string"){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/format",schemaPath:"#/$defs/MeshReference/properties/format/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((data135 === "stl") || (data135 === "obj")) || (data135 === "3mf"))){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/format",schemaPath:"#/$defs/MeshReference/properties/format/enum",keyword:"enum",params:{allowedValues: schema70.properties.format.enum}}];
return false;
}
var valid76 = _errs449 === errors;
}
else {
var valid76 = true;
}
if(valid76){
if(data132.byteLength !== undefined){
let data136 = data132.byteLength;
const _errs451 = errors;
if(!(((typeof data136 == "number") && (!(data136 % 1) && !isNaN(data136))) && (isFinite(data136)))){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/byteLength",schemaPath:"#/$defs/MeshReference/properties/byteLength/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs451){
if((typeof data136 == "number") && (isFinite(data136))){
if(data136 > 134217728 || isNaN(data136)){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/byteLength",schemaPath:"#/$defs/MeshReference/properties/byteLength/maximum",keyword:"maximum",params:{comparison: "<=", limit: 134217728}}];
return false;
}
else {
if(data136 < 1 || isNaN(data136)){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/byteLength",schemaPath:"#/$defs/MeshReference/properties/byteLength/minimum",keyword:"minimum",params:{comparison: ">=", limit: 1}}];
return false;
}
}
}
}
var valid76 = _errs451 === errors;
}
else {
var valid76 = true;
}
if(valid76){
if(data132.unit !== undefined){
let data137 = data132.unit;
const _errs453 = errors;
if(typeof data137 !== "string"){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/unit",schemaPath:"#/$defs/MeshReference/properties/unit/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((data137 === "mm") || (data137 === "cm")) || (data137 === "in")) || (data137 === "m"))){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/unit",schemaPath:"#/$defs/MeshReference/properties/unit/enum",keyword:"enum",params:{allowedValues: schema70.properties.unit.enum}}];
return false;
}
var valid76 = _errs453 === errors;
}
else {
var valid76 = true;
}
if(valid76){
if(data132.scale !== undefined){
let data138 = data132.scale;
const _errs455 = errors;
if(errors === _errs455){
if((typeof data138 == "number") && (isFinite(data138))){
if(data138 > 1000 || isNaN(data138)){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/scale",schemaPath:"#/$defs/MeshReference/properties/scale/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000}}];
return false;
}
else {
if(data138 < 0.001 || isNaN(data138)){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/scale",schemaPath:"#/$defs/MeshReference/properties/scale/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.001}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/scale",schemaPath:"#/$defs/MeshReference/properties/scale/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid76 = _errs455 === errors;
}
else {
var valid76 = true;
}
if(valid76){
if(data132.up !== undefined){
let data139 = data132.up;
const _errs457 = errors;
if(errors === _errs457){
if(Array.isArray(data139)){
if(data139.length > 3){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/up",schemaPath:"#/$defs/MeshReference/properties/up/maxItems",keyword:"maxItems",params:{limit: 3}}];
return false;
}
else {
if(data139.length < 3){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/up",schemaPath:"#/$defs/MeshReference/properties/up/minItems",keyword:"minItems",params:{limit: 3}}];
return false;
}
else {
var valid77 = true;
const len17 = data139.length;
for(let i18=0; i18<len17; i18++){
let data140 = data139[i18];
const _errs459 = errors;
if(errors === _errs459){
if((typeof data140 == "number") && (isFinite(data140))){
if(data140 > 1 || isNaN(data140)){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/up/" + i18,schemaPath:"#/$defs/MeshReference/properties/up/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data140 < -1 || isNaN(data140)){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/up/" + i18,schemaPath:"#/$defs/MeshReference/properties/up/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: -1}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/up/" + i18,schemaPath:"#/$defs/MeshReference/properties/up/items/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid77 = _errs459 === errors;
if(!valid77){
break;
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/up",schemaPath:"#/$defs/MeshReference/properties/up/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid76 = _errs457 === errors;
}
else {
var valid76 = true;
}
if(valid76){
if(data132.hiddenSide !== undefined){
let data141 = data132.hiddenSide;
const _errs461 = errors;
if(typeof data141 !== "string"){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/hiddenSide",schemaPath:"#/$defs/MeshReference/properties/hiddenSide/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((((((data141 === "none") || (data141 === "-z")) || (data141 === "+z")) || (data141 === "-y")) || (data141 === "+y")) || (data141 === "-x")) || (data141 === "+x"))){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/hiddenSide",schemaPath:"#/$defs/MeshReference/properties/hiddenSide/enum",keyword:"enum",params:{allowedValues: schema70.properties.hiddenSide.enum}}];
return false;
}
var valid76 = _errs461 === errors;
}
else {
var valid76 = true;
}
if(valid76){
if(data132.note !== undefined){
let data142 = data132.note;
const _errs463 = errors;
if(errors === _errs463){
if(typeof data142 === "string"){
if(data142.length > 4000){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/note",schemaPath:"#/$defs/MeshReference/properties/note/maxLength",keyword:"maxLength",params:{limit: 4000}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/note",schemaPath:"#/$defs/MeshReference/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid76 = _errs463 === errors;
}
else {
var valid76 = true;
}
if(valid76){
if(data132.id !== undefined){
let data143 = data132.id;
const _errs465 = errors;
if(errors === _errs465){
if(typeof data143 === "string"){
if(!pattern10.test(data143)){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/id",schemaPath:"#/$defs/MeshReference/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/id",schemaPath:"#/$defs/MeshReference/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid76 = _errs465 === errors;
}
else {
var valid76 = true;
}
if(valid76){
if(data132.revision !== undefined){
let data144 = data132.revision;
const _errs467 = errors;
if(!(((typeof data144 == "number") && (!(data144 % 1) && !isNaN(data144))) && (isFinite(data144)))){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/revision",schemaPath:"#/$defs/MeshReference/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs467){
if((typeof data144 == "number") && (isFinite(data144))){
if(data144 < 0 || isNaN(data144)){
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17+"/revision",schemaPath:"#/$defs/MeshReference/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid76 = _errs467 === errors;
}
else {
var valid76 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/meshes/" + i17,schemaPath:"#/$defs/MeshReference/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid74 = _errs441 === errors;
if(!valid74){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/meshes",schemaPath:"#/properties/meshes/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs439 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.passes !== undefined){
let data145 = data.passes;
const _errs469 = errors;
if(errors === _errs469){
if(Array.isArray(data145)){
var valid78 = true;
const len18 = data145.length;
for(let i19=0; i19<len18; i19++){
let data146 = data145[i19];
const _errs471 = errors;
const _errs472 = errors;
if(errors === _errs472){
if(data146 && typeof data146 == "object" && !Array.isArray(data146)){
let missing9;
if(((((((((((data146.partId === undefined) && (missing9 = "partId")) || ((data146.atMs === undefined) && (missing9 = "atMs"))) || ((data146.minutes === undefined) && (missing9 = "minutes"))) || ((data146.plannedMinutes === undefined) && (missing9 = "plannedMinutes"))) || ((data146.zone === undefined) && (missing9 = "zone"))) || ((data146.valleyMicrometres === undefined) && (missing9 = "valleyMicrometres"))) || ((data146.isGuideCoat === undefined) && (missing9 = "isGuideCoat"))) || ((data146.note === undefined) && (missing9 = "note"))) || ((data146.id === undefined) && (missing9 = "id"))) || ((data146.revision === undefined) && (missing9 = "revision"))){
validate20.errors = [{instancePath:instancePath+"/passes/" + i19,schemaPath:"#/$defs/SurfacePass/required",keyword:"required",params:{missingProperty: missing9}}];
return false;
}
else {
const _errs474 = errors;
for(const key9 in data146){
if(!(func1.call(schema71.properties, key9))){
validate20.errors = [{instancePath:instancePath+"/passes/" + i19,schemaPath:"#/$defs/SurfacePass/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key9}}];
return false;
break;
}
}
if(_errs474 === errors){
if(data146.partId !== undefined){
let data147 = data146.partId;
const _errs475 = errors;
if(errors === _errs475){
if(typeof data147 === "string"){
if(!pattern10.test(data147)){
validate20.errors = [{instancePath:instancePath+"/passes/" + i19+"/partId",schemaPath:"#/$defs/SurfacePass/properties/partId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/passes/" + i19+"/partId",schemaPath:"#/$defs/SurfacePass/properties/partId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid80 = _errs475 === errors;
}
else {
var valid80 = true;
}
if(valid80){
if(data146.atMs !== undefined){
let data148 = data146.atMs;
const _errs477 = errors;
if(!(((typeof data148 == "number") && (!(data148 % 1) && !isNaN(data148))) && (isFinite(data148)))){
validate20.errors = [{instancePath:instancePath+"/passes/" + i19+"/atMs",schemaPath:"#/$defs/SurfacePass/properties/atMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs477){
if((typeof data148 == "number") && (isFinite(data148))){
if(data148 > 4102444800000 || isNaN(data148)){
validate20.errors = [{instancePath:instancePath+"/passes/" + i19+"/atMs",schemaPath:"#/$defs/SurfacePass/properties/atMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data148 < 946684800000 || isNaN(data148)){
validate20.errors = [{instancePath:instancePath+"/passes/" + i19+"/atMs",schemaPath:"#/$defs/SurfacePass/properties/atMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid80 = _errs477 === errors;
}
else {
var valid80 = true;
}
if(valid80){
if(data146.minutes !== undefined){
let data149 = data146.minutes;
const _errs479 = errors;
if(errors === _errs479){
if((typeof data149 == "number") && (isFinite(data149))){
if(data149 > 10000 || isNaN(data149)){
validate20.errors = [{instancePath:instancePath+"/passes/" + i19+"/minutes",schemaPath:"#/$defs/SurfacePass/properties/minutes/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data149 < 0 || isNaN(data149)){
validate20.errors = [{instancePath:instancePath+"/passes/" + i19+"/minutes",schemaPath:"#/$defs/SurfacePass/properties/minutes/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/passes/" + i19+"/minutes",schemaPath:"#/$defs/SurfacePass/properties/minutes/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid80 = _errs479 === errors;
}
else {
var valid80 = true;
}
if(valid80){
if(data146.plannedMinutes !== undefined){
let data150 = data146.plannedMinutes;
const _errs481 = errors;
const _errs482 = errors;
let valid81 = false;
const _errs483 = errors;
if(errors === _errs483){
if((typeof data150 == "number") && (isFinite(data150))){
if(data150 > 10000 || isNaN(data150)){
const err197 = {instancePath:instancePath+"/passes/" + i19+"/plannedMinutes",schemaPath:"#/$defs/SurfacePass/properties/plannedMinutes/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}};
if(vErrors === null){
vErrors = [err197];
}
else {
vErrors.push(err197);
}
errors++;
}
else {
if(data150 < 0 || isNaN(data150)){
const err198 = {instancePath:instancePath+"/passes/" + i19+"/plannedMinutes",schemaPath:"#/$defs/SurfacePass/properties/plannedMinutes/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err198];
}
else {
vErrors.push(err198);
}
errors++;
}
}
}
else {
const err199 = {instancePath:instancePath+"/passes/" + i19+"/plannedMinutes",schemaPath:"#/$defs/SurfacePass/properties/plannedMinutes/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err199];
}
else {
vErrors.push(err199);
}
errors++;
}
}
var _valid42 = _errs483 === errors;
valid81 = valid81 || _valid42;
const _errs485 = errors;
if(data150 !== null){
const err200 = {instancePath:instancePath+"/passes/" + i19+"/plannedMinutes",schemaPath:"#/$defs/SurfacePass/properties/plannedMinutes/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err200];
}
else {
vErrors.push(err200);
}
errors++;
}
var _valid42 = _errs485 === errors;
valid81 = valid81 || _valid42;
if(!valid81){
const err201 = {instancePath:instancePath+"/passes/" + i19+"/plannedMinutes",schemaPath:"#/$defs/SurfacePass/properties/plannedMinutes/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err201];
}
else {
vErrors.push(err201);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs482;
if(vErrors !== null){
if(_errs482){
vErrors.length = _errs482;
}
else {
vErrors = null;
}
}
}
var valid80 = _errs481 === errors;
}
else {
var valid80 = true;
}
if(valid80){
if(data146.zone !== undefined){
let data151 = data146.zone;
const _errs487 = errors;
const _errs488 = errors;
let valid82 = false;
const _errs489 = errors;
if(typeof data151 !== "string"){
const err202 = {instancePath:instancePath+"/passes/" + i19+"/zone",schemaPath:"#/$defs/SurfacePass/properties/zone/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err202];
}
else {
vErrors.push(err202);
}
errors++;
}
if(!((((((data151 === "bed") || (data151 === "flat")) || (data151 === "dome")) || (data151 === "shoulder")) || (data151 === "wall")) || (data151 === "overhang"))){
const err203 = {instancePath:instancePath+"/passes/" + i19+"/zone",schemaPath:"#/$defs/SurfacePass/properties/zone/anyOf/0/enum",keyword:"enum",params:{allowedValues: schema71.properties.zone.anyOf[0].enum}};
if(vErrors === null){
vErrors = [err203];
}
else {
vErrors.push(err203);
}
errors++;
}
var _valid43 = _errs489 === errors;
valid82 = valid82 || _valid43;
const _errs491 = errors;
if(data151 !== null){
const err204 = {instancePath:instancePath+"/passes/" + i19+"/zone",schemaPath:"#/$defs/SurfacePass/properties/zone/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err204];
}
else {
vErrors.push(err204);
}
errors++;
}
var _valid43 = _errs491 === errors;
valid82 = valid82 || _valid43;
if(!valid82){
const err205 = {instancePath:instancePath+"/passes/" + i19+"/zone",schemaPath:"#/$defs/SurfacePass/properties/zone/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err205];
}
else {
vErrors.push(err205);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs488;
if(vErrors !== null){
if(_errs488){
vErrors.length = _errs488;
}
else {
vErrors = null;
}
}
}
var valid80 = _errs487 === errors;
}
else {
var valid80 = true;
}
if(valid80){
if(data146.valleyMicrometres !== undefined){
let data152 = data146.valleyMicrometres;
const _errs493 = errors;
const _errs494 = errors;
let valid83 = false;
const _errs495 = errors;
if(errors === _errs495){
if((typeof data152 == "number") && (isFinite(data152))){
if(data152 > 10000 || isNaN(data152)){
const err206 = {instancePath:instancePath+"/passes/" + i19+"/valleyMicrometres",schemaPath:"#/$defs/SurfacePass/properties/valleyMicrometres/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}};
if(vErrors === null){
vErrors = [err206];
}
else {
vErrors.push(err206);
}
errors++;
}
else {
if(data152 < 0.1 || isNaN(data152)){
const err207 = {instancePath:instancePath+"/passes/" + i19+"/valleyMicrometres",schemaPath:"#/$defs/SurfacePass/properties/valleyMicrometres/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.1}};
if(vErrors === null){
vErrors = [err207];
}
else {
vErrors.push(err207);
}
errors++;
}
}
}
else {
const err208 = {instancePath:instancePath+"/passes/" + i19+"/valleyMicrometres",schemaPath:"#/$defs/SurfacePass/properties/valleyMicrometres/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err208];
}
else {
vErrors.push(err208);
}
errors++;
}
}
var _valid44 = _errs495 === errors;
valid83 = valid83 || _valid44;
const _errs497 = errors;
if(data152 !== null){
const err209 = {instancePath:instancePath+"/passes/" + i19+"/valleyMicrometres",schemaPath:"#/$defs/SurfacePass/properties/valleyMicrometres/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err209];
}
else {
vErrors.push(err209);
}
errors++;
}
var _valid44 = _errs497 === errors;
valid83 = valid83 || _valid44;
if(!valid83){
const err210 = {instancePath:instancePath+"/passes/" + i19+"/valleyMicrometres",schemaPath:"#/$defs/SurfacePass/properties/valleyMicrometres/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err210];
}
else {
vErrors.push(err210);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs494;
if(vErrors !== null){
if(_errs494){
vErrors.length = _errs494;
}
else {
vErrors = null;
}
}
}
var valid80 = _errs493 === errors;
}
else {
var valid80 = true;
}
if(valid80){
if(data146.isGuideCoat !== undefined){
const _errs499 = errors;
if(typeof data146.isGuideCoat !== "boolean"){
validate20.errors = [{instancePath:instancePath+"/passes/" + i19+"/isGuideCoat",schemaPath:"#/$defs/SurfacePass/properties/isGuideCoat/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid80 = _errs499 === errors;
}
else {
var valid80 = true;
}
if(valid80){
if(data146.note !== undefined){
let data154 = data146.note;
const _errs501 = errors;
if(errors === _errs501){
if(typeof data154 === "string"){
if(data154.length > 4000){
validate20.errors = [{instancePath:instancePath+"/passes/" + i19+"/note",schemaPath:"#/$defs/SurfacePass/properties/note/maxLength",keyword:"maxLength",params:{limit: 4000}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/passes/" + i19+"/note",schemaPath:"#/$defs/SurfacePass/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid80 = _errs501 === errors;
}
else {
var valid80 = true;
}
if(valid80){
if(data146.id !== undefined){
let data155 = data146.id;
const _errs503 = errors;
if(errors === _errs503){
if(typeof data155 === "string"){
if(!pattern10.test(data155)){
validate20.errors = [{instancePath:instancePath+"/passes/" + i19+"/id",schemaPath:"#/$defs/SurfacePass/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/passes/" + i19+"/id",schemaPath:"#/$defs/SurfacePass/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid80 = _errs503 === errors;
}
else {
var valid80 = true;
}
if(valid80){
if(data146.revision !== undefined){
let data156 = data146.revision;
const _errs505 = errors;
if(!(((typeof data156 == "number") && (!(data156 % 1) && !isNaN(data156))) && (isFinite(data156)))){
validate20.errors = [{instancePath:instancePath+"/passes/" + i19+"/revision",schemaPath:"#/$defs/SurfacePass/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs505){
if((typeof data156 == "number") && (isFinite(data156))){
if(data156 < 0 || isNaN(data156)){
validate20.errors = [{instancePath:instancePath+"/passes/" + i19+"/revision",schemaPath:"#/$defs/SurfacePass/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid80 = _errs505 === errors;
}
else {
var valid80 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/passes/" + i19,schemaPath:"#/$defs/SurfacePass/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid78 = _errs471 === errors;
if(!valid78){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/passes",schemaPath:"#/properties/passes/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs469 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.flaws !== undefined){
let data157 = data.flaws;
const _errs507 = errors;
if(errors === _errs507){
if(Array.isArray(data157)){
var valid84 = true;
const len19 = data157.length;
for(let i20=0; i20<len19; i20++){
const _errs509 = errors;
if(!(validate41(data157[i20], {instancePath:instancePath+"/flaws/" + i20,parentData:data157,parentDataProperty:i20,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate41.errors : vErrors.concat(validate41.errors);
errors = vErrors.length;
}
var valid84 = _errs509 === errors;
if(!valid84){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/flaws",schemaPath:"#/properties/flaws/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs507 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.fits !== undefined){
let data159 = data.fits;
const _errs510 = errors;
if(errors === _errs510){
if(Array.isArray(data159)){
var valid85 = true;
const len20 = data159.length;
for(let i21=0; i21<len20; i21++){
let data160 = data159[i21];
const _errs512 = errors;
const _errs513 = errors;
if(errors === _errs513){
if(data160 && typeof data160 == "object" && !Array.isArray(data160)){
let missing10;
if((((((((((((data160.partId === undefined) && (missing10 = "partId")) || ((data160.otherPartId === undefined) && (missing10 = "otherPartId"))) || ((data160.name === undefined) && (missing10 = "name"))) || ((data160.kind === undefined) && (missing10 = "kind"))) || ((data160.holeMillimetres === undefined) && (missing10 = "holeMillimetres"))) || ((data160.shaftMillimetres === undefined) && (missing10 = "shaftMillimetres"))) || ((data160.printErrorMillimetres === undefined) && (missing10 = "printErrorMillimetres"))) || ((data160.isMasked === undefined) && (missing10 = "isMasked"))) || ((data160.note === undefined) && (missing10 = "note"))) || ((data160.id === undefined) && (missing10 = "id"))) || ((data160.revision === undefined) && (missing10 = "revision"))){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21,schemaPath:"#/$defs/Fit/required",keyword:"required",params:{missingProperty: missing10}}];
return false;
}
else {
const _errs515 = errors;
for(const key10 in data160){
if(!(func1.call(schema74.properties, key10))){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21,schemaPath:"#/$defs/Fit/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key10}}];
return false;
break;
}
}
if(_errs515 === errors){
if(data160.partId !== undefined){
let data161 = data160.partId;
const _errs516 = errors;
if(errors === _errs516){
if(typeof data161 === "string"){
if(!pattern10.test(data161)){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/partId",schemaPath:"#/$defs/Fit/properties/partId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/partId",schemaPath:"#/$defs/Fit/properties/partId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid87 = _errs516 === errors;
}
else {
var valid87 = true;
}
if(valid87){
if(data160.otherPartId !== undefined){
let data162 = data160.otherPartId;
const _errs518 = errors;
const _errs519 = errors;
let valid88 = false;
const _errs520 = errors;
if(errors === _errs520){
if(typeof data162 === "string"){
if(!pattern10.test(data162)){
const err211 = {instancePath:instancePath+"/fits/" + i21+"/otherPartId",schemaPath:"#/$defs/Fit/properties/otherPartId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err211];
}
else {
vErrors.push(err211);
}
errors++;
}
}
else {
const err212 = {instancePath:instancePath+"/fits/" + i21+"/otherPartId",schemaPath:"#/$defs/Fit/properties/otherPartId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err212];
}
else {
vErrors.push(err212);
}
errors++;
}
}
var _valid45 = _errs520 === errors;
valid88 = valid88 || _valid45;
const _errs522 = errors;
if(data162 !== null){
const err213 = {instancePath:instancePath+"/fits/" + i21+"/otherPartId",schemaPath:"#/$defs/Fit/properties/otherPartId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err213];
}
else {
vErrors.push(err213);
}
errors++;
}
var _valid45 = _errs522 === errors;
valid88 = valid88 || _valid45;
if(!valid88){
const err214 = {instancePath:instancePath+"/fits/" + i21+"/otherPartId",schemaPath:"#/$defs/Fit/properties/otherPartId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err214];
}
else {
vErrors.push(err214);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs519;
if(vErrors !== null){
if(_errs519){
vErrors.length = _errs519;
}
else {
vErrors = null;
}
}
}
var valid87 = _errs518 === errors;
}
else {
var valid87 = true;
}
if(valid87){
if(data160.name !== undefined){
let data163 = data160.name;
const _errs524 = errors;
if(errors === _errs524){
if(typeof data163 === "string"){
if(data163.length > 200){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/name",schemaPath:"#/$defs/Fit/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data163.length < 1){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/name",schemaPath:"#/$defs/Fit/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data163)){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/name",schemaPath:"#/$defs/Fit/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/name",schemaPath:"#/$defs/Fit/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid87 = _errs524 === errors;
}
else {
var valid87 = true;
}
if(valid87){
if(data160.kind !== undefined){
let data164 = data160.kind;
const _errs526 = errors;
if(typeof data164 !== "string"){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/kind",schemaPath:"#/$defs/Fit/properties/kind/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!(((data164 === "shaft") || (data164 === "lid")) || (data164 === "slot"))){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/kind",schemaPath:"#/$defs/Fit/properties/kind/enum",keyword:"enum",params:{allowedValues: schema74.properties.kind.enum}}];
return false;
}
var valid87 = _errs526 === errors;
}
else {
var valid87 = true;
}
if(valid87){
if(data160.holeMillimetres !== undefined){
let data165 = data160.holeMillimetres;
const _errs528 = errors;
if(errors === _errs528){
if((typeof data165 == "number") && (isFinite(data165))){
if(data165 > 10000 || isNaN(data165)){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/holeMillimetres",schemaPath:"#/$defs/Fit/properties/holeMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data165 < 0.01 || isNaN(data165)){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/holeMillimetres",schemaPath:"#/$defs/Fit/properties/holeMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.01}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/holeMillimetres",schemaPath:"#/$defs/Fit/properties/holeMillimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid87 = _errs528 === errors;
}
else {
var valid87 = true;
}
if(valid87){
if(data160.shaftMillimetres !== undefined){
let data166 = data160.shaftMillimetres;
const _errs530 = errors;
if(errors === _errs530){
if((typeof data166 == "number") && (isFinite(data166))){
if(data166 > 10000 || isNaN(data166)){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/shaftMillimetres",schemaPath:"#/$defs/Fit/properties/shaftMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data166 < 0.01 || isNaN(data166)){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/shaftMillimetres",schemaPath:"#/$defs/Fit/properties/shaftMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.01}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/shaftMillimetres",schemaPath:"#/$defs/Fit/properties/shaftMillimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid87 = _errs530 === errors;
}
else {
var valid87 = true;
}
if(valid87){
if(data160.printErrorMillimetres !== undefined){
let data167 = data160.printErrorMillimetres;
const _errs532 = errors;
if(errors === _errs532){
if((typeof data167 == "number") && (isFinite(data167))){
if(data167 > 5 || isNaN(data167)){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/printErrorMillimetres",schemaPath:"#/$defs/Fit/properties/printErrorMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 5}}];
return false;
}
else {
if(data167 < -5 || isNaN(data167)){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/printErrorMillimetres",schemaPath:"#/$defs/Fit/properties/printErrorMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: -5}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/printErrorMillimetres",schemaPath:"#/$defs/Fit/properties/printErrorMillimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid87 = _errs532 === errors;
}
else {
var valid87 = true;
}
if(valid87){
if(data160.isMasked !== undefined){
const _errs534 = errors;
if(typeof data160.isMasked !== "boolean"){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/isMasked",schemaPath:"#/$defs/Fit/properties/isMasked/type",keyword:"type",params:{type: "boolean"}}];
return false;
}
var valid87 = _errs534 === errors;
}
else {
var valid87 = true;
}
if(valid87){
if(data160.note !== undefined){
let data169 = data160.note;
const _errs536 = errors;
if(errors === _errs536){
if(typeof data169 === "string"){
if(data169.length > 2000){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/note",schemaPath:"#/$defs/Fit/properties/note/maxLength",keyword:"maxLength",params:{limit: 2000}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/note",schemaPath:"#/$defs/Fit/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid87 = _errs536 === errors;
}
else {
var valid87 = true;
}
if(valid87){
if(data160.id !== undefined){
let data170 = data160.id;
const _errs538 = errors;
if(errors === _errs538){
if(typeof data170 === "string"){
if(!pattern10.test(data170)){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/id",schemaPath:"#/$defs/Fit/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/id",schemaPath:"#/$defs/Fit/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid87 = _errs538 === errors;
}
else {
var valid87 = true;
}
if(valid87){
if(data160.revision !== undefined){
let data171 = data160.revision;
const _errs540 = errors;
if(!(((typeof data171 == "number") && (!(data171 % 1) && !isNaN(data171))) && (isFinite(data171)))){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/revision",schemaPath:"#/$defs/Fit/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs540){
if((typeof data171 == "number") && (isFinite(data171))){
if(data171 < 0 || isNaN(data171)){
validate20.errors = [{instancePath:instancePath+"/fits/" + i21+"/revision",schemaPath:"#/$defs/Fit/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid87 = _errs540 === errors;
}
else {
var valid87 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/fits/" + i21,schemaPath:"#/$defs/Fit/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid85 = _errs512 === errors;
if(!valid85){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/fits",schemaPath:"#/properties/fits/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs510 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.timers !== undefined){
let data172 = data.timers;
const _errs542 = errors;
if(errors === _errs542){
if(Array.isArray(data172)){
var valid89 = true;
const len21 = data172.length;
for(let i22=0; i22<len21; i22++){
let data173 = data172[i22];
const _errs544 = errors;
const _errs545 = errors;
if(errors === _errs545){
if(data173 && typeof data173 == "object" && !Array.isArray(data173)){
let missing11;
if(((((((data173.name === undefined) && (missing11 = "name")) || ((data173.startedAtMs === undefined) && (missing11 = "startedAtMs"))) || ((data173.endsAtMs === undefined) && (missing11 = "endsAtMs"))) || ((data173.note === undefined) && (missing11 = "note"))) || ((data173.id === undefined) && (missing11 = "id"))) || ((data173.revision === undefined) && (missing11 = "revision"))){
validate20.errors = [{instancePath:instancePath+"/timers/" + i22,schemaPath:"#/$defs/BenchTimer/required",keyword:"required",params:{missingProperty: missing11}}];
return false;
}
else {
const _errs547 = errors;
for(const key11 in data173){
if(!((((((key11 === "name") || (key11 === "startedAtMs")) || (key11 === "endsAtMs")) || (key11 === "note")) || (key11 === "id")) || (key11 === "revision"))){
validate20.errors = [{instancePath:instancePath+"/timers/" + i22,schemaPath:"#/$defs/BenchTimer/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key11}}];
return false;
break;
}
}
if(_errs547 === errors){
if(data173.name !== undefined){
let data174 = data173.name;
const _errs548 = errors;
if(errors === _errs548){
if(typeof data174 === "string"){
if(data174.length > 200){
validate20.errors = [{instancePath:instancePath+"/timers/" + i22+"/name",schemaPath:"#/$defs/BenchTimer/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data174.length < 1){
validate20.errors = [{instancePath:instancePath+"/timers/" + i22+"/name",schemaPath:"#/$defs/BenchTimer/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data174)){
validate20.errors = [{instancePath:instancePath+"/timers/" + i22+"/name",schemaPath:"#/$defs/BenchTimer/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/timers/" + i22+"/name",schemaPath:"#/$defs/BenchTimer/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid91 = _errs548 === errors;
}
else {
var valid91 = true;
}
if(valid91){
if(data173.startedAtMs !== undefined){
let data175 = data173.startedAtMs;
const _errs550 = errors;
if(!(((typeof data175 == "number") && (!(data175 % 1) && !isNaN(data175))) && (isFinite(data175)))){
validate20.errors = [{instancePath:instancePath+"/timers/" + i22+"/startedAtMs",schemaPath:"#/$defs/BenchTimer/properties/startedAtMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs550){
if((typeof data175 == "number") && (isFinite(data175))){
if(data175 > 4102444800000 || isNaN(data175)){
validate20.errors = [{instancePath:instancePath+"/timers/" + i22+"/startedAtMs",schemaPath:"#/$defs/BenchTimer/properties/startedAtMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data175 < 946684800000 || isNaN(data175)){
validate20.errors = [{instancePath:instancePath+"/timers/" + i22+"/startedAtMs",schemaPath:"#/$defs/BenchTimer/properties/startedAtMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid91 = _errs550 === errors;
}
else {
var valid91 = true;
}
if(valid91){
if(data173.endsAtMs !== undefined){
let data176 = data173.endsAtMs;
const _errs552 = errors;
if(!(((typeof data176 == "number") && (!(data176 % 1) && !isNaN(data176))) && (isFinite(data176)))){
validate20.errors = [{instancePath:instancePath+"/timers/" + i22+"/endsAtMs",schemaPath:"#/$defs/BenchTimer/properties/endsAtMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs552){
if((typeof data176 == "number") && (isFinite(data176))){
if(data176 > 4102444800000 || isNaN(data176)){
validate20.errors = [{instancePath:instancePath+"/timers/" + i22+"/endsAtMs",schemaPath:"#/$defs/BenchTimer/properties/endsAtMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data176 < 946684800000 || isNaN(data176)){
validate20.errors = [{instancePath:instancePath+"/timers/" + i22+"/endsAtMs",schemaPath:"#/$defs/BenchTimer/properties/endsAtMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid91 = _errs552 === errors;
}
else {
var valid91 = true;
}
if(valid91){
if(data173.note !== undefined){
let data177 = data173.note;
const _errs554 = errors;
if(errors === _errs554){
if(typeof data177 === "string"){
if(data177.length > 400){
validate20.errors = [{instancePath:instancePath+"/timers/" + i22+"/note",schemaPath:"#/$defs/BenchTimer/properties/note/maxLength",keyword:"maxLength",params:{limit: 400}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/timers/" + i22+"/note",schemaPath:"#/$defs/BenchTimer/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid91 = _errs554 === errors;
}
else {
var valid91 = true;
}
if(valid91){
if(data173.id !== undefined){
let data178 = data173.id;
const _errs556 = errors;
if(errors === _errs556){
if(typeof data178 === "string"){
if(!pattern10.test(data178)){
validate20.errors = [{instancePath:instancePath+"/timers/" + i22+"/id",schemaPath:"#/$defs/BenchTimer/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/timers/" + i22+"/id",schemaPath:"#/$defs/BenchTimer/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid91 = _errs556 === errors;
}
else {
var valid91 = true;
}
if(valid91){
if(data173.revision !== undefined){
let data179 = data173.revision;
const _errs558 = errors;
if(!(((typeof data179 == "number") && (!(data179 % 1) && !isNaN(data179))) && (isFinite(data179)))){
validate20.errors = [{instancePath:instancePath+"/timers/" + i22+"/revision",schemaPath:"#/$defs/BenchTimer/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs558){
if((typeof data179 == "number") && (isFinite(data179))){
if(data179 < 0 || isNaN(data179)){
validate20.errors = [{instancePath:instancePath+"/timers/" + i22+"/revision",schemaPath:"#/$defs/BenchTimer/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid91 = _errs558 === errors;
}
else {
var valid91 = true;
}
}
}
}
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/timers/" + i22,schemaPath:"#/$defs/BenchTimer/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid89 = _errs544 === errors;
if(!valid89){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/timers",schemaPath:"#/properties/timers/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs542 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.targets !== undefined){
let data180 = data.targets;
const _errs560 = errors;
if(errors === _errs560){
if(Array.isArray(data180)){
var valid92 = true;
const len22 = data180.length;
for(let i23=0; i23<len22; i23++){
const _errs562 = errors;
if(!(validate43(data180[i23], {instancePath:instancePath+"/targets/" + i23,parentData:data180,parentDataProperty:i23,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate43.errors : vErrors.concat(validate43.errors);
errors = vErrors.length;
}
var valid92 = _errs562 === errors;
if(!valid92){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/targets",schemaPath:"#/properties/targets/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs560 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.maskPlans !== undefined){
let data182 = data.maskPlans;
const _errs563 = errors;
if(errors === _errs563){
if(Array.isArray(data182)){
var valid93 = true;
const len23 = data182.length;
for(let i24=0; i24<len23; i24++){
const _errs565 = errors;
if(!(validate47(data182[i24], {instancePath:instancePath+"/maskPlans/" + i24,parentData:data182,parentDataProperty:i24,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate47.errors : vErrors.concat(validate47.errors);
errors = vErrors.length;
}
var valid93 = _errs565 === errors;
if(!valid93){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/maskPlans",schemaPath:"#/properties/maskPlans/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs563 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.stencils !== undefined){
let data184 = data.stencils;
const _errs566 = errors;
if(errors === _errs566){
if(Array.isArray(data184)){
var valid94 = true;
const len24 = data184.length;
for(let i25=0; i25<len24; i25++){
let data185 = data184[i25];
const _errs568 = errors;
const _errs569 = errors;
if(errors === _errs569){
if(data185 && typeof data185 == "object" && !Array.isArray(data185)){
let missing12;
if(((((((data185.partId === undefined) && (missing12 = "partId")) || ((data185.name === undefined) && (missing12 = "name"))) || ((data185.outline === undefined) && (missing12 = "outline"))) || ((data185.millimetresPerUnit === undefined) && (missing12 = "millimetresPerUnit"))) || ((data185.id === undefined) && (missing12 = "id"))) || ((data185.revision === undefined) && (missing12 = "revision"))){
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25,schemaPath:"#/$defs/Stencil/required",keyword:"required",params:{missingProperty: missing12}}];
return false;
}
else {
const _errs571 = errors;
for(const key12 in data185){
if(!((((((key12 === "partId") || (key12 === "name")) || (key12 === "outline")) || (key12 === "millimetresPerUnit")) || (key12 === "id")) || (key12 === "revision"))){
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25,schemaPath:"#/$defs/Stencil/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key12}}];
return false;
break;
}
}
if(_errs571 === errors){
if(data185.partId !== undefined){
let data186 = data185.partId;
const _errs572 = errors;
if(errors === _errs572){
if(typeof data186 === "string"){
if(!pattern10.test(data186)){
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25+"/partId",schemaPath:"#/$defs/Stencil/properties/partId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25+"/partId",schemaPath:"#/$defs/Stencil/properties/partId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid96 = _errs572 === errors;
}
else {
var valid96 = true;
}
if(valid96){
if(data185.name !== undefined){
let data187 = data185.name;
const _errs574 = errors;
if(errors === _errs574){
if(typeof data187 === "string"){
if(data187.length > 200){
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25+"/name",schemaPath:"#/$defs/Stencil/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data187.length < 1){
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25+"/name",schemaPath:"#/$defs/Stencil/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data187)){
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25+"/name",schemaPath:"#/$defs/Stencil/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25+"/name",schemaPath:"#/$defs/Stencil/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid96 = _errs574 === errors;
}
else {
var valid96 = true;
}
if(valid96){
if(data185.outline !== undefined){
let data188 = data185.outline;
const _errs576 = errors;
if(errors === _errs576){
if(typeof data188 === "string"){
if(data188.length > 2000000){
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25+"/outline",schemaPath:"#/$defs/Stencil/properties/outline/maxLength",keyword:"maxLength",params:{limit: 2000000}}];
return false;
}
else {
if(!pattern118.test(data188)){
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25+"/outline",schemaPath:"#/$defs/Stencil/properties/outline/pattern",keyword:"pattern",params:{pattern: "^[MLZ0-9 .,-]+$"}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25+"/outline",schemaPath:"#/$defs/Stencil/properties/outline/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid96 = _errs576 === errors;
}
else {
var valid96 = true;
}
if(valid96){
if(data185.millimetresPerUnit !== undefined){
let data189 = data185.millimetresPerUnit;
const _errs578 = errors;
if(errors === _errs578){
if((typeof data189 == "number") && (isFinite(data189))){
if(data189 > 10000 || isNaN(data189)){
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25+"/millimetresPerUnit",schemaPath:"#/$defs/Stencil/properties/millimetresPerUnit/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data189 < 0.000001 || isNaN(data189)){
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25+"/millimetresPerUnit",schemaPath:"#/$defs/Stencil/properties/millimetresPerUnit/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.000001}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25+"/millimetresPerUnit",schemaPath:"#/$defs/Stencil/properties/millimetresPerUnit/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid96 = _errs578 === errors;
}
else {
var valid96 = true;
}
if(valid96){
if(data185.id !== undefined){
let data190 = data185.id;
const _errs580 = errors;
if(errors === _errs580){
if(typeof data190 === "string"){
if(!pattern10.test(data190)){
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25+"/id",schemaPath:"#/$defs/Stencil/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25+"/id",schemaPath:"#/$defs/Stencil/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid96 = _errs580 === errors;
}
else {
var valid96 = true;
}
if(valid96){
if(data185.revision !== undefined){
let data191 = data185.revision;
const _errs582 = errors;
if(!(((typeof data191 == "number") && (!(data191 % 1) && !isNaN(data191))) && (isFinite(data191)))){
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25+"/revision",schemaPath:"#/$defs/Stencil/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs582){
if((typeof data191 == "number") && (isFinite(data191))){
if(data191 < 0 || isNaN(data191)){
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25+"/revision",schemaPath:"#/$defs/Stencil/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid96 = _errs582 === errors;
}
else {
var valid96 = true;
}
}
}
}
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/stencils/" + i25,schemaPath:"#/$defs/Stencil/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid94 = _errs568 === errors;
if(!valid94){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/stencils",schemaPath:"#/properties/stencils/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs566 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.weatherPlans !== undefined){
let data192 = data.weatherPlans;
const _errs584 = errors;
if(errors === _errs584){
if(Array.isArray(data192)){
var valid97 = true;
const len25 = data192.length;
for(let i26=0; i26<len25; i26++){
const _errs586 = errors;
if(!(validate51(data192[i26], {instancePath:instancePath+"/weatherPlans/" + i26,parentData:data192,parentDataProperty:i26,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate51.errors : vErrors.concat(validate51.errors);
errors = vErrors.length;
}
var valid97 = _errs586 === errors;
if(!valid97){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/weatherPlans",schemaPath:"#/properties/weatherPlans/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs584 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.techniqueCards !== undefined){
let data194 = data.techniqueCards;
const _errs587 = errors;
if(errors === _errs587){
if(Array.isArray(data194)){
var valid98 = true;
const len26 = data194.length;
for(let i27=0; i27<len26; i27++){
let data195 = data194[i27];
const _errs589 = errors;
const _errs590 = errors;
if(errors === _errs590){
if(data195 && typeof data195 == "object" && !Array.isArray(data195)){
let missing13;
if(((((((((((((((((((((data195.name === undefined) && (missing13 = "name")) || ((data195.techniqueId === undefined) && (missing13 = "techniqueId"))) || ((data195.triedOn === undefined) && (missing13 = "triedOn"))) || ((data195.baseLab === undefined) && (missing13 = "baseLab"))) || ((data195.depositLab === undefined) && (missing13 = "depositLab"))) || ((data195.productId === undefined) && (missing13 = "productId"))) || ((data195.amount === undefined) && (missing13 = "amount"))) || ((data195.wiped === undefined) && (missing13 = "wiped"))) || ((data195.sizeMillimetres === undefined) && (missing13 = "sizeMillimetres"))) || ((data195.tool === undefined) && (missing13 = "tool"))) || ((data195.mix === undefined) && (missing13 = "mix"))) || ((data195.minutes === undefined) && (missing13 = "minutes"))) || ((data195.coverageBefore === undefined) && (missing13 = "coverageBefore"))) || ((data195.coverageAfter === undefined) && (missing13 = "coverageAfter"))) || ((data195.half === undefined) && (missing13 = "half"))) || ((data195.isGood === undefined) && (missing13 = "isGood"))) || ((data195.note === undefined) && (missing13 = "note"))) || ((data195.madeAtMs === undefined) && (missing13 = "madeAtMs"))) || ((data195.id === undefined) && (missing13 = "id"))) || ((data195.revision === undefined) && (missing13 = "revision"))){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27,schemaPath:"#/$defs/TechniqueCard/required",keyword:"required",params:{missingProperty: missing13}}];
return false;
}
else {
const _errs592 = errors;
for(const key13 in data195){
if(!(func1.call(schema90.properties, key13))){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27,schemaPath:"#/$defs/TechniqueCard/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key13}}];
return false;
break;
}
}
if(_errs592 === errors){
if(data195.name !== undefined){
let data196 = data195.name;
const _errs593 = errors;
if(errors === _errs593){
if(typeof data196 === "string"){
if(data196.length > 200){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/name",schemaPath:"#/$defs/TechniqueCard/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data196.length < 1){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/name",schemaPath:"#/$defs/TechniqueCard/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data196)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/name",schemaPath:"#/$defs/TechniqueCard/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/name",schemaPath:"#/$defs/TechniqueCard/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid100 = _errs593 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.techniqueId !== undefined){
let data197 = data195.techniqueId;
const _errs595 = errors;
if(typeof data197 !== "string"){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/techniqueId",schemaPath:"#/$defs/TechniqueCard/properties/techniqueId/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((((((((((((((((((((((((data197 === "chipsTaken") || (data197 === "washWiped")) || (data197 === "washLeft")) || (data197 === "washSprayed")) || (data197 === "washCorners")) || (data197 === "oilWash")) || (data197 === "pinWash")) || (data197 === "streaks")) || (data197 === "rustUp")) || (data197 === "verdigris")) || (data197 === "spongeStipple")) || (data197 === "grime")) || (data197 === "rustRunOff")) || (data197 === "chipsBrush")) || (data197 === "chipsSponge")) || (data197 === "scratches")) || (data197 === "dryBrush")) || (data197 === "splatter")) || (data197 === "chipsStick")) || (data197 === "soot")) || (data197 === "polishEdges")) || (data197 === "graphiteEdges")) || (data197 === "wetGloss")) || (data197 === "dust"))){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/techniqueId",schemaPath:"#/$defs/TechniqueCard/properties/techniqueId/enum",keyword:"enum",params:{allowedValues: schema90.properties.techniqueId.enum}}];
return false;
}
var valid100 = _errs595 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.triedOn !== undefined){
let data198 = data195.triedOn;
const _errs597 = errors;
if(errors === _errs597){
if(typeof data198 === "string"){
if(data198.length > 200){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/triedOn",schemaPath:"#/$defs/TechniqueCard/properties/triedOn/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(!pattern4.test(data198)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/triedOn",schemaPath:"#/$defs/TechniqueCard/properties/triedOn/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/triedOn",schemaPath:"#/$defs/TechniqueCard/properties/triedOn/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid100 = _errs597 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.baseLab !== undefined){
let data199 = data195.baseLab;
const _errs599 = errors;
if(errors === _errs599){
if(Array.isArray(data199)){
if(data199.length > 3){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/baseLab",schemaPath:"#/$defs/TechniqueCard/properties/baseLab/maxItems",keyword:"maxItems",params:{limit: 3}}];
return false;
}
else {
if(data199.length < 3){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/baseLab",schemaPath:"#/$defs/TechniqueCard/properties/baseLab/minItems",keyword:"minItems",params:{limit: 3}}];
return false;
}
else {
var valid101 = true;
const len27 = data199.length;
for(let i28=0; i28<len27; i28++){
let data200 = data199[i28];
const _errs601 = errors;
if(errors === _errs601){
if((typeof data200 == "number") && (isFinite(data200))){
if(data200 > 200 || isNaN(data200)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/baseLab/" + i28,schemaPath:"#/$defs/TechniqueCard/properties/baseLab/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200}}];
return false;
}
else {
if(data200 < -200 || isNaN(data200)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/baseLab/" + i28,schemaPath:"#/$defs/TechniqueCard/properties/baseLab/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: -200}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/baseLab/" + i28,schemaPath:"#/$defs/TechniqueCard/properties/baseLab/items/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid101 = _errs601 === errors;
if(!valid101){
break;
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/baseLab",schemaPath:"#/$defs/TechniqueCard/properties/baseLab/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid100 = _errs599 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.depositLab !== undefined){
let data201 = data195.depositLab;
const _errs603 = errors;
if(errors === _errs603){
if(Array.isArray(data201)){
if(data201.length > 3){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/depositLab",schemaPath:"#/$defs/TechniqueCard/properties/depositLab/maxItems",keyword:"maxItems",params:{limit: 3}}];
return false;
}
else {
if(data201.length < 3){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/depositLab",schemaPath:"#/$defs/TechniqueCard/properties/depositLab/minItems",keyword:"minItems",params:{limit: 3}}];
return false;
}
else {
var valid102 = true;
const len28 = data201.length;
for(let i29=0; i29<len28; i29++){
let data202 = data201[i29];
const _errs605 = errors;
if(errors === _errs605){
if((typeof data202 == "number") && (isFinite(data202))){
if(data202 > 200 || isNaN(data202)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/depositLab/" + i29,schemaPath:"#/$defs/TechniqueCard/properties/depositLab/items/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200}}];
return false;
}
else {
if(data202 < -200 || isNaN(data202)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/depositLab/" + i29,schemaPath:"#/$defs/TechniqueCard/properties/depositLab/items/minimum",keyword:"minimum",params:{comparison: ">=", limit: -200}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/depositLab/" + i29,schemaPath:"#/$defs/TechniqueCard/properties/depositLab/items/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid102 = _errs605 === errors;
if(!valid102){
break;
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/depositLab",schemaPath:"#/$defs/TechniqueCard/properties/depositLab/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid100 = _errs603 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.productId !== undefined){
let data203 = data195.productId;
const _errs607 = errors;
const _errs608 = errors;
let valid103 = false;
const _errs609 = errors;
if(errors === _errs609){
if(typeof data203 === "string"){
if(!pattern10.test(data203)){
const err215 = {instancePath:instancePath+"/techniqueCards/" + i27+"/productId",schemaPath:"#/$defs/TechniqueCard/properties/productId/anyOf/0/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}};
if(vErrors === null){
vErrors = [err215];
}
else {
vErrors.push(err215);
}
errors++;
}
}
else {
const err216 = {instancePath:instancePath+"/techniqueCards/" + i27+"/productId",schemaPath:"#/$defs/TechniqueCard/properties/productId/anyOf/0/type",keyword:"type",params:{type: "string"}};
if(vErrors === null){
vErrors = [err216];
}
else {
vErrors.push(err216);
}
errors++;
}
}
var _valid46 = _errs609 === errors;
valid103 = valid103 || _valid46;
const _errs611 = errors;
if(data203 !== null){
const err217 = {instancePath:instancePath+"/techniqueCards/" + i27+"/productId",schemaPath:"#/$defs/TechniqueCard/properties/productId/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err217];
}
else {
vErrors.push(err217);
}
errors++;
}
var _valid46 = _errs611 === errors;
valid103 = valid103 || _valid46;
if(!valid103){
const err218 = {instancePath:instancePath+"/techniqueCards/" + i27+"/productId",schemaPath:"#/$defs/TechniqueCard/properties/productId/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err218];
}
else {
vErrors.push(err218);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs608;
if(vErrors !== null){
if(_errs608){
vErrors.length = _errs608;
}
else {
vErrors = null;
}
}
}
var valid100 = _errs607 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.amount !== undefined){
let data204 = data195.amount;
const _errs613 = errors;
if(errors === _errs613){
if((typeof data204 == "number") && (isFinite(data204))){
if(data204 > 1 || isNaN(data204)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/amount",schemaPath:"#/$defs/TechniqueCard/properties/amount/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data204 < 0 || isNaN(data204)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/amount",schemaPath:"#/$defs/TechniqueCard/properties/amount/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/amount",schemaPath:"#/$defs/TechniqueCard/properties/amount/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid100 = _errs613 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.wiped !== undefined){
let data205 = data195.wiped;
const _errs615 = errors;
if(errors === _errs615){
if((typeof data205 == "number") && (isFinite(data205))){
if(data205 > 1 || isNaN(data205)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/wiped",schemaPath:"#/$defs/TechniqueCard/properties/wiped/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}}];
return false;
}
else {
if(data205 < 0 || isNaN(data205)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/wiped",schemaPath:"#/$defs/TechniqueCard/properties/wiped/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/wiped",schemaPath:"#/$defs/TechniqueCard/properties/wiped/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid100 = _errs615 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.sizeMillimetres !== undefined){
let data206 = data195.sizeMillimetres;
const _errs617 = errors;
if(errors === _errs617){
if((typeof data206 == "number") && (isFinite(data206))){
if(data206 > 200 || isNaN(data206)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/sizeMillimetres",schemaPath:"#/$defs/TechniqueCard/properties/sizeMillimetres/maximum",keyword:"maximum",params:{comparison: "<=", limit: 200}}];
return false;
}
else {
if(data206 < 0.05 || isNaN(data206)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/sizeMillimetres",schemaPath:"#/$defs/TechniqueCard/properties/sizeMillimetres/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.05}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/sizeMillimetres",schemaPath:"#/$defs/TechniqueCard/properties/sizeMillimetres/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid100 = _errs617 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.tool !== undefined){
let data207 = data195.tool;
const _errs619 = errors;
if(errors === _errs619){
if(typeof data207 === "string"){
if(data207.length > 200){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/tool",schemaPath:"#/$defs/TechniqueCard/properties/tool/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(!pattern4.test(data207)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/tool",schemaPath:"#/$defs/TechniqueCard/properties/tool/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/tool",schemaPath:"#/$defs/TechniqueCard/properties/tool/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid100 = _errs619 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.mix !== undefined){
let data208 = data195.mix;
const _errs621 = errors;
if(errors === _errs621){
if(typeof data208 === "string"){
if(data208.length > 200){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/mix",schemaPath:"#/$defs/TechniqueCard/properties/mix/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(!pattern4.test(data208)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/mix",schemaPath:"#/$defs/TechniqueCard/properties/mix/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/mix",schemaPath:"#/$defs/TechniqueCard/properties/mix/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid100 = _errs621 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.minutes !== undefined){
let data209 = data195.minutes;
const _errs623 = errors;
const _errs624 = errors;
let valid104 = false;
const _errs625 = errors;
if(errors === _errs625){
if((typeof data209 == "number") && (isFinite(data209))){
if(data209 > 10000 || isNaN(data209)){
const err219 = {instancePath:instancePath+"/techniqueCards/" + i27+"/minutes",schemaPath:"#/$defs/TechniqueCard/properties/minutes/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}};
if(vErrors === null){
vErrors = [err219];
}
else {
vErrors.push(err219);
}
errors++;
}
else {
if(data209 < 0 || isNaN(data209)){
const err220 = {instancePath:instancePath+"/techniqueCards/" + i27+"/minutes",schemaPath:"#/$defs/TechniqueCard/properties/minutes/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err220];
}
else {
vErrors.push(err220);
}
errors++;
}
}
}
else {
const err221 = {instancePath:instancePath+"/techniqueCards/" + i27+"/minutes",schemaPath:"#/$defs/TechniqueCard/properties/minutes/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err221];
}
else {
vErrors.push(err221);
}
errors++;
}
}
var _valid47 = _errs625 === errors;
valid104 = valid104 || _valid47;
const _errs627 = errors;
if(data209 !== null){
const err222 = {instancePath:instancePath+"/techniqueCards/" + i27+"/minutes",schemaPath:"#/$defs/TechniqueCard/properties/minutes/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err222];
}
else {
vErrors.push(err222);
}
errors++;
}
var _valid47 = _errs627 === errors;
valid104 = valid104 || _valid47;
if(!valid104){
const err223 = {instancePath:instancePath+"/techniqueCards/" + i27+"/minutes",schemaPath:"#/$defs/TechniqueCard/properties/minutes/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err223];
}
else {
vErrors.push(err223);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs624;
if(vErrors !== null){
if(_errs624){
vErrors.length = _errs624;
}
else {
vErrors = null;
}
}
}
var valid100 = _errs623 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.coverageBefore !== undefined){
let data210 = data195.coverageBefore;
const _errs629 = errors;
const _errs630 = errors;
let valid105 = false;
const _errs631 = errors;
if(errors === _errs631){
if((typeof data210 == "number") && (isFinite(data210))){
if(data210 > 1 || isNaN(data210)){
const err224 = {instancePath:instancePath+"/techniqueCards/" + i27+"/coverageBefore",schemaPath:"#/$defs/TechniqueCard/properties/coverageBefore/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}};
if(vErrors === null){
vErrors = [err224];
}
else {
vErrors.push(err224);
}
errors++;
}
else {
if(data210 < 0 || isNaN(data210)){
const err225 = {instancePath:instancePath+"/techniqueCards/" + i27+"/coverageBefore",schemaPath:"#/$defs/TechniqueCard/properties/coverageBefore/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err225];
}
else {
vErrors.push(err225);
}
errors++;
}
}
}
else {
const err226 = {instancePath:instancePath+"/techniqueCards/" + i27+"/coverageBefore",schemaPath:"#/$defs/TechniqueCard/properties/coverageBefore/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err226];
}
else {
vErrors.push(err226);
}
errors++;
}
}
var _valid48 = _errs631 === errors;
valid105 = valid105 || _valid48;
const _errs633 = errors;
if(data210 !== null){
const err227 = {instancePath:instancePath+"/techniqueCards/" + i27+"/coverageBefore",schemaPath:"#/$defs/TechniqueCard/properties/coverageBefore/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err227];
}
else {
vErrors.push(err227);
}
errors++;
}
var _valid48 = _errs633 === errors;
valid105 = valid105 || _valid48;
if(!valid105){
const err228 = {instancePath:instancePath+"/techniqueCards/" + i27+"/coverageBefore",schemaPath:"#/$defs/TechniqueCard/properties/coverageBefore/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err228];
}
else {
vErrors.push(err228);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs630;
if(vErrors !== null){
if(_errs630){
vErrors.length = _errs630;
}
else {
vErrors = null;
}
}
}
var valid100 = _errs629 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.coverageAfter !== undefined){
let data211 = data195.coverageAfter;
const _errs635 = errors;
const _errs636 = errors;
let valid106 = false;
const _errs637 = errors;
if(errors === _errs637){
if((typeof data211 == "number") && (isFinite(data211))){
if(data211 > 1 || isNaN(data211)){
const err229 = {instancePath:instancePath+"/techniqueCards/" + i27+"/coverageAfter",schemaPath:"#/$defs/TechniqueCard/properties/coverageAfter/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}};
if(vErrors === null){
vErrors = [err229];
}
else {
vErrors.push(err229);
}
errors++;
}
else {
if(data211 < 0 || isNaN(data211)){
const err230 = {instancePath:instancePath+"/techniqueCards/" + i27+"/coverageAfter",schemaPath:"#/$defs/TechniqueCard/properties/coverageAfter/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err230];
}
else {
vErrors.push(err230);
}
errors++;
}
}
}
else {
const err231 = {instancePath:instancePath+"/techniqueCards/" + i27+"/coverageAfter",schemaPath:"#/$defs/TechniqueCard/properties/coverageAfter/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err231];
}
else {
vErrors.push(err231);
}
errors++;
}
}
var _valid49 = _errs637 === errors;
valid106 = valid106 || _valid49;
const _errs639 = errors;
if(data211 !== null){
const err232 = {instancePath:instancePath+"/techniqueCards/" + i27+"/coverageAfter",schemaPath:"#/$defs/TechniqueCard/properties/coverageAfter/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err232];
}
else {
vErrors.push(err232);
}
errors++;
}
var _valid49 = _errs639 === errors;
valid106 = valid106 || _valid49;
if(!valid106){
const err233 = {instancePath:instancePath+"/techniqueCards/" + i27+"/coverageAfter",schemaPath:"#/$defs/TechniqueCard/properties/coverageAfter/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err233];
}
else {
vErrors.push(err233);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs636;
if(vErrors !== null){
if(_errs636){
vErrors.length = _errs636;
}
else {
vErrors = null;
}
}
}
var valid100 = _errs635 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.half !== undefined){
let data212 = data195.half;
const _errs641 = errors;
const _errs642 = errors;
let valid107 = false;
const _errs643 = errors;
if(errors === _errs643){
if((typeof data212 == "number") && (isFinite(data212))){
if(data212 > 1 || isNaN(data212)){
const err234 = {instancePath:instancePath+"/techniqueCards/" + i27+"/half",schemaPath:"#/$defs/TechniqueCard/properties/half/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1}};
if(vErrors === null){
vErrors = [err234];
}
else {
vErrors.push(err234);
}
errors++;
}
else {
if(data212 < 0 || isNaN(data212)){
const err235 = {instancePath:instancePath+"/techniqueCards/" + i27+"/half",schemaPath:"#/$defs/TechniqueCard/properties/half/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err235];
}
else {
vErrors.push(err235);
}
errors++;
}
}
}
else {
const err236 = {instancePath:instancePath+"/techniqueCards/" + i27+"/half",schemaPath:"#/$defs/TechniqueCard/properties/half/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err236];
}
else {
vErrors.push(err236);
}
errors++;
}
}
var _valid50 = _errs643 === errors;
valid107 = valid107 || _valid50;
const _errs645 = errors;
if(data212 !== null){
const err237 = {instancePath:instancePath+"/techniqueCards/" + i27+"/half",schemaPath:"#/$defs/TechniqueCard/properties/half/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err237];
}
else {
vErrors.push(err237);
}
errors++;
}
var _valid50 = _errs645 === errors;
valid107 = valid107 || _valid50;
if(!valid107){
const err238 = {instancePath:instancePath+"/techniqueCards/" + i27+"/half",schemaPath:"#/$defs/TechniqueCard/properties/half/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err238];
}
else {
vErrors.push(err238);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs642;
if(vErrors !== null){
if(_errs642){
vErrors.length = _errs642;
}
else {
vErrors = null;
}
}
}
var valid100 = _errs641 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.isGood !== undefined){
let data213 = data195.isGood;
const _errs647 = errors;
const _errs648 = errors;
let valid108 = false;
const _errs649 = errors;
if(typeof data213 !== "boolean"){
const err239 = {instancePath:instancePath+"/techniqueCards/" + i27+"/isGood",schemaPath:"#/$defs/TechniqueCard/properties/isGood/anyOf/0/type",keyword:"type",params:{type: "boolean"}};
if(vErrors === null){
vErrors = [err239];
}
else {
vErrors.push(err239);
}
errors++;
}
var _valid51 = _errs649 === errors;
valid108 = valid108 || _valid51;
const _errs651 = errors;
if(data213 !== null){
const err240 = {instancePath:instancePath+"/techniqueCards/" + i27+"/isGood",schemaPath:"#/$defs/TechniqueCard/properties/isGood/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err240];
}
else {
vErrors.push(err240);
}
errors++;
}
var _valid51 = _errs651 === errors;
valid108 = valid108 || _valid51;
if(!valid108){
const err241 = {instancePath:instancePath+"/techniqueCards/" + i27+"/isGood",schemaPath:"#/$defs/TechniqueCard/properties/isGood/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err241];
}
else {
vErrors.push(err241);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs648;
if(vErrors !== null){
if(_errs648){
vErrors.length = _errs648;
}
else {
vErrors = null;
}
}
}
var valid100 = _errs647 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.note !== undefined){
let data214 = data195.note;
const _errs653 = errors;
if(errors === _errs653){
if(typeof data214 === "string"){
if(data214.length > 4000){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/note",schemaPath:"#/$defs/TechniqueCard/properties/note/maxLength",keyword:"maxLength",params:{limit: 4000}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/note",schemaPath:"#/$defs/TechniqueCard/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid100 = _errs653 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.madeAtMs !== undefined){
let data215 = data195.madeAtMs;
const _errs655 = errors;
if(!(((typeof data215 == "number") && (!(data215 % 1) && !isNaN(data215))) && (isFinite(data215)))){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/madeAtMs",schemaPath:"#/$defs/TechniqueCard/properties/madeAtMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs655){
if((typeof data215 == "number") && (isFinite(data215))){
if(data215 > 4102444800000 || isNaN(data215)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/madeAtMs",schemaPath:"#/$defs/TechniqueCard/properties/madeAtMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data215 < 946684800000 || isNaN(data215)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/madeAtMs",schemaPath:"#/$defs/TechniqueCard/properties/madeAtMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid100 = _errs655 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.id !== undefined){
let data216 = data195.id;
const _errs657 = errors;
if(errors === _errs657){
if(typeof data216 === "string"){
if(!pattern10.test(data216)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/id",schemaPath:"#/$defs/TechniqueCard/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/id",schemaPath:"#/$defs/TechniqueCard/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid100 = _errs657 === errors;
}
else {
var valid100 = true;
}
if(valid100){
if(data195.revision !== undefined){
let data217 = data195.revision;
const _errs659 = errors;
if(!(((typeof data217 == "number") && (!(data217 % 1) && !isNaN(data217))) && (isFinite(data217)))){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/revision",schemaPath:"#/$defs/TechniqueCard/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs659){
if((typeof data217 == "number") && (isFinite(data217))){
if(data217 < 0 || isNaN(data217)){
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27+"/revision",schemaPath:"#/$defs/TechniqueCard/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid100 = _errs659 === errors;
}
else {
var valid100 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/techniqueCards/" + i27,schemaPath:"#/$defs/TechniqueCard/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid98 = _errs589 === errors;
if(!valid98){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/techniqueCards",schemaPath:"#/properties/techniqueCards/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs587 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.ownRoutes !== undefined){
let data218 = data.ownRoutes;
const _errs661 = errors;
if(errors === _errs661){
if(Array.isArray(data218)){
var valid109 = true;
const len29 = data218.length;
for(let i30=0; i30<len29; i30++){
const _errs663 = errors;
if(!(validate53(data218[i30], {instancePath:instancePath+"/ownRoutes/" + i30,parentData:data218,parentDataProperty:i30,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate53.errors : vErrors.concat(validate53.errors);
errors = vErrors.length;
}
var valid109 = _errs663 === errors;
if(!valid109){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/ownRoutes",schemaPath:"#/properties/ownRoutes/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs661 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.persons !== undefined){
let data220 = data.persons;
const _errs664 = errors;
if(errors === _errs664){
if(Array.isArray(data220)){
var valid110 = true;
const len30 = data220.length;
for(let i31=0; i31<len30; i31++){
const _errs666 = errors;
if(!(validate55(data220[i31], {instancePath:instancePath+"/persons/" + i31,parentData:data220,parentDataProperty:i31,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate55.errors : vErrors.concat(validate55.errors);
errors = vErrors.length;
}
var valid110 = _errs666 === errors;
if(!valid110){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/persons",schemaPath:"#/properties/persons/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs664 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.dimensions !== undefined){
let data222 = data.dimensions;
const _errs667 = errors;
if(errors === _errs667){
if(Array.isArray(data222)){
var valid111 = true;
const len31 = data222.length;
for(let i32=0; i32<len31; i32++){
let data223 = data222[i32];
const _errs669 = errors;
const _errs670 = errors;
if(errors === _errs670){
if(data223 && typeof data223 == "object" && !Array.isArray(data223)){
let missing14;
if((((((((data223.propId === undefined) && (missing14 = "propId")) || ((data223.name === undefined) && (missing14 = "name"))) || ((data223.position === undefined) && (missing14 = "position"))) || ((data223.meshMillimetres === undefined) && (missing14 = "meshMillimetres"))) || ((data223.note === undefined) && (missing14 = "note"))) || ((data223.id === undefined) && (missing14 = "id"))) || ((data223.revision === undefined) && (missing14 = "revision"))){
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32,schemaPath:"#/$defs/Dimension/required",keyword:"required",params:{missingProperty: missing14}}];
return false;
}
else {
const _errs672 = errors;
for(const key14 in data223){
if(!(((((((key14 === "propId") || (key14 === "name")) || (key14 === "position")) || (key14 === "meshMillimetres")) || (key14 === "note")) || (key14 === "id")) || (key14 === "revision"))){
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32,schemaPath:"#/$defs/Dimension/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key14}}];
return false;
break;
}
}
if(_errs672 === errors){
if(data223.propId !== undefined){
let data224 = data223.propId;
const _errs673 = errors;
if(errors === _errs673){
if(typeof data224 === "string"){
if(!pattern10.test(data224)){
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32+"/propId",schemaPath:"#/$defs/Dimension/properties/propId/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32+"/propId",schemaPath:"#/$defs/Dimension/properties/propId/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid113 = _errs673 === errors;
}
else {
var valid113 = true;
}
if(valid113){
if(data223.name !== undefined){
let data225 = data223.name;
const _errs675 = errors;
if(errors === _errs675){
if(typeof data225 === "string"){
if(data225.length > 200){
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32+"/name",schemaPath:"#/$defs/Dimension/properties/name/maxLength",keyword:"maxLength",params:{limit: 200}}];
return false;
}
else {
if(data225.length < 1){
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32+"/name",schemaPath:"#/$defs/Dimension/properties/name/minLength",keyword:"minLength",params:{limit: 1}}];
return false;
}
else {
if(!pattern4.test(data225)){
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32+"/name",schemaPath:"#/$defs/Dimension/properties/name/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32+"/name",schemaPath:"#/$defs/Dimension/properties/name/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid113 = _errs675 === errors;
}
else {
var valid113 = true;
}
if(valid113){
if(data223.position !== undefined){
let data226 = data223.position;
const _errs677 = errors;
if(!(((typeof data226 == "number") && (!(data226 % 1) && !isNaN(data226))) && (isFinite(data226)))){
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32+"/position",schemaPath:"#/$defs/Dimension/properties/position/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs677){
if((typeof data226 == "number") && (isFinite(data226))){
if(data226 > 10000 || isNaN(data226)){
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32+"/position",schemaPath:"#/$defs/Dimension/properties/position/maximum",keyword:"maximum",params:{comparison: "<=", limit: 10000}}];
return false;
}
else {
if(data226 < 0 || isNaN(data226)){
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32+"/position",schemaPath:"#/$defs/Dimension/properties/position/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
}
var valid113 = _errs677 === errors;
}
else {
var valid113 = true;
}
if(valid113){
if(data223.meshMillimetres !== undefined){
let data227 = data223.meshMillimetres;
const _errs679 = errors;
const _errs680 = errors;
let valid114 = false;
const _errs681 = errors;
if(errors === _errs681){
if((typeof data227 == "number") && (isFinite(data227))){
if(data227 > 1000000 || isNaN(data227)){
const err242 = {instancePath:instancePath+"/dimensions/" + i32+"/meshMillimetres",schemaPath:"#/$defs/Dimension/properties/meshMillimetres/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 1000000}};
if(vErrors === null){
vErrors = [err242];
}
else {
vErrors.push(err242);
}
errors++;
}
else {
if(data227 < 0.001 || isNaN(data227)){
const err243 = {instancePath:instancePath+"/dimensions/" + i32+"/meshMillimetres",schemaPath:"#/$defs/Dimension/properties/meshMillimetres/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.001}};
if(vErrors === null){
vErrors = [err243];
}
else {
vErrors.push(err243);
}
errors++;
}
}
}
else {
const err244 = {instancePath:instancePath+"/dimensions/" + i32+"/meshMillimetres",schemaPath:"#/$defs/Dimension/properties/meshMillimetres/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err244];
}
else {
vErrors.push(err244);
}
errors++;
}
}
var _valid52 = _errs681 === errors;
valid114 = valid114 || _valid52;
const _errs683 = errors;
if(data227 !== null){
const err245 = {instancePath:instancePath+"/dimensions/" + i32+"/meshMillimetres",schemaPath:"#/$defs/Dimension/properties/meshMillimetres/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err245];
}
else {
vErrors.push(err245);
}
errors++;
}
var _valid52 = _errs683 === errors;
valid114 = valid114 || _valid52;
if(!valid114){
const err246 = {instancePath:instancePath+"/dimensions/" + i32+"/meshMillimetres",schemaPath:"#/$defs/Dimension/properties/meshMillimetres/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err246];
}
else {
vErrors.push(err246);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs680;
if(vErrors !== null){
if(_errs680){
vErrors.length = _errs680;
}
else {
vErrors = null;
}
}
}
var valid113 = _errs679 === errors;
}
else {
var valid113 = true;
}
if(valid113){
if(data223.note !== undefined){
let data228 = data223.note;
const _errs685 = errors;
if(errors === _errs685){
if(typeof data228 === "string"){
if(data228.length > 4000){
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32+"/note",schemaPath:"#/$defs/Dimension/properties/note/maxLength",keyword:"maxLength",params:{limit: 4000}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32+"/note",schemaPath:"#/$defs/Dimension/properties/note/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid113 = _errs685 === errors;
}
else {
var valid113 = true;
}
if(valid113){
if(data223.id !== undefined){
let data229 = data223.id;
const _errs687 = errors;
if(errors === _errs687){
if(typeof data229 === "string"){
if(!pattern10.test(data229)){
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32+"/id",schemaPath:"#/$defs/Dimension/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32+"/id",schemaPath:"#/$defs/Dimension/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid113 = _errs687 === errors;
}
else {
var valid113 = true;
}
if(valid113){
if(data223.revision !== undefined){
let data230 = data223.revision;
const _errs689 = errors;
if(!(((typeof data230 == "number") && (!(data230 % 1) && !isNaN(data230))) && (isFinite(data230)))){
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32+"/revision",schemaPath:"#/$defs/Dimension/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs689){
if((typeof data230 == "number") && (isFinite(data230))){
if(data230 < 0 || isNaN(data230)){
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32+"/revision",schemaPath:"#/$defs/Dimension/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid113 = _errs689 === errors;
}
else {
var valid113 = true;
}
}
}
}
}
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/dimensions/" + i32,schemaPath:"#/$defs/Dimension/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid111 = _errs669 === errors;
if(!valid111){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/dimensions",schemaPath:"#/properties/dimensions/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs667 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.measurings !== undefined){
let data231 = data.measurings;
const _errs691 = errors;
if(errors === _errs691){
if(Array.isArray(data231)){
var valid115 = true;
const len32 = data231.length;
for(let i33=0; i33<len32; i33++){
const _errs693 = errors;
if(!(validate58(data231[i33], {instancePath:instancePath+"/measurings/" + i33,parentData:data231,parentDataProperty:i33,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate58.errors : vErrors.concat(validate58.errors);
errors = vErrors.length;
}
var valid115 = _errs693 === errors;
if(!valid115){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/measurings",schemaPath:"#/properties/measurings/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs691 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.matches !== undefined){
let data233 = data.matches;
const _errs694 = errors;
if(errors === _errs694){
if(Array.isArray(data233)){
var valid116 = true;
const len33 = data233.length;
for(let i34=0; i34<len33; i34++){
const _errs696 = errors;
if(!(validate70(data233[i34], {instancePath:instancePath+"/matches/" + i34,parentData:data233,parentDataProperty:i34,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate70.errors : vErrors.concat(validate70.errors);
errors = vErrors.length;
}
var valid116 = _errs696 === errors;
if(!valid116){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/matches",schemaPath:"#/properties/matches/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs694 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.lightPlans !== undefined){
let data235 = data.lightPlans;
const _errs697 = errors;
if(errors === _errs697){
if(Array.isArray(data235)){
var valid117 = true;
const len34 = data235.length;
for(let i35=0; i35<len34; i35++){
const _errs699 = errors;
if(!(validate76(data235[i35], {instancePath:instancePath+"/lightPlans/" + i35,parentData:data235,parentDataProperty:i35,rootData,dynamicAnchors}))){
vErrors = vErrors === null ? validate76.errors : vErrors.concat(validate76.errors);
errors = vErrors.length;
}
var valid117 = _errs699 === errors;
if(!valid117){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/lightPlans",schemaPath:"#/properties/lightPlans/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs697 === errors;
}
else {
var valid0 = true;
}
if(valid0){
if(data.climateReadings !== undefined){
let data237 = data.climateReadings;
const _errs700 = errors;
if(errors === _errs700){
if(Array.isArray(data237)){
var valid118 = true;
const len35 = data237.length;
for(let i36=0; i36<len35; i36++){
let data238 = data237[i36];
const _errs702 = errors;
const _errs703 = errors;
if(errors === _errs703){
if(data238 && typeof data238 == "object" && !Array.isArray(data238)){
let missing15;
if((((((((((data238.atMs === undefined) && (missing15 = "atMs")) || ((data238.temperatureCelsius === undefined) && (missing15 = "temperatureCelsius"))) || ((data238.relativeHumidityPercent === undefined) && (missing15 = "relativeHumidityPercent"))) || ((data238.windMetresPerSecond === undefined) && (missing15 = "windMetresPerSecond"))) || ((data238.kind === undefined) && (missing15 = "kind"))) || ((data238.place === undefined) && (missing15 = "place"))) || ((data238.source === undefined) && (missing15 = "source"))) || ((data238.id === undefined) && (missing15 = "id"))) || ((data238.revision === undefined) && (missing15 = "revision"))){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36,schemaPath:"#/$defs/ClimateReading/required",keyword:"required",params:{missingProperty: missing15}}];
return false;
}
else {
const _errs705 = errors;
for(const key15 in data238){
if(!(func1.call(schema124.properties, key15))){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36,schemaPath:"#/$defs/ClimateReading/additionalProperties",keyword:"additionalProperties",params:{additionalProperty: key15}}];
return false;
break;
}
}
if(_errs705 === errors){
if(data238.atMs !== undefined){
let data239 = data238.atMs;
const _errs706 = errors;
if(!(((typeof data239 == "number") && (!(data239 % 1) && !isNaN(data239))) && (isFinite(data239)))){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/atMs",schemaPath:"#/$defs/ClimateReading/properties/atMs/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs706){
if((typeof data239 == "number") && (isFinite(data239))){
if(data239 > 4102444800000 || isNaN(data239)){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/atMs",schemaPath:"#/$defs/ClimateReading/properties/atMs/maximum",keyword:"maximum",params:{comparison: "<=", limit: 4102444800000}}];
return false;
}
else {
if(data239 < 946684800000 || isNaN(data239)){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/atMs",schemaPath:"#/$defs/ClimateReading/properties/atMs/minimum",keyword:"minimum",params:{comparison: ">=", limit: 946684800000}}];
return false;
}
}
}
}
var valid120 = _errs706 === errors;
}
else {
var valid120 = true;
}
if(valid120){
if(data238.temperatureCelsius !== undefined){
let data240 = data238.temperatureCelsius;
const _errs708 = errors;
if(errors === _errs708){
if((typeof data240 == "number") && (isFinite(data240))){
if(data240 > 70 || isNaN(data240)){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/temperatureCelsius",schemaPath:"#/$defs/ClimateReading/properties/temperatureCelsius/maximum",keyword:"maximum",params:{comparison: "<=", limit: 70}}];
return false;
}
else {
if(data240 < -50 || isNaN(data240)){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/temperatureCelsius",schemaPath:"#/$defs/ClimateReading/properties/temperatureCelsius/minimum",keyword:"minimum",params:{comparison: ">=", limit: -50}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/temperatureCelsius",schemaPath:"#/$defs/ClimateReading/properties/temperatureCelsius/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid120 = _errs708 === errors;
}
else {
var valid120 = true;
}
if(valid120){
if(data238.relativeHumidityPercent !== undefined){
let data241 = data238.relativeHumidityPercent;
const _errs710 = errors;
if(errors === _errs710){
if((typeof data241 == "number") && (isFinite(data241))){
if(data241 > 100 || isNaN(data241)){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/relativeHumidityPercent",schemaPath:"#/$defs/ClimateReading/properties/relativeHumidityPercent/maximum",keyword:"maximum",params:{comparison: "<=", limit: 100}}];
return false;
}
else {
if(data241 < 0.1 || isNaN(data241)){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/relativeHumidityPercent",schemaPath:"#/$defs/ClimateReading/properties/relativeHumidityPercent/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0.1}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/relativeHumidityPercent",schemaPath:"#/$defs/ClimateReading/properties/relativeHumidityPercent/type",keyword:"type",params:{type: "number"}}];
return false;
}
}
var valid120 = _errs710 === errors;
}
else {
var valid120 = true;
}
if(valid120){
if(data238.windMetresPerSecond !== undefined){
let data242 = data238.windMetresPerSecond;
const _errs712 = errors;
const _errs713 = errors;
let valid121 = false;
const _errs714 = errors;
if(errors === _errs714){
if((typeof data242 == "number") && (isFinite(data242))){
if(data242 > 60 || isNaN(data242)){
const err247 = {instancePath:instancePath+"/climateReadings/" + i36+"/windMetresPerSecond",schemaPath:"#/$defs/ClimateReading/properties/windMetresPerSecond/anyOf/0/maximum",keyword:"maximum",params:{comparison: "<=", limit: 60}};
if(vErrors === null){
vErrors = [err247];
}
else {
vErrors.push(err247);
}
errors++;
}
else {
if(data242 < 0 || isNaN(data242)){
const err248 = {instancePath:instancePath+"/climateReadings/" + i36+"/windMetresPerSecond",schemaPath:"#/$defs/ClimateReading/properties/windMetresPerSecond/anyOf/0/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}};
if(vErrors === null){
vErrors = [err248];
}
else {
vErrors.push(err248);
}
errors++;
}
}
}
else {
const err249 = {instancePath:instancePath+"/climateReadings/" + i36+"/windMetresPerSecond",schemaPath:"#/$defs/ClimateReading/properties/windMetresPerSecond/anyOf/0/type",keyword:"type",params:{type: "number"}};
if(vErrors === null){
vErrors = [err249];
}
else {
vErrors.push(err249);
}
errors++;
}
}
var _valid53 = _errs714 === errors;
valid121 = valid121 || _valid53;
const _errs716 = errors;
if(data242 !== null){
const err250 = {instancePath:instancePath+"/climateReadings/" + i36+"/windMetresPerSecond",schemaPath:"#/$defs/ClimateReading/properties/windMetresPerSecond/anyOf/1/type",keyword:"type",params:{type: "null"}};
if(vErrors === null){
vErrors = [err250];
}
else {
vErrors.push(err250);
}
errors++;
}
var _valid53 = _errs716 === errors;
valid121 = valid121 || _valid53;
if(!valid121){
const err251 = {instancePath:instancePath+"/climateReadings/" + i36+"/windMetresPerSecond",schemaPath:"#/$defs/ClimateReading/properties/windMetresPerSecond/anyOf",keyword:"anyOf",params:{}};
if(vErrors === null){
vErrors = [err251];
}
else {
vErrors.push(err251);
}
errors++;
validate20.errors = vErrors;
return false;
}
else {
errors = _errs713;
if(vErrors !== null){
if(_errs713){
vErrors.length = _errs713;
}
else {
vErrors = null;
}
}
}
var valid120 = _errs712 === errors;
}
else {
var valid120 = true;
}
if(valid120){
if(data238.kind !== undefined){
let data243 = data238.kind;
const _errs718 = errors;
if(typeof data243 !== "string"){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/kind",schemaPath:"#/$defs/ClimateReading/properties/kind/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((data243 === "measured") || (data243 === "forecast"))){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/kind",schemaPath:"#/$defs/ClimateReading/properties/kind/enum",keyword:"enum",params:{allowedValues: schema124.properties.kind.enum}}];
return false;
}
var valid120 = _errs718 === errors;
}
else {
var valid120 = true;
}
if(valid120){
if(data238.place !== undefined){
let data244 = data238.place;
const _errs720 = errors;
if(typeof data244 !== "string"){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/place",schemaPath:"#/$defs/ClimateReading/properties/place/type",keyword:"type",params:{type: "string"}}];
return false;
}
if(!((data244 === "shop") || (data244 === "yard"))){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/place",schemaPath:"#/$defs/ClimateReading/properties/place/enum",keyword:"enum",params:{allowedValues: schema124.properties.place.enum}}];
return false;
}
var valid120 = _errs720 === errors;
}
else {
var valid120 = true;
}
if(valid120){
if(data238.source !== undefined){
let data245 = data238.source;
const _errs722 = errors;
if(errors === _errs722){
if(typeof data245 === "string"){
if(data245.length > 100){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/source",schemaPath:"#/$defs/ClimateReading/properties/source/maxLength",keyword:"maxLength",params:{limit: 100}}];
return false;
}
else {
if(!pattern4.test(data245)){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/source",schemaPath:"#/$defs/ClimateReading/properties/source/pattern",keyword:"pattern",params:{pattern: "^[^\\u0000-\\u001f\\u007f]*$"}}];
return false;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/source",schemaPath:"#/$defs/ClimateReading/properties/source/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid120 = _errs722 === errors;
}
else {
var valid120 = true;
}
if(valid120){
if(data238.id !== undefined){
let data246 = data238.id;
const _errs724 = errors;
if(errors === _errs724){
if(typeof data246 === "string"){
if(!pattern10.test(data246)){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/id",schemaPath:"#/$defs/ClimateReading/properties/id/pattern",keyword:"pattern",params:{pattern: "^[A-Za-z0-9_-]{1,64}$"}}];
return false;
}
}
else {
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/id",schemaPath:"#/$defs/ClimateReading/properties/id/type",keyword:"type",params:{type: "string"}}];
return false;
}
}
var valid120 = _errs724 === errors;
}
else {
var valid120 = true;
}
if(valid120){
if(data238.revision !== undefined){
let data247 = data238.revision;
const _errs726 = errors;
if(!(((typeof data247 == "number") && (!(data247 % 1) && !isNaN(data247))) && (isFinite(data247)))){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/revision",schemaPath:"#/$defs/ClimateReading/properties/revision/type",keyword:"type",params:{type: "integer"}}];
return false;
}
if(errors === _errs726){
if((typeof data247 == "number") && (isFinite(data247))){
if(data247 < 0 || isNaN(data247)){
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36+"/revision",schemaPath:"#/$defs/ClimateReading/properties/revision/minimum",keyword:"minimum",params:{comparison: ">=", limit: 0}}];
return false;
}
}
}
var valid120 = _errs726 === errors;
}
else {
var valid120 = true;
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/climateReadings/" + i36,schemaPath:"#/$defs/ClimateReading/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
var valid118 = _errs702 === errors;
if(!valid118){
break;
}
}
}
else {
validate20.errors = [{instancePath:instancePath+"/climateReadings",schemaPath:"#/properties/climateReadings/type",keyword:"type",params:{type: "array"}}];
return false;
}
}
var valid0 = _errs700 === errors;
}
else {
var valid0 = true;
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
}
else {
validate20.errors = [{instancePath,schemaPath:"#/type",keyword:"type",params:{type: "object"}}];
return false;
}
}
validate20.errors = vErrors;
return errors === 0;
}
validate20.evaluated = {"props":true,"dynamicProps":false,"dynamicItems":false};
