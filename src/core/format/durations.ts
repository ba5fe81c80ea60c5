/** A span of time as it is said at the bench: “40 s”, “3 min 20 s”, “11 min”, “1 h 5 min”. */
export function formatDuration(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds));
  if (whole < 60) return `${whole} s`;
  if (whole < 300) {
    const rest = Math.round((whole % 60) / 10) * 10;
    const minutes = Math.floor(whole / 60) + (rest === 60 ? 1 : 0);
    return rest % 60 === 0 ? `${minutes} min` : `${minutes} min ${rest} s`;
  }
  const minutes = Math.round(whole / 60);
  if (minutes < 60) return `${minutes} min`;
  return minutes % 60 === 0 ? `${minutes / 60} h` : `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
}

/** A running clock: “2:10”, “1:04:09”. */
export function formatClock(seconds: number): string {
  const whole = Math.max(0, Math.floor(seconds));
  const two = (value: number) => String(value).padStart(2, '0');
  const [hours, minutes] = [Math.floor(whole / 3600), Math.floor((whole % 3600) / 60)];
  return hours > 0 ? `${hours}:${two(minutes)}:${two(whole % 60)}` : `${minutes}:${two(whole % 60)}`;
}
