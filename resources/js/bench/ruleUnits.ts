interface RuleUnit {
    name: string;
    /** From what is kept to what is typed, and back. */
    show: (kept: number) => number;
    keep: (typed: number) => number;
}

const times = (name: string, factor: number): RuleUnit => ({
    name,
    show: (kept) => kept * factor,
    keep: (typed) => typed / factor,
});

/** Units of rules that a metric job says otherwise. */
const METRIC: Record<string, RuleUnit> = {
    in: times('mm', 25.4),
    'money per in': times('money per cm', 1 / 2.54),
    '°F more': times('°C more', 1 / 1.8),
    '°F': { name: '°C', show: (kept) => (kept - 32) / 1.8, keep: (typed) => typed * 1.8 + 32 },
};

/** What the number of a rule counts, as a job's people say it. */
export function ruleUnit(unit: string, metric: boolean, currency: string): RuleUnit {
    const own = (metric ? METRIC[unit] : undefined) ?? times(unit, 1);
    return { ...own, name: own.name.replace('money', currency) };
}
