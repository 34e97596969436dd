namespace Krasis.App.Shared;

/// <summary>What came of something that people do: what they wanted, or why it was not done.</summary>
/// <typeparam name="T">What they wanted.</typeparam>
public sealed class Result<T>
{
    private readonly T? value;

    private Result(T? value, Refusal? refusal)
    {
        this.value = value;
        Refusal = refusal;
    }

    /// <summary>Why it was not done; null where it was.</summary>
    public Refusal? Refusal { get; }

    /// <summary>What came of it.</summary>
    /// <exception cref="InvalidOperationException">It was refused.</exception>
    public T Value =>
        Refusal is null ? value! : throw new InvalidOperationException($"It was refused: {Refusal.Title}");

    internal static Result<T> Made(T value) => new(value, null);

    /// <summary>It was done.</summary>
    public static implicit operator Result<T>(T value) => new(value, null);

    /// <summary>It was not done.</summary>
    public static implicit operator Result<T>(Refusal refusal) => new(default, refusal);

    /// <summary>The same, with something made of what came of it.</summary>
    public Result<TOther> Then<TOther>(Func<T, TOther> make) => Refusal is null ? Result.Of(make(value!)) : Refusal;

    /// <summary>The same, with something made of what came of it that may be refused in its turn.</summary>
    public Result<TOther> Then<TOther>(Func<T, Result<TOther>> make) => Refusal is null ? make(value!) : Refusal;
}

/// <summary>Makes results.</summary>
public static class Result
{
    /// <summary>It was done, and there is nothing to show for it.</summary>
    public static Result<Done> Done => default(Done);

    /// <summary>It was done.</summary>
    /// <param name="value">What came of it.</param>
    public static Result<T> Of<T>(T value) => Result<T>.Made(value);
}
