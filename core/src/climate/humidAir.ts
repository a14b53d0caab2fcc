import { formula } from '../quantity/formula.ts';

/** Saturation pressure of water vapor in Pa at `temperatureC`, over water from 0.01 °C up and over ice below (ASHRAE Fundamentals ch. 1, eqs 5 and 6). */
export function saturationPressurePa(temperatureC: number): number {
  const t = temperatureC + 273.15;
  const ln =
    temperatureC <= 0.01
      ? -5.6745359e3 / t + 6.3925247 - 9.677843e-3 * t + 6.2215701e-7 * t ** 2 + 2.0747825e-9 * t ** 3 - 9.484024e-13 * t ** 4 + 4.1635019 * Math.log(t)
      : -5.8002206e3 / t + 1.3914993 - 4.8640239e-2 * t + 4.1764768e-5 * t ** 2 - 1.4452093e-8 * t ** 3 + 6.5459673 * Math.log(t);
  return Math.exp(ln);
}

function temperatureAtPressureC(pressurePa: number, airC: number): number {
  let low = -100;
  let high = airC;
  for (let i = 0; i < 60; i++) {
    const mid = (low + high) / 2;
    if (saturationPressurePa(mid) > pressurePa) high = mid;
    else low = mid;
  }
  return (low + high) / 2;
}

const humidAir = {
  airC: { kind: 'temperature', label: 'air temperature', min: -40, max: 60, usual: 20 },
  humidityPct: { kind: 'percent', label: 'relative humidity', min: 1, max: 100, usual: 60 },
} as const;

/** Dew point of moist air in °C; below freezing it is the frost point. RH of 100 % gives the air temperature. */
export const dewPoint = formula({
  name: 'dew-point',
  title: 'Dew point',
  words: 'the temperature at which the vapor in this air would be saturated; below freezing, the frost point',
  inputs: humidAir,
  output: 'temperature',
  against: 'humidityPct',
  source: 'ashrae-1',
  compute: ({ airC, humidityPct }) => (humidityPct >= 100 ? airC : temperatureAtPressureC((saturationPressurePa(airC) * humidityPct) / 100, airC)),
});

const seaLevelPa = 101_325;

/** Humidity ratio of saturated air, kg of water a kg of dry air, at the pressure of the sea. */
function saturatedRatio(temperatureC: number): number {
  const p = saturationPressurePa(temperatureC);
  return (0.621945 * p) / (seaLevelPa - p);
}

/** Humidity ratio that a wet bulb at `wetC` in air at `airC` shows (ASHRAE Fundamentals ch. 1, eqs 33 and 35). */
function ratioByWetBulb(airC: number, wetC: number): number {
  return wetC >= 0
    ? ((2501 - 2.326 * wetC) * saturatedRatio(wetC) - 1.006 * (airC - wetC)) / (2501 + 1.86 * airC - 4.186 * wetC)
    : ((2830 - 0.24 * wetC) * saturatedRatio(wetC) - 1.006 * (airC - wetC)) / (2830 + 1.86 * airC - 2.1 * wetC);
}

/** Wet bulb of moist air at the pressure of the sea, in °C; below freezing over ice. */
export const wetBulb = formula({
  name: 'wet-bulb',
  title: 'Wet bulb',
  words: 'the temperature at which evaporation into this air just holds a wet thermometer; below freezing, an iced one',
  inputs: humidAir,
  output: 'temperature',
  against: 'humidityPct',
  source: 'ashrae-1',
  compute: ({ airC, humidityPct }) => {
    if (humidityPct >= 100) return airC;
    const vapor = (saturationPressurePa(airC) * humidityPct) / 100;
    const ratio = (0.621945 * vapor) / (seaLevelPa - vapor);
    let [low, high] = [airC - 60, airC];
    for (let i = 0; i < 60; i++) {
      const middle = (low + high) / 2;
      if (ratioByWetBulb(airC, middle) > ratio) high = middle;
      else low = middle;
    }
    return (low + high) / 2;
  },
});

/** Whether vapor settles as dew or as frost on what is as cold as the dew point. */
export function settlesAs(dewPointC: number): 'dew' | 'frost' {
  return dewPointC < 0 ? 'frost' : 'dew';
}

/** How far the slab stands above the dew point, in K. */
export const dewMargin = formula({
  name: 'dew-margin',
  title: 'Above the dew point',
  words: 'temperature of the slab less the dew point',
  inputs: {
    slabC: { kind: 'temperature', label: 'slab temperature', min: -40, max: 80, usual: 15 },
    dewPointC: { kind: 'temperature', label: 'dew point', min: -100, max: 60, usual: 12 },
  },
  output: 'temperatureDifference',
  source: 'iso-8502-4',
  compute: ({ slabC, dewPointC }) => slabC - dewPointC,
});

/** Lowest temperature of the slab that keeps the margin, in °C. */
export const warmestNeeded = formula({
  name: 'slab-temperature-needed',
  title: 'Slab must reach',
  words: 'the greater of the system’s least temperature and the dew point plus the margin, with the air as it is',
  inputs: {
    leastC: { kind: 'temperature', label: 'least temperature of the system', min: -40, max: 60, usual: 10 },
    dewPointC: { kind: 'temperature', label: 'dew point', min: -100, max: 60, usual: 12 },
    marginK: { kind: 'temperatureDifference', label: 'margin above the dew point', min: 0, max: 20, usual: 3 },
  },
  output: 'temperature',
  source: 'iso-8502-4',
  compute: ({ leastC, dewPointC, marginK }) => Math.max(leastC, dewPointC + marginK),
});

function vaporKPa(temperatureC: number): number {
  return 0.61 * Math.exp((17.3 * temperatureC) / (237.3 + temperatureC));
}

/** Evaporation from fresh cement in kg/m²h (Menzel's equation in the metric form of Uno), not below nothing. */
export const evaporation = formula({
  name: 'evaporation',
  title: 'Evaporation from fresh cement',
  words: 'vapor pressure at the surface less that of the air, times a factor that grows with the wind',
  inputs: {
    surfaceC: { kind: 'temperature', label: 'surface temperature', min: -5, max: 60, usual: 22 },
    airC: { kind: 'temperature', label: 'air temperature', min: -20, max: 60, usual: 20 },
    humidityPct: { kind: 'percent', label: 'relative humidity', min: 0, max: 100, usual: 60 },
    windKmh: { kind: 'speed', label: 'wind', min: 0, max: 100, usual: 10 },
  },
  output: 'evaporation',
  against: 'windKmh',
  source: 'menzel-1954',
  compute: ({ surfaceC, airC, humidityPct, windKmh }) =>
    Math.max(0, 0.315 * (vaporKPa(surfaceC) - (humidityPct / 100) * vaporKPa(airC)) * (0.253 + 0.06 * windKmh)),
});
