using System.Diagnostics.CodeAnalysis;

namespace Krasis.Core.Input;

/// <summary>What came of reading something entered: either the value, or every problem that was found.</summary>
/// <typeparam name="T">What is read.</typeparam>
public sealed class Reading<T>
{
    private readonly T? value;

    private Reading(T? value, IReadOnlyList<Problem> problems)
    {
        this.value = value;
        Problems = problems;
    }

    /// <summary>What is wrong; empty if the value was read.</summary>
    public IReadOnlyList<Problem> Problems { get; }

    /// <summary>Whether the value was read.</summary>
    public bool IsRead => Problems.Count == 0;

    /// <summary>The value.</summary>
    /// <exception cref="InvalidOperationException">There are problems; ask <see cref="IsRead"/> first.</exception>
    public T Value =>
        IsRead ? value! : throw new InvalidOperationException($"Not read: {Problems[0].Field}: {Problems[0].Message}");

    /// <summary>A value that was read.</summary>
    [SuppressMessage(
        "Design",
        "CA1000:Do not declare static members on generic types",
        Justification = "Reads as a constructor."
    )]
    public static Reading<T> Of(T value) => new(value, []);

    /// <summary>A reading that failed.</summary>
    /// <exception cref="ArgumentException">There are no problems.</exception>
    [SuppressMessage(
        "Design",
        "CA1000:Do not declare static members on generic types",
        Justification = "Reads as a constructor."
    )]
    public static Reading<T> Failed(IReadOnlyList<Problem> problems) =>
        problems.Count > 0
            ? new(default, problems)
            : throw new ArgumentException("A failed reading has at least one problem.", nameof(problems));

    /// <summary>A reading that failed for one reason.</summary>
    [SuppressMessage(
        "Usage",
        "CA2225:Operator overloads have named alternates",
        Justification = "Failed is the named alternate."
    )]
    public static implicit operator Reading<T>(Problem problem) => Failed([problem]);
}
