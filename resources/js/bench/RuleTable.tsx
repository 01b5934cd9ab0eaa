import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { HouseRule } from '../api/types';
import { ruleUnit } from './ruleUnits';

interface RuleTableProps {
    rules: HouseRule[];
    own: Record<string, number | string>;
    metric?: boolean;
    disabled: boolean;
    onSet: (key: string, value: number | string) => void;
    onReset: (key: string) => void;
}

/** House rules by station, each with its reason, range and default; own values stand out and can be taken back. */
export function RuleTable({ rules, ...how }: RuleTableProps) {
    const { t } = useTranslation();
    const [wanted, setWanted] = useState('');
    const words = wanted.trim().toLowerCase();
    const answers = (rule: HouseRule) =>
        [t(`rule-name.${rule.key}`), t(`rule.${rule.key}`), rule.key].some((said) =>
            said.toLowerCase().includes(words),
        );
    const found = rules.filter(answers);
    const money = rules.find((rule) => rule.key === 'order.currency');
    const currency = String(how.own[money?.key ?? ''] ?? money?.default ?? '');
    const stages = [...new Set(rules.map((rule) => rule.stage))];
    return (
        <>
            <TextField
                label={t('rules.search')}
                value={wanted}
                onChange={(event) => setWanted(event.target.value)}
                sx={{ my: 1 }}
                slotProps={{ htmlInput: { type: 'search', autoComplete: 'off' } }}
            />
            {found.length === 0 && <p className="muted">{t('rules.none')}</p>}
            {stages.map((stage) => (
                <Group
                    key={`${stage}${words === ''}`}
                    stage={stage}
                    rules={found.filter((rule) => rule.stage === stage)}
                    open={words !== ''}
                    currency={currency}
                    {...how}
                />
            ))}
        </>
    );
}

type GroupProps = RuleTableProps & { stage: string; open: boolean; currency: string };

/** The rules of one station; all of them are written out only where it was opened. */
function Group({ stage, rules, open, own, ...how }: GroupProps) {
    const { t } = useTranslation();
    const [shown, setShown] = useState(open);
    if (rules.length === 0) return null;
    const ours = rules.filter((rule) => rule.key in own).length;
    return (
        <details className="rules" open={shown} onToggle={(event) => setShown(event.currentTarget.open)}>
            <summary>
                <b>{t(`rules.of.${stage}`)}</b>{' '}
                <span className="muted">{t('rules.count', { count: rules.length, own: ours })}</span>
            </summary>
            {shown && (
                <ul>
                    {rules.map((rule) => (
                        <Rule key={rule.key} rule={rule} own={own} {...how} />
                    ))}
                </ul>
            )}
        </details>
    );
}

type OneRuleProps = Omit<RuleTableProps, 'rules'> & { rule: HouseRule; currency: string };

function Rule({ rule, own, metric, disabled, onSet, onReset, currency }: OneRuleProps) {
    const { t } = useTranslation();
    const usual = metric ? rule.metric : rule.default;
    const unit = ruleUnit(rule.unit, metric ?? false, currency);
    return (
        <li data-rule={rule.key}>
            <div title={rule.key}>
                <b>{t(`rule-name.${rule.key}`)}</b>
                <div className="muted small">{t(`rule.${rule.key}`)}</div>
            </div>
            <RuleValue
                key={`${String(own[rule.key])} ${unit.name}`}
                rule={rule}
                unit={unit}
                value={own[rule.key] ?? usual}
                disabled={disabled}
                onSet={(value) => onSet(rule.key, value)}
            />
            {rule.key in own ? (
                <Button size="small" disabled={disabled} onClick={() => onReset(rule.key)}>
                    {t('rules.reset', { value: shownAs(usual, unit) })}
                </Button>
            ) : (
                <span className="muted">{t('rules.is-default')}</span>
            )}
        </li>
    );
}

/** To the precision one would type it with. */
function shownAs(value: number | string, unit: ReturnType<typeof ruleUnit>): string {
    return typeof value === 'number' ? String(Math.round(unit.show(value) * 10000) / 10000) : value;
}

interface RuleValueProps {
    rule: HouseRule;
    /** What its number counts. */
    unit: ReturnType<typeof ruleUnit>;
    value: number | string;
    disabled: boolean;
    onSet: (value: number | string) => void;
}

function RuleValue({ rule, unit, value, disabled, onSet }: RuleValueProps) {
    const { t } = useTranslation();
    const [typed, setTyped] = useState(shownAs(value, unit));
    const name = t(`rule-name.${rule.key}`);
    if (rule.choices.length > 0) {
        return (
            <TextField
                select
                size="small"
                value={value}
                disabled={disabled}
                onChange={(event) => onSet(event.target.value)}
                slotProps={{
                    htmlInput: { 'aria-label': name },
                    select: { SelectDisplayProps: { 'aria-label': name } },
                }}
            >
                {rule.choices.map((choice) => (
                    <MenuItem key={choice} value={choice}>
                        {choice}
                    </MenuItem>
                ))}
            </TextField>
        );
    }
    const number = unit.keep(Number(typed));
    // What is shown is rounded: the bounds themselves are taken.
    const within = number >= rule.least - 1e-4 && number <= rule.most + 1e-4;
    const bad = typed.trim() === '' || !Number.isFinite(number) || !within;
    const set = () => onSet(Math.min(rule.most, Math.max(rule.least, number)));
    return (
        <TextField
            size="small"
            value={typed}
            disabled={disabled}
            error={bad}
            helperText={
                bad
                    ? t('fault.rule-range', {
                          least: shownAs(rule.least, unit),
                          most: shownAs(rule.most, unit),
                          unit: unit.name,
                      })
                    : unit.name
            }
            slotProps={{ htmlInput: { 'aria-label': name, inputMode: 'decimal' } }}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={() => {
                if (!bad && shownAs(value, unit) !== typed.trim()) set();
            }}
            onKeyDown={(event) => {
                if (event.key === 'Enter' && !bad && shownAs(value, unit) !== typed.trim()) set();
            }}
        />
    );
}
