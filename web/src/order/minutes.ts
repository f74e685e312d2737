const AN_HOUR = 60;

/** Minutes as they are said: to the five minutes, in hours once there is one. */
export function minutes(exact: number): string {
  const round = exact < 10 ? Math.max(1, Math.round(exact)) : Math.round(exact / 5) * 5;
  const hours = Math.floor(round / AN_HOUR);
  const rest = round % AN_HOUR;
  return hours === 0 ? `${rest} min` : rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}
