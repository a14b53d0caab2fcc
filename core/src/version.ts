/** The version of what Oddment knows and computes; an issued plan keeps it. */
export const coreVersion = '0.18.0';
