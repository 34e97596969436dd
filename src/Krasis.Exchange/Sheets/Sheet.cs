namespace Krasis.Exchange.Sheets;

/// <summary>A table that goes out of the house.</summary>
/// <param name="Name">What it is called, in files and addresses: small letters and dashes.</param>
/// <param name="Head">What its columns are called.</param>
/// <param name="Rows">Its rows, as many cells each: text, numbers, yes or no, or nothing.</param>
public sealed record Sheet(string Name, IReadOnlyList<string> Head, IReadOnlyList<IReadOnlyList<object?>> Rows)
{
    /// <summary>What its columns are called: where two would be called the same, such as a cup called as something else
    /// is, the second has a number.</summary>
    public IReadOnlyList<string> Head { get; } = Apart(Head);

    private static List<string> Apart(IReadOnlyList<string> head)
    {
        var had = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
        return
        [
            .. head.Select(name =>
                Enumerable
                    .Range(1, int.MaxValue)
                    .Select(n =>
                        n == 1 ? name : string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{name} {n}")
                    )
                    .First(had.Add)
            ),
        ];
    }
}
