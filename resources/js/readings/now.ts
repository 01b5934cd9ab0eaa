/** Written down as on paper: day and time, never reckoned with. */
export function now(): string {
    const time = new Date();
    const two = (n: number) => String(n).padStart(2, '0');
    return `${time.getFullYear()}-${two(time.getMonth() + 1)}-${two(time.getDate())} ${two(time.getHours())}:${two(time.getMinutes())}`;
}
