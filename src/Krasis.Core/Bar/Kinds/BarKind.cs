using System.Globalization;
using Krasis.Core.Input;

namespace Krasis.Core.Bar.Kinds;

/// <summary>A sort of fact that a bar has, described in <see cref="BarKinds"/> and nowhere else.</summary>
public abstract class BarKind
{
    /// <summary>Its name in the file, in addresses and in the fields of problems, as in cups[2].heightMm.</summary>
    public required string Name { get; init; }

    /// <summary>What one of them is called in messages.</summary>
    public required string What { get; init; }

    /// <summary>The id of the only one there is; null where there may be any number.</summary>
    public string? OnlyId { get; init; }

    /// <summary>Whether a standard keeps all of them, needed or not, because they are rules of the house.</summary>
    public bool IsKeptWhole { get; init; }

    /// <summary>How the fields of one of them begin in problems.</summary>
    /// <param name="index">Its place among them, from 0.</param>
    public string PathOf(int index) =>
        OnlyId is null ? $"{Name}[{index.ToString(CultureInfo.InvariantCulture)}]" : Name;

    /// <summary>The ids of those of a bar that can be read, in its order.</summary>
    public abstract IReadOnlyList<string> IdsIn(BarDocument bar);

    /// <summary>What the house calls one of them; null where there is no such, or it has no name.</summary>
    public abstract string? NameIn(BarDocument bar, int index);

    /// <summary>Whether the one of an id is needed by somebody; by nobody where there is no such.</summary>
    public abstract Func<BarNeeds, bool> Need(BarDocument bar, string id);

    /// <summary>The bar with only what is needed of them.</summary>
    public abstract BarDocument Keep(BarDocument bar, BarNeeds needs);

    /// <summary>Lets somebody do something with it and its types.</summary>
    public abstract void Accept(IBarKindVisitor visitor);
}

/// <summary>A sort of fact with its document.</summary>
/// <typeparam name="TDocument">The document's type.</typeparam>
public abstract class BarKind<TDocument> : BarKind
    where TDocument : class
{
    /// <summary>The id in a document.</summary>
    public required Func<TDocument, string?> Id { get; init; }

    /// <summary>What the house calls it.</summary>
    public required Func<TDocument, string?> Called { get; init; }

    /// <summary>The document under an id.</summary>
    public required Func<TDocument, string, TDocument> Named { get; init; }

    /// <summary>Those of a bar.</summary>
    public required Func<BarDocument, IReadOnlyList<TDocument>> From { get; init; }

    /// <summary>A bar with others.</summary>
    public required Func<BarDocument, IReadOnlyList<TDocument>, BarDocument> Into { get; init; }

    /// <summary>Whether one of them is needed.</summary>
    public required Func<TDocument, BarNeeds, bool> IsUsed { get; init; }

    /// <summary>What is put into a document before it is kept, from what was kept before; nothing by default.</summary>
    public Func<TDocument?, TDocument, DateOnly, TDocument> Stamp { get; init; } = (_, document, _) => document;

    /// <summary>Checks that apply only when a document is saved, from the saved and the new one: older documents may lack
    /// what they ask for. No checks by default.</summary>
    public Func<TDocument?, TDocument, IReadOnlyList<Problem>> Missing { get; init; } = (_, _) => [];

    /// <summary>The bar with a document added, or replacing the one with the same id.</summary>
    public BarDocument With(BarDocument bar, TDocument document)
    {
        var all = From(bar).ToList();
        var at = all.FindIndex(other => Id(other) == Id(document));
        if (at < 0)
        {
            all.Add(document);
        }
        else
        {
            all[at] = document;
        }

        return Into(bar, all);
    }

    /// <summary>The bar without the document with this id.</summary>
    public BarDocument Without(BarDocument bar, string id) =>
        Into(bar, [.. From(bar).Where(document => Id(document) != id)]);

    /// <inheritdoc/>
    public override IReadOnlyList<string> IdsIn(BarDocument bar) =>
        [.. From(bar).Select(document => Id(document)?.Trim() ?? "")];

    /// <inheritdoc/>
    public override string? NameIn(BarDocument bar, int index) =>
        From(bar).ElementAtOrDefault(index) is { } document ? Called(document) : null;

    /// <inheritdoc/>
    public override Func<BarNeeds, bool> Need(BarDocument bar, string id)
    {
        var found = From(bar).Where(document => Id(document) == id).ToList();
        return needs => found.Exists(document => IsUsed(document, needs));
    }

    /// <inheritdoc/>
    public override BarDocument Keep(BarDocument bar, BarNeeds needs) =>
        IsKeptWhole ? bar : Into(bar, [.. From(bar).Where(document => IsUsed(document, needs))]);
}

/// <summary>A sort of fact with its document and what that comes to.</summary>
/// <typeparam name="TDocument">The document's type.</typeparam>
/// <typeparam name="TMeasured">What its measurements come to.</typeparam>
public sealed class BarKind<TDocument, TMeasured> : BarKind<TDocument>
    where TDocument : class
    where TMeasured : class
{
    /// <summary>What a document's measurements come to, even while it is half entered; null when nothing can be said
    /// yet.</summary>
    public required Func<TDocument, Bench, TMeasured?> Measure { get; init; }

    /// <inheritdoc/>
    public override void Accept(IBarKindVisitor visitor) => visitor.Visit(this);
}
