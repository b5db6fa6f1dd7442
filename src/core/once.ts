/**
 * A function of one object that is worked out once for each as long as it lives. What is made must not
 * change, nor depend on anything but the objects themselves.
 */
export function once<Key extends object, Made>(make: (key: Key) => Made): (key: Key) => Made {
  const made = new WeakMap<Key, { readonly is: Made }>();
  return (key) => {
    const known = made.get(key) ?? { is: make(key) };
    made.set(key, known);
    return known.is;
  };
}

/** The same for two objects. */
export function onceForTwo<One extends object, Other extends object, Made>(
  make: (one: One, other: Other) => Made,
): (one: One, other: Other) => Made {
  const forOne = once((one: One) => once((other: Other) => make(one, other)));
  return (one, other) => forOne(one)(other);
}
