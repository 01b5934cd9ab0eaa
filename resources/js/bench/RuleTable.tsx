import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { HouseRule } from '../api/types';

interface RuleTableProps {
    rules: HouseRule[];
    own: Record<string, number | string>;
    disabled: boolean;
    onSet: (key: string, value: number | string) => void;
    onReset: (key: string) => void;
}

/** House rules with their reason, range and default; own values stand out and can be taken back. */
export function RuleTable({ rules, own, disabled, onSet, onReset }: RuleTableProps) {
    const { t } = useTranslation();
    return (
        <table className="plain">
            <thead>
                <tr>
                    <th>{t('rules.reason')}</th>
                    <th style={{ width: 150 }}>{t('rules.value')}</th>
                    <th>{t('rules.default')}</th>
                </tr>
            </thead>
            <tbody>
                {rules.map((rule) => (
                    <tr key={rule.key}>
                        <td>
                            {t(`rule.${rule.key}`)}
                            <div className="muted small">{rule.key}</div>
                        </td>
                        <td>
                            <RuleValue
                                key={String(own[rule.key])}
                                rule={rule}
                                value={own[rule.key] ?? rule.default}
                                disabled={disabled}
                                onSet={(value) => onSet(rule.key, value)}
                            />
                        </td>
                        <td className="nowrap">
                            {rule.key in own ? (
                                <Button size="small" disabled={disabled} onClick={() => onReset(rule.key)}>
                                    {t('rules.reset', { value: shown(rule.default) })}
                                </Button>
                            ) : (
                                <span className="muted">{t('rules.is-default')}</span>
                            )}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

function shown(value: number | string): string {
    return typeof value === 'number' ? String(Math.round(value * 10000) / 10000) : value;
}

function RuleValue({
    rule,
    value,
    disabled,
    onSet,
}: {
    rule: HouseRule;
    value: number | string;
    disabled: boolean;
    onSet: (value: number | string) => void;
}) {
    const { t } = useTranslation();
    const [typed, setTyped] = useState(shown(value));
    if (rule.choices.length > 0) {
        return (
            <TextField
                select
                size="small"
                value={value}
                disabled={disabled}
                onChange={(event) => onSet(event.target.value)}
                slotProps={{ htmlInput: { 'aria-label': rule.key } }}
            >
                {rule.choices.map((choice) => (
                    <MenuItem key={choice} value={choice}>
                        {choice}
                    </MenuItem>
                ))}
            </TextField>
        );
    }
    const number = Number(typed);
    const bad = typed.trim() === '' || !Number.isFinite(number) || number < rule.least || number > rule.most;
    return (
        <TextField
            size="small"
            value={typed}
            disabled={disabled}
            error={bad}
            helperText={
                bad
                    ? t('fault.rule-range', { least: shown(rule.least), most: shown(rule.most), unit: rule.unit })
                    : rule.unit
            }
            slotProps={{ htmlInput: { 'aria-label': rule.key, inputMode: 'decimal' } }}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={() => {
                if (!bad && shown(value) !== typed.trim()) onSet(number);
            }}
            onKeyDown={(event) => {
                if (event.key === 'Enter' && !bad && shown(value) !== typed.trim()) onSet(number);
            }}
        />
    );
}
