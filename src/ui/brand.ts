/** The product's own name, the same in every language. */
export const brand = "Brinecove";
