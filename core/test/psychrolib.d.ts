declare module 'psychrolib' {
  const psychrolib: { SI: number; SetUnitSystem: (system: number) => void; GetTDewPointFromRelHum: (airC: number, humidity: number) => number };
  export default psychrolib;
}
