namespace Krasis.Core.Changing.Bringing;

/// <summary>Names that nothing here has yet; each that is given is had from then on.</summary>
/// <param name="taken">The names that are had, in whatever case.</param>
public sealed class FreeNames(IEnumerable<string> taken)
{
    private readonly HashSet<string> had = new(taken, StringComparer.OrdinalIgnoreCase);

    /// <summary>The name itself where it is free, else with where it comes from.</summary>
    /// <example>Where there is a <c>White sauce</c>, the next is <c>White sauce (from elsewhere)</c>, and then <c>White
    /// sauce (from elsewhere, 2)</c>.</example>
    public string Give(string? name) =>
        Enumerable
            .Range(1, int.MaxValue)
            .Select(n =>
                n == 1 ? name ?? ""
                : n == 2 ? $"{name} (from elsewhere)"
                : $"{name} (from elsewhere, {n - 1})"
            )
            .First(had.Add);
}
