import { Link, usePage } from "@inertiajs/react";
import type { Me } from "@/lib/useMay";

/** The pages of the crew: at a desk above the houses, on a phone below them. */
export function CrewLinks() {
  const { may } = usePage<{ user: Me }>().props.user;
  const links = [
    ["/keep", "To keep", may.work],
    ["/practice", "Practice", may.work],
    ["/rules", "The code book", true],
    ["/jurisdictions", "Jurisdictions", may.work],
    ["/instruments", "Testers", may.work],
    ["/appliances", "Appliances", may.work],
    ["/priors", "Suspects", may.work],
    ["/prices", "Prices", may.work],
    ["/people", "People", may.settle],
    ["/account", "Account", true],
  ] as const;
  return (
    <nav aria-label="Of the crew" className="flex flex-wrap gap-x-3">
      {links
        .filter(([, , shown]) => shown)
        .map(([href, name]) => (
          <Link
            key={href}
            href={href}
            className="flex min-h-11 items-center px-1.5 font-semibold narrow hover:bg-band max-lg:min-h-12"
          >
            {name}
          </Link>
        ))}
      <a
        href="/licences.txt"
        className="flex min-h-11 items-center px-1.5 font-semibold narrow hover:bg-band max-lg:min-h-12"
      >
        Licences
      </a>
    </nav>
  );
}
