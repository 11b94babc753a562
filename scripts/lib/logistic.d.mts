export declare function trained(
  samples: readonly { readonly features: readonly string[]; readonly kind: string }[],
  kinds: readonly string[],
): { readonly kinds: readonly string[]; readonly rows: string };
