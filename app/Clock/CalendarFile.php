<?php

declare(strict_types=1);

namespace App\Clock;

use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;

/**
 * A timetable as iCalendar (RFC 5545): moments in UTC, which every calendar shows in its own zone; stable ids, so that
 * a second import updates; an alarm when a window opens and before it closes.
 */
final class CalendarFile
{
    /** Minutes before a window closes. */
    private const WARN_BEFORE = 30;

    /** @param  array<string, mixed>  $timetable  as TimetableReport gives it */
    public static function of(array $timetable): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Ulvrach//Bench calendar//EN']);
        $calendar->add('X-WR-CALNAME', 'Ulvrach');
        /**
         * @var list<array{
         *   build: string,
         *   step: string,
         *   number: int,
         *   technique: string,
         *   product: string|null,
         *   where: string,
         *   part: string|null,
         *   from: string,
         *   to: string,
         *   reason: string,
         *   opens: string|null,
         *   closes: string|null,
         *   dries: array<string, mixed>|null,
         * }> $items
         */
        $items = $timetable['items'];
        /** @var list<array{id: string, name: string}> $builds */
        $builds = $timetable['builds'];
        $names = array_column($builds, 'name', 'id');
        $zone = new \DateTimeZone(self::text($timetable['timeZone'] ?? 'UTC'));
        $said = static fn (string $moment): string => (new \DateTimeImmutable($moment))
            ->setTimezone($zone)
            ->format('D j M, H:i');
        foreach ($items as $item) {
            $part = $item['part'] === null ? '' : ", {$item['part']}";
            $event = $calendar->createComponent('VEVENT', [
                'UID' => hash('xxh128', "{$item['build']} {$item['step']} {$item['part']}").'@ulvrach.invalid',
                'DTSTAMP' => new \DateTimeImmutable(self::text($timetable['now'])),
                'DTSTART' => new \DateTimeImmutable($item['from']),
                'DTEND' => new \DateTimeImmutable($item['to']),
                'SUMMARY' => ($names[$item['build']] ?? '').
                    ": {$item['number']} ".($item['product'] ?? $item['technique']).", {$item['where']}{$part}",
                'DESCRIPTION' => trim(
                    "{$item['technique']}\n{$item['reason']}".
                        ($item['closes'] === null ? '' : "\nIts window closes {$said($item['closes'])}.").
                        ($item['dries'] === null ? '' : "\n".self::drying($item['dries'], $said)),
                ),
            ]);
            $calendar->add($event);
            $work = $item['product'] ?? $item['technique'];
            if ($item['opens'] !== null) {
                $event->add(
                    self::alarm($calendar, new \DateTimeImmutable($item['opens']), "{$work}: its window opens"),
                );
            }
            if ($item['closes'] !== null) {
                $rings = (new \DateTimeImmutable($item['closes']))->modify('-'.self::WARN_BEFORE.' minutes');
                $event->add(self::alarm($calendar, $rings, "{$work}: its window closes soon"));
            }
        }

        return $calendar->serialize();
    }

    /**
     * From when on the film bears what, in the words of the screens.
     *
     * @param  array<string, mixed>  $dries  as CureReport writes it
     * @param  \Closure(string): string  $said
     */
    private static function drying(array $dries, \Closure $said): string
    {
        $soonest = is_array($dries['soonest'] ?? null) ? $dries['soonest'] : [];
        $says = [];
        foreach (['touchDry' => 'Dry to the touch', 'recoatable' => 'ready for another coat'] as $state => $words) {
            [$from, $to] = [$soonest[$state] ?? null, $dries[$state] ?? null];
            if (is_string($from) && is_string($to)) {
                $says[] = "{$words} ".($from === $to ? $said($to) : "{$said($from)} – {$said($to)}");
            }
        }

        return implode(', ', $says).'.';
    }

    private static function alarm(VCalendar $calendar, \DateTimeImmutable $at, string $says): Component
    {
        $alarm = $calendar->createComponent('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => $says]);
        $alarm->add('TRIGGER', $at->format('Ymd\THis\Z'), ['VALUE' => 'DATE-TIME']);

        return $alarm;
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : 'now';
    }
}
