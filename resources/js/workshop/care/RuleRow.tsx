import { type Rule } from './rules';

export function RuleRow({ rule, suits = '', children }: { rule: Rule; suits?: string; children?: React.ReactNode }) {
    return (
        <li className="flex gap-4 border-b border-rule py-2">
            <div className="min-w-0 flex-1">
                <p>
                    <strong>{rule.name}</strong>, {rule.rhythm}
                    {suits}
                </p>
                <p className="max-w-prose text-sm text-ink-soft">{rule.reason}</p>
                {rule.caution !== '' && <p className="max-w-prose text-sm">{rule.caution}</p>}
            </div>
            {children}
        </li>
    );
}
