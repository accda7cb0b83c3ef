<?php

declare(strict_types=1);

namespace App\Http;

/** The names and addresses that Nebbia answers by: loopback, those of this machine, and those in NEBBIA_HOSTS. */
final class Hosts
{
    /** @var list<string>|null */
    private ?array $own = null;

    /** @param  list<string>  $more  names from the configuration */
    public function __construct(private readonly array $more) {}

    /** The host of a Host header or origin, without port and brackets, in small letters. */
    public static function nameIn(string $header): string
    {
        $header = strtolower(trim((string) preg_replace('#^[a-z][a-z0-9+.-]*://#i', '', $header)));
        if (preg_match('/^\[([0-9a-f:.]+)\](:\d{1,5})?$/', $header, $found) === 1) {
            return $found[1];
        }

        return preg_match('/^([a-z0-9._-]+?)\.?(:\d{1,5})?$/', $header, $found) === 1 ? $found[1] : '';
    }

    public function knows(string $name): bool
    {
        if ($name === '') {
            return false;
        }
        if ($name === 'localhost' || $name === '::1' || preg_match('/^127\.\d{1,3}\.\d{1,3}\.\d{1,3}$/', $name) === 1) {
            return true;
        }

        return in_array($name, $this->own ??= [...array_map(self::nameIn(...), $this->more), ...self::ofMachine()], true);
    }

    /** @return list<string> */
    private static function ofMachine(): array
    {
        $own = [];
        $name = gethostname();
        if (is_string($name) && $name !== '') {
            $short = strtolower(strtok($name, '.') ?: $name);
            $own = [strtolower($name), $short, "$short.local"];
        }
        foreach (net_get_interfaces() ?: [] as $interface) {
            $addresses = is_array($interface) && is_array($interface['unicast'] ?? null) ? $interface['unicast'] : [];
            foreach ($addresses as $one) {
                if (is_array($one) && is_string($one['address'] ?? null)) {
                    $own[] = strtolower($one['address']);
                }
            }
        }

        return $own;
    }
}
