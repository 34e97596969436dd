using CsCheck;

namespace Krasis.Core.Tests.Outside;

/// <summary>Generates the same cases in every run: the nth case comes from the nth seed, on whatever thread it is asked
/// for.</summary>
/// <remarks>CsCheck's own seed fixes the first case only. What a smaller failing case is looked for with goes on with
/// the seeds after these.</remarks>
internal sealed class SeededGen<T>(Gen<T> cases) : Gen<T>
{
    private const uint Stream = 1;
    private int count;

    public override T Generate(PCG pcg, Size? min, out Size size) =>
        cases.Generate(new PCG(Stream, (ulong)Interlocked.Increment(ref count)), min, out size);
}

/// <summary>Makes generators that generate the same in every run.</summary>
internal static class SeededGen
{
    /// <summary>The same cases, in every run alike. Made anew for each test.</summary>
    public static Gen<T> Seeded<T>(this Gen<T> cases) => new SeededGen<T>(cases);
}
