// Written by scripts/types from core's table of units.
export const UNITS = {
  MG_PER_HA: {
    us: { factor: 892.1791216197043, offset: 0, name: 'lb/ac', digits: -1 },
    metric: { factor: 1, offset: 0, name: 'Mg/ha', digits: 1 },
  },
  KG_PER_HA: {
    us: { factor: 0.8921791216197044, offset: 0, name: 'lb/ac', digits: 0 },
    metric: { factor: 1, offset: 0, name: 'kg/ha', digits: 0 },
  },
  HA: {
    us: { factor: 2.4710538146716536, offset: 0, name: 'ac', digits: 0 },
    metric: { factor: 1, offset: 0, name: 'ha', digits: 1 },
  },
  MM: {
    us: { factor: 0.03937007874015748, offset: 0, name: 'in', digits: 2 },
    metric: { factor: 1, offset: 0, name: 'mm', digits: 0 },
  },
  TAPE_MM: {
    us: { factor: 0.03937007874015748, offset: 0, name: 'in', digits: 1 },
    metric: { factor: 1, offset: 0, name: 'mm', digits: 0 },
  },
  CM: {
    us: { factor: 0.3937007874015748, offset: 0, name: 'in', digits: 0 },
    metric: { factor: 1, offset: 0, name: 'cm', digits: 0 },
  },
  CELSIUS: {
    us: { factor: 1.8, offset: 32, name: '°F', digits: 0 },
    metric: { factor: 1, offset: 0, name: '°C', digits: 0 },
  },
  KELVIN: {
    us: { factor: 1.8, offset: 0, name: '°F', digits: 1 },
    metric: { factor: 1, offset: 0, name: '°C', digits: 1 },
  },
  DEGREE_DAYS: {
    us: { factor: 1.8, offset: 0, name: '°F·days', digits: 0 },
    metric: { factor: 1, offset: 0, name: '°C·days', digits: 0 },
  },
  DAYS: {
    us: { factor: 1, offset: 0, name: 'days', digits: 0 },
    metric: { factor: 1, offset: 0, name: 'days', digits: 0 },
  },
  SHARE: {
    us: { factor: 100, offset: 0, name: '%', digits: 0 },
    metric: { factor: 100, offset: 0, name: '%', digits: 0 },
  },
  FINE_SHARE: {
    us: { factor: 100, offset: 0, name: '%', digits: 1 },
    metric: { factor: 100, offset: 0, name: '%', digits: 1 },
  },
  COUNT: {
    us: { factor: 1, offset: 0, name: '', digits: 0 },
    metric: { factor: 1, offset: 0, name: '', digits: 0 },
  },
  PER_M2: {
    us: { factor: 0.09290304, offset: 0, name: 'per ft²', digits: 1 },
    metric: { factor: 1, offset: 0, name: 'per m²', digits: 0 },
  },
  USD_PER_HA: {
    us: { factor: 0.40468564224, offset: 0, name: '$/ac', digits: 0 },
    metric: { factor: 1, offset: 0, name: '$/ha', digits: 0 },
  },
  KG: {
    us: { factor: 2.2046226218487757, offset: 0, name: 'lb', digits: 0 },
    metric: { factor: 1, offset: 0, name: 'kg', digits: 0 },
  },
  M: {
    us: { factor: 3.280839895013123, offset: 0, name: 'ft', digits: 0 },
    metric: { factor: 1, offset: 0, name: 'm', digits: 1 },
  },
  KM: {
    us: { factor: 0.621371192237334, offset: 0, name: 'mi', digits: 1 },
    metric: { factor: 1, offset: 0, name: 'km', digits: 1 },
  },
  USD: {
    us: { factor: 1, offset: 0, name: '$', digits: 0 },
    metric: { factor: 1, offset: 0, name: '$', digits: 0 },
  },
  USD_CENTS: {
    us: { factor: 1, offset: 0, name: '$', digits: 2 },
    metric: { factor: 1, offset: 0, name: '$', digits: 2 },
  },
  KMH: {
    us: { factor: 0.621371192237334, offset: 0, name: 'mph', digits: 1 },
    metric: { factor: 1, offset: 0, name: 'km/h', digits: 1 },
  },
  HOURS: {
    us: { factor: 1, offset: 0, name: 'h', digits: 1 },
    metric: { factor: 1, offset: 0, name: 'h', digits: 1 },
  },
  SPRAY_L_PER_HA: {
    us: { factor: 0.1069066366704162, offset: 0, name: 'gal/ac', digits: 1 },
    metric: { factor: 1, offset: 0, name: 'L/ha', digits: 0 },
  },
  PRODUCT_L_PER_HA: {
    us: { factor: 13.684049493813273, offset: 0, name: 'fl oz/ac', digits: 1 },
    metric: { factor: 1, offset: 0, name: 'L/ha', digits: 2 },
  },
  PRODUCT_KG_PER_HA: {
    us: { factor: 14.27486594591527, offset: 0, name: 'oz/ac', digits: 1 },
    metric: { factor: 1, offset: 0, name: 'kg/ha', digits: 2 },
  },
  G_PER_HA: {
    us: { factor: 0.0008921791216197043, offset: 0, name: 'lb/ac', digits: 2 },
    metric: { factor: 1, offset: 0, name: 'g/ha', digits: 0 },
  },
  USD_PER_KM: {
    us: { factor: 1.609344, offset: 0, name: '$/mi', digits: 2 },
    metric: { factor: 1, offset: 0, name: '$/km', digits: 2 },
  },
  M3: {
    us: { factor: 35.31466672148859, offset: 0, name: 'ft³', digits: 1 },
    metric: { factor: 1, offset: 0, name: 'm³', digits: 2 },
  },
  M2: {
    us: { factor: 10.763910416709722, offset: 0, name: 'ft²', digits: 2 },
    metric: { factor: 1, offset: 0, name: 'm²', digits: 2 },
  },
  USD_PER_KG: {
    us: { factor: 0.45359237, offset: 0, name: '$/lb', digits: 2 },
    metric: { factor: 1, offset: 0, name: '$/kg', digits: 2 },
  },
  PER_KG: {
    us: { factor: 0.45359237, offset: 0, name: 'per lb', digits: 0 },
    metric: { factor: 1, offset: 0, name: 'per kg', digits: 0 },
  },
  L: {
    us: { factor: 0.26417205235814845, offset: 0, name: 'gal', digits: 1 },
    metric: { factor: 1, offset: 0, name: 'L', digits: 1 },
  },
  G_PER_L: {
    us: { factor: 0.00834540445201933, offset: 0, name: 'lb/gal', digits: 2 },
    metric: { factor: 1, offset: 0, name: 'g/L', digits: 0 },
  },
  G_PER_KG: {
    us: { factor: 0.1, offset: 0, name: '% by weight', digits: 1 },
    metric: { factor: 1, offset: 0, name: 'g/kg', digits: 0 },
  },
  M_PER_S: {
    us: { factor: 2.236936292054402, offset: 0, name: 'mph', digits: 0 },
    metric: { factor: 1, offset: 0, name: 'm/s', digits: 1 },
  },
  KG_PER_M: {
    us: { factor: 0.6719689751395068, offset: 0, name: 'lb/ft', digits: 0 },
    metric: { factor: 1, offset: 0, name: 'kg/m', digits: 0 },
  },
  CORN_MG_PER_HA: {
    us: { factor: 15.931770028923292, offset: 0, name: 'bu/ac', digits: 0 },
    metric: { factor: 1, offset: 0, name: 'Mg/ha', digits: 1 },
  },
  BEAN_MG_PER_HA: {
    us: { factor: 14.869652026995073, offset: 0, name: 'bu/ac', digits: 0 },
    metric: { factor: 1, offset: 0, name: 'Mg/ha', digits: 1 },
  },
  SILAGE_MG_PER_HA: {
    us: { factor: 0.4460895608098522, offset: 0, name: 'tons/ac', digits: 1 },
    metric: { factor: 1, offset: 0, name: 'Mg/ha', digits: 1 },
  },
  SPREAD_MG_PER_HA: {
    us: { factor: 0.4460895608098522, offset: 0, name: 'tons/ac', digits: 1 },
    metric: { factor: 1, offset: 0, name: 'Mg/ha', digits: 1 },
  },
  SLURRY_M3_PER_HA: {
    us: { factor: 106.9066366704162, offset: 0, name: 'gal/ac', digits: 0 },
    metric: { factor: 1, offset: 0, name: 'm³/ha', digits: 0 },
  },
  KG_PER_SLURRY_M3: {
    us: { factor: 8.34540445201933, offset: 0, name: 'lb/1,000 gal', digits: 1 },
    metric: { factor: 1, offset: 0, name: 'kg/m³', digits: 2 },
  },
  MPA: {
    us: { factor: 145.03773773020922, offset: 0, name: 'psi', digits: 0 },
    metric: { factor: 1, offset: 0, name: 'MPa', digits: 1 },
  },
  USD_PER_MG_CORN: {
    us: { factor: 0.02540117272, offset: 0, name: '$/bu', digits: 2 },
    metric: { factor: 1, offset: 0, name: '$/Mg', digits: 0 },
  },
  USD_PER_MG_BEAN: {
    us: { factor: 0.0272155422, offset: 0, name: '$/bu', digits: 2 },
    metric: { factor: 1, offset: 0, name: '$/Mg', digits: 0 },
  },
  USD_PER_MG: {
    us: { factor: 0.90718474, offset: 0, name: '$/ton', digits: 0 },
    metric: { factor: 1, offset: 0, name: '$/Mg', digits: 0 },
  },
  HA_PER_HOUR: {
    us: { factor: 2.4710538146716536, offset: 0, name: 'ac/h', digits: 1 },
    metric: { factor: 1, offset: 0, name: 'ha/h', digits: 1 },
  },
  CROP_PER_M2: {
    us: { factor: 4046.8564223999997, offset: 0, name: 'per acre', digits: 0 },
    metric: { factor: 10000, offset: 0, name: 'per ha', digits: 0 },
  },
} as const
